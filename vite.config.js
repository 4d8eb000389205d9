import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/scss/app.scss', 'resources/js/app.js'], refresh: false })],
    build: {
        // No data: addresses for fonts and scripts (the content security policy forbids them); old builds stay for
        // pages that are still open.
        assetsInlineLimit: 0,
        emptyOutDir: false,
    },
    css: {
        preprocessorOptions: {
            scss: {
                quietDeps: true,
                silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
            },
        },
    },
});
