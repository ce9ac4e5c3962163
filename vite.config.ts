import vue from '@vitejs/plugin-vue';
import laravel from 'laravel-vite-plugin';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import Components from 'unplugin-vue-components/vite';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/studio/main.ts'] }), vue(), Components({ dirs: [], resolvers: [ElementPlusResolver()], dts: 'components.d.ts' })],
});
