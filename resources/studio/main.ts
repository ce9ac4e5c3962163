import '@fontsource-variable/archivo/wdth.css';
import 'element-plus/theme-chalk/base.css';
import './styles/tokens.css';
import './styles/element.css';
import './styles/base.css';
import { QueryCache, QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { Problem } from './api/client';
import App from './App.vue';
import { router } from './router';

const NOT_SIGNED_IN = 401;

const queryClient = new QueryClient({
    queryCache: new QueryCache({
        onError: (error) => {
            if (error instanceof Problem && error.status === NOT_SIGNED_IN) void router.push({ name: 'sign-in' });
        },
    }),
    defaultOptions: { queries: { retry: false, refetchOnWindowFocus: true, staleTime: 2000 } },
});

createApp(App).use(createPinia()).use(router).use(VueQueryPlugin, { queryClient }).mount('#studio');
