<template>
    <span class="miniature" :style="{ aspectRatio: `${miniature.width} / ${miniature.height}` }" aria-hidden="true">
        <span v-if="miniature.tiles.length === 0" class="empty">No pictures yet</span>
        <span v-for="(tile, index) in miniature.tiles" :key="index" class="tile" :style="place(tile)">
            <img v-if="tile.src" :src="tile.src" alt="" loading="lazy" :style="{ objectFit: tile.fit, objectPosition: `${tile.at[0]}% ${tile.at[1]}%` }" />
        </span>
    </span>
</template>

<script setup lang="ts">
import type { Miniature, MiniatureTile } from '../api/types';

const props = defineProps<{ miniature: Miniature }>();

/** The places come from PHP, in px of the miniature; here they only become shares of it. */
function place(tile: MiniatureTile): Record<string, string> {
    const { width, height } = props.miniature;
    return {
        left: `${(100 * tile.left) / width}%`,
        top: `${(100 * tile.top) / height}%`,
        width: `${(100 * tile.width) / width}%`,
        height: `${(100 * tile.height) / height}%`,
    };
}
</script>

<style scoped>
.miniature {
    position: relative;
    display: block;
    margin: 8px 8px 0;
    overflow: hidden;
    background: #fff;
}

.tile {
    position: absolute;
    background: var(--z2);
}

img {
    display: block;
    width: 100%;
    height: 100%;
}

.empty {
    display: grid;
    place-items: center;
    height: 100%;
    color: var(--z5);
}
</style>
