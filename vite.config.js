import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

export default defineConfig({
    plugins: [laravel({ input: ['resources/css/app.scss', 'resources/js/app.js', 'resources/js/session.js'], refresh: false })],
    // the content security policy knows no data: scripts or fonts
    build: { assetsInlineLimit: 0 },
    css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } } },
});
