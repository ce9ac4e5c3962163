<template>
    <span class="place" :style="{ aspectRatio: `${places.width} / ${height}` }" aria-hidden="true">
        <span
            v-for="{ tile, isMarked, id } in seen"
            :key="id"
            class="tile"
            :class="{ marked: isMarked, dim: marked.length > 0 && !isMarked }"
            :style="spot(tile)"
        >
            <img v-if="tile.src" :src="tile.src" alt="" loading="lazy" :style="{ objectFit: tile.fit, objectPosition: `${tile.at[0]}% ${tile.at[1]}%` }" />
        </span>
    </span>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { MiniatureTile, SnagPlaces } from '../api/types';

/**
 * A gallery drawn small where something is amiss. The places come from PHP, in px; here they only become shares of what is seen.
 *
 * @prop marked the items that are meant
 * @prop tall heights of what is seen for each of its widths; the whole where it is less
 */
const props = withDefaults(defineProps<{ places: SnagPlaces; marked?: readonly string[]; tall?: number }>(), { marked: () => [], tall: 0.62 });

const height = computed(() => Math.min(props.places.height, Math.round(props.places.width * props.tall)));
const top = computed(() => {
    const first = props.places.tiles[props.places.items.findIndex((id) => props.marked.includes(id))];
    const middle = first ? first.top + first.height / 2 - height.value / 2 : 0;
    return Math.max(0, Math.min(middle, props.places.height - height.value));
});
const seen = computed(() =>
    props.places.tiles
        .map((tile, index) => ({ tile, id: props.places.items[index] ?? '', isMarked: props.marked.includes(props.places.items[index] ?? '') }))
        .filter(({ tile }) => tile.top + tile.height > top.value && tile.top < top.value + height.value),
);

function spot(tile: MiniatureTile): Record<string, string> {
    return {
        left: `${(100 * tile.left) / props.places.width}%`,
        top: `${(100 * (tile.top - top.value)) / height.value}%`,
        width: `${(100 * tile.width) / props.places.width}%`,
        height: `${(100 * tile.height) / height.value}%`,
    };
}
</script>

<style scoped>
.place {
    position: relative;
    display: block;
    width: 100%;
    overflow: hidden;
    background: #fff;
}

.tile {
    position: absolute;
    background: var(--z2);
}

.dim {
    opacity: 0.45;
}

.marked {
    outline: 3px solid var(--rust);
    outline-offset: -1px;
    z-index: 1;
}

img {
    display: block;
    width: 100%;
    height: 100%;
}
</style>
