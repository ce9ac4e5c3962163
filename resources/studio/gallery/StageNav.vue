<template>
    <nav class="stages" aria-label="Stages">
        <RouterLink
            v-for="stage in stages"
            :key="stage.name"
            :to="{ name: stage.name, params: { id: gallery.id } }"
            :class="{ 'router-link-active': stage.name === 'pages' && route.name === 'elsewhere' }"
        >
            <b>{{ stage.label }}</b>
            <span>{{ stage.state }}</span>
        </RouterLink>
        <span class="grow" />
        <RouterLink class="aside" :class="{ snags: count > 0 }" :to="{ name: 'snags', params: { id: gallery.id } }"
            ><span>{{ found === undefined ? 'Snags' : count === 0 ? 'No snags' : countOf(count) }}</span></RouterLink
        >
        <RouterLink class="aside" :to="{ name: 'history', params: { id: gallery.id } }"><span>History</span></RouterLink>
        <Hint says="What keys do (?)">
            <ElButton class="keys" aria-label="What keys do" @click="emit('keys')">?</ElButton>
        </Hint>
    </nav>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import type { Gallery } from '../api/types';
import Hint from '../shared/Hint.vue';
import { countOf } from '../snags/snags';
import { useSnags } from '../snags/use-snags';

const props = defineProps<{ gallery: Gallery }>();
const emit = defineEmits<{ keys: [] }>();

const route = useRoute();
const { found } = useSnags(() => props.gallery);
const count = computed(() => found.value?.snags.length ?? 0);

const stages = computed(() => {
    const { items, panes } = props.gallery;
    const pictures = items.filter(({ kind }) => kind !== 'text');
    const hidden = items.filter((item) => item.hidden).length;
    const described = pictures.filter(({ words }) => words.decorative || words.alt !== '').length;
    const pages = new Set(panes.map((pane) => pane.page_id)).size;
    return [
        { name: 'pictures', label: 'Pictures', state: items.length === 0 ? 'none yet' : `${items.length}${hidden > 0 ? `, ${hidden} hidden` : ''}` },
        { name: 'words', label: 'Words', state: pictures.length === 0 ? 'nothing to describe' : `${described} of ${pictures.length} described` },
        { name: 'layout', label: 'Layout', state: props.gallery.layout_label },
        { name: 'finish', label: 'Finish', state: props.gallery.finish_label },
        { name: 'viewer', label: 'Viewer', state: props.gallery.viewer_label },
        { name: 'pages', label: 'Pages', state: pages === 0 ? 'on no page yet' : pages === 1 ? 'on 1 page' : `on ${pages} pages` },
    ];
});
</script>

<style scoped>
.stages {
    display: flex;
    height: 48px;
    padding: 0 8px;
    border-bottom: 2px solid var(--z4);
    background: var(--z0);
}

a {
    position: relative;
    display: flex;
    flex-direction: column;
    justify-content: center;
    margin-bottom: -2px;
    padding: 2px 20px 0;
    border-bottom: 3px solid transparent;
    color: var(--z7);
    line-height: 1.25;
    text-decoration: none;
}

a:focus-visible {
    outline-offset: -4px;
}

a:hover:not(.router-link-active) {
    background: var(--z1);
}

a.router-link-active {
    border-color: var(--verd);
    background: linear-gradient(var(--z0), var(--verd-tint));
}

a + a::before {
    content: '';
    position: absolute;
    left: 0;
    top: 10px;
    bottom: 10px;
    width: 1px;
    background: var(--z3);
}

b {
    font-weight: 600;
}

.grow {
    flex: 1;
}

.aside {
    padding-inline: 12px;
}

.snags > span {
    color: var(--rust);
    font-weight: 600;
}

.keys {
    align-self: center;
    width: 32px;
    margin-inline-end: 8px;
}

a > span {
    font-size: 12px;
    color: var(--z5);
    font-variant-numeric: tabular-nums;
}

@media (width < 700px) {
    .stages {
        padding: 0;
        overflow-x: auto;
    }

    a {
        flex: 1 0 auto;
        margin-bottom: 0;
        padding-inline: 3px;
        text-align: center;
    }

    b,
    .aside > span {
        font-size: 12px;
    }

    .grow {
        display: none;
    }

    .keys {
        flex: none;
        margin-inline: 3px;
    }

    /* As wide as the name above it, whatever it says. */
    b + span {
        width: 0;
        min-width: 100%;
        overflow: hidden;
        text-overflow: ellipsis;
        white-space: nowrap;
    }
}
</style>
