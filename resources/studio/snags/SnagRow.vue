<template>
    <li class="snag">
        <RouterLink class="shown" :to="placeOf(gallery.id, snag)" tabindex="-1" aria-hidden="true">
            <SnagPlace
                v-if="places"
                :class="{ narrow: snag.on_phone }"
                :places="snag.on_phone ? places.phone : places.wide"
                :marked="snag.items"
                :tall="snag.on_phone ? 1.2 : 0.62"
            />
        </RouterLink>
        <div class="told">
            <h4 ref="heading" tabindex="-1">{{ snag.says }}</h4>
            <SnagPictures v-if="snag.items.length > 0" :gallery="gallery" :snag="snag" />
            <div class="acts">
                <RouterLink class="go" :to="placeOf(gallery.id, snag, snag.items[0])"
                    >Go there<span class="unseen">: {{ snag.kind }}</span></RouterLink
                >
                <ElButton v-for="mend in snag.mends" :key="mend.label" :aria-expanded="open === mend.label" :disabled="busy" @click="look(mend)">{{
                    mend.label
                }}</ElButton>
                <ElButton class="quiet" :aria-expanded="open === MEANT" @click="open = open === MEANT ? null : MEANT"
                    >This is meant<span class="unseen">: {{ snag.kind }}</span></ElButton
                >
            </div>
            <MendLook
                v-if="looked?.change"
                :gallery="gallery.id"
                :version="gallery.version"
                :label="looked.label"
                :change="looked.change"
                @take="emit('mend', looked)"
                @leave="leave"
            />
            <form v-if="open === MEANT" class="meant" @submit.prevent="emit('mean', word)" @keydown.esc="leave">
                <ElInput
                    ref="field"
                    v-model="word"
                    :maxlength="longest.snag_word"
                    aria-label="Why is it meant?"
                    placeholder="Why? “The row ends with the winner.”"
                />
                <ElButton native-type="submit" type="primary" :disabled="word.trim() === ''">Keep it so</ElButton>
            </form>
        </div>
    </li>
</template>

<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import type { Gallery, Mend, Snag, SnagList } from '../api/types';
import MendLook from './MendLook.vue';
import SnagPictures from './SnagPictures.vue';
import SnagPlace from './SnagPlace.vue';
import { placeOf } from './snags';

/** One thing that is amiss: where it is, what would mend it, and that it is meant. */
const MEANT = '';

const props = defineProps<{ gallery: Gallery; snag: Snag; places: SnagList['places']; busy: boolean }>();
const emit = defineEmits<{ mend: [mend: Mend]; mean: [word: string] }>();
const { longest } = useVocabulary();
const open = ref<string | null>(null);
const word = ref('');
const field = ref<{ focus: () => void }>();
const heading = ref<HTMLElement>();
const looked = computed(() => props.snag.mends.find(({ label }) => label === open.value));

watch(open, async (what) => {
    await nextTick();
    if (what === MEANT) field.value?.focus();
});

/** A change of the gallery is looked at first; an entry in the menu says all by its name. */
function look(mend: Mend): void {
    if (mend.change === null) emit('mend', mend);
    else open.value = open.value === mend.label ? null : mend.label;
}

function leave(): void {
    open.value = null;
    heading.value?.focus();
}

defineExpose({ focus: () => heading.value?.focus() });
</script>

<style scoped>
.snag {
    display: grid;
    grid-template-columns: 190px minmax(0, 1fr);
    gap: 18px;
    padding: 16px 18px;
    border: 1px solid var(--z3);
    border-left: 3px solid var(--rust);
    background: var(--z0);
}

.shown {
    display: block;
    align-self: start;
    border: 1px solid var(--z3);
    background: var(--z1);
}

.narrow {
    width: 58%;
    margin: 0 auto;
}

.told {
    display: grid;
    gap: 10px;
    align-content: start;
}

h4 {
    margin: 0;
    font-size: 14px;
    font-weight: 600;
    outline-offset: 3px;
}

.acts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 8px;
}

.acts .el-button {
    margin: 0;
}

.go {
    margin-inline-end: 6px;
}

.meant {
    display: flex;
    gap: 8px;
    max-width: 560px;
}

@media (width < 600px) {
    .snag {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
