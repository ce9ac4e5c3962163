import '@fontsource-variable/archivo/wdth.css';
import 'element-plus/theme-chalk/base.css';
import './styles/tokens.css';
import './styles/element.css';
import './styles/base.css';
import { QueryCache, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { isSignedOut, Problem } from './api/client';
import { FreshClient } from './api/fresh-client';
import App from './App.vue';
import { useOutbox } from './outbox/use-outbox';
import { router } from './router';

const queryClient = new FreshClient({
    queryCache: new QueryCache({
        onError: (error) => {
            // In place: nobody is led away from what is on the screen.
            if (error instanceof Problem && isSignedOut(error)) useOutbox().signedOut = true;
        },
    }),
    defaultOptions: { queries: { retry: false, refetchOnWindowFocus: true, staleTime: 2000 } },
});

createApp(App).use(createPinia()).use(router).use(VueQueryPlugin, { queryClient }).mount('#studio');
