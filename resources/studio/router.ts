import { createRouter, createWebHistory } from 'vue-router';
import { api } from './api/client';
import { loadVocabulary } from './api/vocabulary';
import type { Session } from './api/types';

declare module 'vue-router' {
    interface RouteMeta {
        title?: string;
        /** Anyone may see it. */
        open?: boolean;
    }
}

export const router = createRouter({
    history: createWebHistory('/studio'),
    routes: [
        { path: '/', redirect: { name: 'galleries' } },
        { path: '/sign-in', name: 'sign-in', component: () => import('./sign-in/SignIn.vue'), meta: { title: 'Sign in', open: true } },
        { path: '/invitation', name: 'invitation', component: () => import('./sign-in/InvitationScreen.vue'), meta: { title: 'Invitation', open: true } },
        { path: '/account', name: 'account', component: () => import('./account/AccountScreen.vue'), meta: { title: 'Your account' } },
        { path: '/people', name: 'people', component: () => import('./people/PeopleScreen.vue'), meta: { title: 'People' } },
        { path: '/security', name: 'security', component: () => import('./people/SecurityScreen.vue'), meta: { title: 'Security log' } },
        { path: '/galleries', name: 'galleries', component: () => import('./galleries/GalleriesScreen.vue'), meta: { title: 'Galleries' } },
        {
            path: '/galleries/:id',
            component: () => import('./gallery/GalleryScreen.vue'),
            props: true,
            redirect: (to) => ({ name: 'pictures', params: to.params }),
            children: [
                { path: 'pictures', name: 'pictures', component: () => import('./pictures/PicturesStage.vue'), props: true, meta: { title: 'Pictures' } },
                { path: 'words', name: 'words', component: () => import('./words/WordsStage.vue'), props: true, meta: { title: 'Words' } },
                { path: 'layout', name: 'layout', component: () => import('./layout/LayoutStage.vue'), props: true, meta: { title: 'Layout' } },
                { path: 'finish', name: 'finish', component: () => import('./finish/FinishStage.vue'), props: true, meta: { title: 'Finish' } },
                { path: 'viewer', name: 'viewer', component: () => import('./viewer/ViewerStage.vue'), props: true, meta: { title: 'Viewer' } },
                { path: 'snags', name: 'snags', component: () => import('./snags/SnagsStage.vue'), props: true, meta: { title: 'Snags' } },
                { path: 'history', name: 'history', component: () => import('./gallery/HistoryStage.vue'), props: true, meta: { title: 'History' } },
                {
                    path: 'elsewhere',
                    name: 'elsewhere',
                    component: () => import('./elsewhere/ElsewhereStage.vue'),
                    props: true,
                    meta: { title: 'On other sites' },
                },
                { path: 'pages', name: 'pages', component: () => import('./pages/PagesStage.vue'), props: true, meta: { title: 'Pages' } },
            ],
        },
        { path: '/site', name: 'site', component: () => import('./site/SiteScreen.vue'), meta: { title: 'Site' } },
        { path: '/pictures', name: 'store', component: () => import('./store/StoreScreen.vue'), meta: { title: 'Pictures' } },
        { path: '/:rest(.*)*', redirect: { name: 'galleries' } },
    ],
});

// Asked once; when the session ends later, the first refusal of the API leads to the same door.
let isKnown = false;

router.beforeEach(async (to) => {
    if (to.meta.open === true || isKnown) return true;
    const { user } = await api.get<Session>('session');
    isKnown = user !== null;
    if (isKnown) await loadVocabulary();
    return isKnown || { name: 'sign-in' };
});

router.afterEach((to) => {
    document.title = `${to.meta.title ?? 'Studio'} · Zinc Pane`;
});
