<template>
    <ol class="chosen" :aria-label="guessed > 0 ? `Chosen pictures, the ${guessed} with a guessed focal point first` : 'Chosen pictures'">
        <li v-for="picture in sorted" :key="picture.id">
            <button
                type="button"
                :aria-current="picture.id === at ? 'true' : undefined"
                :aria-label="nameOf(picture)"
                :title="nameOf(picture)"
                @click="emit('go', picture.id)"
            >
                <img v-if="picture.thumbnail" :src="picture.thumbnail" alt="" loading="lazy" draggable="false" />
                <span v-if="!picture.focal_sure" class="guess" aria-hidden="true">?</span>
            </button>
        </li>
    </ol>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { ChosenPicture } from './chosen';

/** @prop at the one that is tidied */
const props = defineProps<{ chosen: ChosenPicture[]; at: string }>();
const emit = defineEmits<{ go: [id: string] }>();
const guessed = computed(() => props.chosen.filter(({ focal_sure: sure }) => !sure).length);
/** Those first that somebody should look at. */
const sorted = computed(() => [...props.chosen].sort((one, other) => Number(one.focal_sure) - Number(other.focal_sure)));

function nameOf({ title, name, focal_sure: sure }: ChosenPicture): string {
    return `${title || name}${sure ? '' : ', focal point guessed'}`;
}
</script>

<style scoped>
.chosen {
    flex: none;
    display: flex;
    gap: 6px;
    margin: 0;
    padding: 2px;
    overflow-x: auto;
    list-style: none;
}

button {
    position: relative;
    display: block;
    width: 48px;
    height: 48px;
    padding: 0;
    border: 2px solid transparent;
    background: var(--z2);
    cursor: pointer;
}

button[aria-current] {
    border-color: var(--ink);
}

img {
    width: 100%;
    height: 100%;
    object-fit: cover;
}

.guess {
    position: absolute;
    right: 0;
    bottom: 0;
    width: 18px;
    background: var(--z0);
    font-weight: 600;
    line-height: 18px;
}
</style>
