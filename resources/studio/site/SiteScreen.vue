<template>
    <div class="site">
        <TopBar>
            <span class="grow" />
            <span v-if="said" class="said" role="status">{{ said }}</span>
            <Hint :says="site?.undo ? `Undo: ${site.undo.says}` : 'Nothing to undo'">
                <ElButton
                    class="quiet icon"
                    :icon="RefreshLeft"
                    :disabled="!site?.undo"
                    :aria-label="site?.undo ? `Undo: ${site.undo.says}` : 'Undo'"
                    @click="shared.undo()"
                />
            </Hint>
            <Hint :says="site?.redo ? `Redo: ${site.redo.says}` : 'Nothing to do again'">
                <ElButton
                    class="quiet icon"
                    :icon="RefreshRight"
                    :disabled="!site?.redo"
                    :aria-label="site?.redo ? `Redo: ${site.redo.says}` : 'Redo'"
                    @click="shared.redo()"
                />
            </Hint>
            <AccountMenu />
        </TopBar>
        <nav class="views" aria-label="Parts of the site">
            <RouterLink
                v-for="one in VIEWS"
                :key="one.view"
                :to="{ name: 'site', query: one.view === 'pages' ? {} : { view: one.view } }"
                :class="{ on: view === one.view }"
                :aria-current="view === one.view ? 'page' : undefined"
            >
                <b>{{ one.label }}</b>
                <span>{{ notes[one.view] }}</span>
            </RouterLink>
        </nav>
        <main>
            <h1 class="unseen">Site: {{ VIEWS.find((one) => one.view === view)?.label }}</h1>
            <SitePages v-if="view === 'pages'" :shared="shared" />
            <NotLive v-else-if="view === 'not-live'" :shared="shared" />
            <SiteElsewhere v-else-if="view === 'elsewhere'" />
            <CommentsView v-else-if="view === 'comments'" :pages="shared.pages.value" />
            <SiteHistory v-else :shared="shared" />
        </main>
    </div>
</template>

<script setup lang="ts">
import { RefreshLeft, RefreshRight } from '@element-plus/icons-vue';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import AccountMenu from '../shared/AccountMenu.vue';
import Hint from '../shared/Hint.vue';
import TopBar from '../shared/TopBar.vue';
import CommentsView from './CommentsView.vue';
import NotLive from './NotLive.vue';
import SiteElsewhere from './SiteElsewhere.vue';
import SiteHistory from './SiteHistory.vue';
import SitePages from './SitePages.vue';
import { useSite } from './use-site';

const VIEWS = [
    { view: 'pages', label: 'Pages' },
    { view: 'not-live', label: 'Not live' },
    { view: 'comments', label: 'Comments' },
    { view: 'elsewhere', label: 'Elsewhere' },
    { view: 'history', label: 'History' },
] as const;

const route = useRoute();
const shared = useSite();
const site = shared.site;
const view = computed(() => VIEWS.find((one) => one.view === route.query['view'])?.view ?? 'pages');
const said = computed(() => (shared.busy.value ? 'Saving …' : ''));
const notes = computed(() => {
    const pages = shared.pages.value;
    const lost = pages.filter(({ lost }) => lost).length;
    const waiting =
        (site.value?.galleries.filter(({ changes, stands }) => stands && changes.length > 0).length ?? 0) +
        pages.filter(({ changes }) => changes.length > 0).length +
        (site.value?.gone.length ?? 0);
    const comments = site.value?.comments ?? 0;
    return {
        pages: lost > 0 ? `${pages.length}, ${lost} in no menu` : String(pages.length),
        'not-live': waiting === 0 ? 'all is live' : String(waiting),
        comments: comments === 0 ? 'none waits' : `${comments} to look at`,
        elsewhere: 'who may embed',
        history: site.value?.undo?.says ?? 'nothing yet',
    };
});
</script>

<style scoped>
.site {
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr);
    height: calc(100vh - var(--tray, 0px));
}

.grow {
    flex: 1;
}

.said {
    font-size: 13px;
}

.icon {
    --el-button-disabled-bg-color: transparent;
    --el-button-disabled-border-color: #4a5860;
    --el-button-disabled-text-color: #6d7d86;
    width: 32px;
    margin: 0;
    padding: 0;
}

.views {
    display: flex;
    height: 48px;
    padding: 0 8px;
    border-bottom: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto hidden;
}

.views a {
    display: flex;
    flex-direction: column;
    justify-content: center;
    max-width: 260px;
    margin-bottom: -2px;
    padding: 2px 20px 0;
    border-bottom: 3px solid transparent;
    color: var(--z7);
    line-height: 1.25;
    text-decoration: none;
    white-space: nowrap;
}

.views a.on {
    border-color: var(--verd);
    background: linear-gradient(var(--z0), var(--verd-tint));
}

.views a:focus-visible {
    outline-offset: -4px;
}

.views span {
    overflow: hidden;
    font-size: 12px;
    color: var(--z5);
    text-overflow: ellipsis;
}

b {
    font-weight: 600;
}

main {
    min-height: 0;
    overflow: auto;
}

@media (width < 900px) {
    .site {
        height: auto;
        min-height: 100vh;
    }

    .views a {
        padding-inline: 10px;
    }
}
</style>
