<template>
    <section class="clicks" aria-label="What each click does">
        <header>
            <b>What each click does</b>
            <template v-if="list.length > 0">
                <span class="count">{{ list.length === 1 ? '1 picture chosen' : `${list.length} pictures chosen` }}</span>
                <ElSelect
                    class="act"
                    size="small"
                    :model-value="common"
                    :aria-label="`A click on ${list.length === 1 ? 'it' : 'them'}`"
                    placeholder="various"
                    @update:model-value="emit('set', list, $event === RULE ? null : $event)"
                >
                    <ElOption :value="RULE" :label="`As the gallery: ${clicks?.rule ?? ''}`" />
                    <ElOption v-for="act in clicks?.acts ?? []" :key="act.value" :value="act.value" :label="act.label" />
                </ElSelect>
            </template>
            <p v-else>{{ hint }}</p>
        </header>
        <p v-if="pictures.length === 0" class="waits">{{ clicks ? 'No pictures yet.' : 'Looking …' }}</p>
        <div v-else ref="home" class="list" role="listbox" aria-label="Pictures and what their clicks do" aria-multiselectable="true" @keydown="press">
            <div
                v-for="(picture, place) in pictures"
                :key="picture.id"
                class="one"
                role="option"
                :class="{ on: chosen.has(picture.id) }"
                :aria-selected="chosen.has(picture.id)"
                :tabindex="place === standing ? 0 : -1"
                @click="choose(place, $event)"
                @focus="standing = place"
            >
                <img v-if="picture.src" :src="picture.src" alt="" loading="lazy" width="150" height="92" />
                <span v-else class="blank" aria-hidden="true">¶</span>
                <b>{{ picture.title }}</b>
                <span :class="{ own: picture.click, lacks: picture.lacks }">{{ picture.does }}</span>
            </div>
        </div>
    </section>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { clicksQuery } from '../api/queries';
import type { ClickAct, Gallery } from '../api/types';
import { useRovingKeys } from '../shared/use-roving-keys';
import { useSelection } from '../shared/use-selection';

/** Every picture with what a click on it does, and how to make it do something else. */
const props = defineProps<{ id: string; gallery: Gallery }>();
const emit = defineEmits<{ set: [items: string[], click: ClickAct | null] }>();

/** Stands for no exception. */
const RULE = 'rule';

const { data: clicks } = useQuery(computed(() => clicksQuery(props.id, props.gallery.version)));
const pictures = computed(() => clicks.value?.pictures ?? []);
const { chosen, list, pick, all, none } = useSelection(() => pictures.value.map(({ id }) => id));
const home = ref<HTMLElement>();
const standing = ref(0);
const { walk } = useRovingKeys({ home, things: '[role="option"]' });

/** What all that are chosen have in common; undefined where they differ. */
const common = computed(() => {
    const acts = new Set(pictures.value.filter(({ id }) => chosen.value.has(id)).map(({ click }) => click ?? RULE));
    return acts.size === 1 ? [...acts][0] : undefined;
});

const hint = computed(() => {
    const lacking = pictures.value.filter(({ lacks }) => lacks).length;
    if (lacking > 0) return `${lacking === 1 ? 'One picture has' : `${lacking} pictures have`} no address to lead to; give it in Words.`;
    return 'Choose one or several (Shift, Ctrl) to let a click on them do something else.';
});

function choose(place: number, keys: MouseEvent | KeyboardEvent): void {
    standing.value = place;
    const picture = pictures.value[place];
    if (picture) pick(picture.id, keys);
}

function press(event: KeyboardEvent): void {
    if (walk(event) !== null) {
        document.activeElement?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
        return;
    }
    if (event.key === ' ' || event.key === 'Enter') {
        event.preventDefault();
        // Space adds and takes away, as boxes to tick do.
        choose(standing.value, { shiftKey: event.shiftKey, ctrlKey: event.key === ' ', metaKey: false } as KeyboardEvent);
    } else if (event.key === 'a' && (event.ctrlKey || event.metaKey)) {
        event.preventDefault();
        all();
    } else if (event.key === 'Escape') none();
}
</script>

<style scoped>
.clicks {
    display: grid;
    grid-template-rows: 30px minmax(0, 1fr);
    gap: 8px;
    min-width: 0;
    padding: 8px 18px 10px;
    border-top: 2px solid var(--z4);
    background: var(--z1);
}

header {
    display: flex;
    gap: 14px;
    align-items: center;
    min-width: 0;
}

header p,
.count {
    margin: 0;
    font-size: 12px;
    color: var(--z6);
}

.act {
    width: 240px;
}

.waits {
    align-self: center;
    margin: 0;
    font-size: 13px;
    color: var(--z6);
}

.list {
    display: flex;
    gap: 10px;
    padding: 2px;
    overflow-x: auto;
    scrollbar-width: thin;
}

.one {
    display: flex;
    flex: none;
    flex-direction: column;
    gap: 1px;
    width: 150px;
    padding-bottom: 6px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    background: var(--z0);
    overflow: clip;
    cursor: pointer;
    content-visibility: auto;
    contain-intrinsic-size: 150px 140px;
}

.one:hover,
.one:focus-visible {
    border-color: var(--z5);
}

.on {
    border-color: var(--verd);
    box-shadow: inset 0 0 0 1px var(--verd);
}

.one img,
.blank {
    display: grid;
    place-items: center;
    width: 100%;
    height: 92px;
    object-fit: cover;
    background: var(--z2);
}

.one b,
.one span:last-child {
    padding: 0 7px;
    overflow: hidden;
    font-size: 13px;
    text-overflow: ellipsis;
    white-space: nowrap;
}

.one b {
    font-weight: 600;
}

.one span:last-child {
    display: -webkit-box;
    font-size: 12px;
    line-height: 1.3;
    color: var(--z6);
    white-space: normal;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
}

.one .own {
    font-weight: 600;
    color: var(--verd);
}

.one .lacks {
    font-weight: 600;
    color: var(--z8);
}
</style>
