<template>
    <section ref="home" class="editor" aria-label="Tidy the picture" tabindex="-1" @keydown="onKey" @keyup="onKeyUp">
        <div class="mat">
            <CropBox
                v-if="picture && shown"
                :src="comparing ? before : shown"
                :alt="picture.words.alt || picture.words.title || picture.name"
                :crop="draft.crop"
                :ratio="ratioInShares"
                :focal="draft.focal"
                :plain="comparing"
                @crop="draft.crop = $event"
                @focal="moveFocal"
                @shape="drawn = $event"
            />
            <p v-else class="note" role="status">Fetching the picture…</p>
        </div>
        <aside class="panel" aria-label="Tidying">
            <header>
                <h2>{{ picture?.words.title || picture?.name }}</h2>
                <span class="note" role="status">{{ STATES[state] }}</span>
            </header>
            <ChosenStrip v-if="chosen.length > 1" :chosen="chosen" :at="pictureId" @go="emit('go', $event)" />
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
            <!-- What was done before it is known what is kept would be lost. -->
            <template v-if="picture">
                <div class="row">
                    <ElButton ref="first" @click="turn(-1)">Turn left</ElButton>
                    <ElButton @click="turn(1)">Turn right</ElButton>
                </div>
                <NumberControl
                    :model-value="draft.straighten"
                    label="Straighten"
                    unit="°"
                    :least="-tidying.steepest"
                    :most="tidying.steepest"
                    :step="0.1"
                    @input="draft.straighten = $event"
                />
                <ElCheckbox v-model="draft.free">Keep as much as can be, whatever its shape</ElCheckbox>
                <SegmentChoice v-model="ratio" label="Crop to" :columns="4" :options="RATIOS" />
                <NumberControl
                    :model-value="draft.brightness"
                    label="Brightness"
                    :least="-tidying.light"
                    :most="tidying.light"
                    @input="draft.brightness = $event"
                />
                <NumberControl :model-value="draft.contrast" label="Contrast" :least="-tidying.light" :most="tidying.light" @input="draft.contrast = $event" />
                <ElCheckbox v-model="draft.words">Published files keep creator, rights and licence</ElCheckbox>
                <div class="focal">
                    <p>
                        Focal point
                        {{
                            picture.focal_by === 'person'
                                ? 'as you set it'
                                : picture.focal_sure === false
                                  ? 'guessed: look whether it is right'
                                  : 'found by itself'
                        }}
                    </p>
                    <ElButton @click="moveFocal(null)">Find it</ElButton>
                </div>
                <figure>
                    <img :src="outcome" alt="The outcome" />
                </figure>
                <div class="row">
                    <ElButton :aria-pressed="comparing" @pointerdown="comparing = true" @pointerup="comparing = false" @pointerleave="comparing = false">
                        Hold for before (B)
                    </ElButton>
                    <ElButton @click="reset">Reset</ElButton>
                </div>
                <ElButton v-if="others.length > 0" :disabled="changed === ''" @click="applyToOthers">
                    {{ applied ? `Applied to ${others.length} more` : `Apply ${changed || 'it'} to the ${others.length} chosen beside it` }}
                </ElButton>
            </template>
            <ElButton class="done" type="info" @click="close">Done</ElButton>
        </aside>
    </section>
</template>

<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { useVocabulary } from '../api/vocabulary';
import { announce } from '../shared/announce';
import NumberControl from '../shared/NumberControl.vue';
import ProblemNote from '../shared/ProblemNote.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';
import type { ChosenPicture } from './chosen';
import ChosenStrip from './ChosenStrip.vue';
import CropBox from './CropBox.vue';
import { ofRatio, WHOLE } from './crop';
import { useTidy } from './use-tidy';

const RATIOS = [
    { value: 'free', label: 'Freely' },
    { value: 'own', label: 'Its own' },
    { value: '1', label: '1:1' },
    { value: '1.3333', label: '4:3' },
    { value: '1.5', label: '3:2' },
    { value: '1.7778', label: '16:9' },
    { value: '0.6667', label: '2:3' },
    { value: '0.75', label: '3:4' },
] as const;

const STATES = { saved: 'Saved', waiting: 'Not saved yet', saving: 'Saving…' } as const;

/**
 * @prop gallery whose act it is; null in the store
 * @prop chosen among which one goes from one to the next
 */
const props = withDefaults(defineProps<{ pictureId: string; gallery: string | null; others: string[]; chosen?: ChosenPicture[] }>(), { chosen: () => [] });
const emit = defineEmits<{ close: []; go: [id: string] }>();
const { picture, draft, shown, outcome, before, state, problem, moveFocal, reset: resetAll, touched, applyTo } = useTidy(props.pictureId, props.gallery);
const ratio = ref<(typeof RATIOS)[number]['value']>('free');
/** Width over height of what the server drew; rounded to whole px. */
const drawn = ref(1.5);
/** Width over height of the picture as it is shown, without the crop; straightening keeps it, unless it may be any. */
const shape = computed(() => {
    const [width, height] = picture.value?.original ?? [3, 2];
    if (draft.free && draft.straighten !== 0) return drawn.value;
    return draft.turn % 2 === 0 ? width / height : height / width;
});
const comparing = ref(false);
const applied = ref(false);
const home = ref<HTMLElement>();
const first = ref<{ $el: HTMLElement }>();
/** In words, what was changed here and would be applied to others. */
const changed = computed(() => Object.keys(touched.value).join(' and '));
const { tidying } = useVocabulary();

const ratioInShares = computed(() => (ratio.value === 'free' ? null : ratio.value === 'own' ? 1 : Number(ratio.value) / shape.value));

watch([ratio, shape], () => {
    if (ratioInShares.value !== null) draft.crop = ofRatio(ratioInShares.value, draft.crop);
});

onMounted(() => (first.value?.$el ?? home.value)?.focus());
watch(
    picture,
    () => {
        if (document.activeElement === home.value) first.value?.$el.focus();
    },
    { flush: 'post' },
);

/** The crop turns with the picture, and so does the focal point. */
function turn(by: 1 | -1): void {
    const { left, top, width, height } = draft.crop;
    const [x, y] = draft.focal;
    draft.turn = (draft.turn + by + 4) % 4;
    draft.crop =
        by === 1 ? { left: 1 - top - height, top: left, width: height, height: width } : { left: top, top: 1 - left - width, width: height, height: width };
    draft.focal = by === 1 ? [1 - y, x] : [y, 1 - x];
}

function reset(): void {
    ratio.value = 'free';
    resetAll();
    draft.crop = { ...WHOLE };
}

watch(changed, () => (applied.value = false));

async function applyToOthers(): Promise<void> {
    applied.value = await applyTo(props.others);
    if (applied.value) announce(`Applied to ${props.others.length} more.`);
}

function close(): void {
    emit('close');
}

function onKey(event: KeyboardEvent): void {
    if (event.key === 'Escape') close();
    else if (event.key.toLowerCase() === 'b' && !(event.target instanceof HTMLInputElement && event.target.type === 'text')) comparing.value = true;
}

function onKeyUp(event: KeyboardEvent): void {
    if (event.key.toLowerCase() === 'b') comparing.value = false;
}
</script>

<style scoped>
.editor {
    position: absolute;
    z-index: 25;
    inset: 0;
    display: grid;
    grid-template-columns: minmax(0, 1fr) 336px;
    background: var(--mat);
    outline: none;
}

.mat {
    display: grid;
    place-items: center;
    min-height: 0;
    padding: 18px;
    overflow: hidden;
    background: var(--z6);
}

.mat .note {
    color: #fff;
}

.panel {
    display: flex;
    flex-direction: column;
    gap: 12px;
    padding: 14px 16px;
    border-left: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}

header {
    display: flex;
    justify-content: space-between;
    gap: 12px;
}

h2 {
    overflow-wrap: anywhere;
}

.row {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
}

.focal {
    display: flex;
    align-items: center;
    justify-content: space-between;
    font-size: 13px;
}

figure {
    min-height: 110px;
    max-height: 160px;
    flex: 1;
    background: var(--mat);
}

img {
    width: 100%;
    height: 100%;
    object-fit: contain;
}

.panel > .el-button,
.row > .el-button {
    flex: none;
    margin: 0;
}

/* Where it is once all controls are there: what is pressed is what one saw. */
.panel > .done {
    margin-top: auto;
}

@media (width < 900px) {
    .editor {
        position: fixed;
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: 44vh minmax(0, 1fr);
    }

    .panel {
        border-top: 2px solid var(--z4);
        border-left: 0;
    }
}
</style>
