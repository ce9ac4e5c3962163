import { createRouter, createWebHistory } from 'vue-router';
import { api } from './api/client';
import type { Session } from './api/types';
import BenchScreen from './bench/BenchScreen.vue';
import GalleriesScreen from './galleries/GalleriesScreen.vue';
import LayoutStage from './layout/LayoutStage.vue';
import PagesStage from './pages/PagesStage.vue';
import PicturesStage from './pictures/PicturesStage.vue';
import SignIn from './sign-in/SignIn.vue';
import StoreScreen from './store/StoreScreen.vue';
import WordsStage from './words/WordsStage.vue';

declare module 'vue-router' {
    interface RouteMeta {
        title?: string;
    }
}

export const router = createRouter({
    history: createWebHistory('/studio'),
    routes: [
        { path: '/', redirect: { name: 'galleries' } },
        { path: '/sign-in', name: 'sign-in', component: SignIn, meta: { title: 'Sign in' } },
        { path: '/galleries', name: 'galleries', component: GalleriesScreen, meta: { title: 'Galleries' } },
        {
            path: '/galleries/:id',
            component: BenchScreen,
            props: true,
            redirect: (to) => ({ name: 'pictures', params: to.params }),
            children: [
                { path: 'pictures', name: 'pictures', component: PicturesStage, props: true, meta: { title: 'Pictures' } },
                { path: 'words', name: 'words', component: WordsStage, props: true, meta: { title: 'Words' } },
                { path: 'layout', name: 'layout', component: LayoutStage, props: true, meta: { title: 'Layout' } },
                { path: 'pages', name: 'pages', component: PagesStage, props: true, meta: { title: 'Pages' } },
            ],
        },
        { path: '/pictures', name: 'store', component: StoreScreen, meta: { title: 'Pictures' } },
        { path: '/:rest(.*)*', redirect: { name: 'galleries' } },
    ],
});

// Asked once; when the session ends later, the first refusal of the API leads to the same door.
let isKnown = false;

router.beforeEach(async (to) => {
    if (to.name === 'sign-in' || isKnown) return true;
    const { user } = await api.get<Session>('session');
    isKnown = user !== null;
    return isKnown || { name: 'sign-in' };
});

router.afterEach((to) => {
    document.title = `${to.meta.title ?? 'Studio'} · Zinc Pane`;
});
