import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

export default defineConfig({
    plugins: [laravel({ input: ['resources/css/app.scss', 'resources/js/app.js'] })],
    css: {
        preprocessorOptions: {
            // Bootstrap 5.3 still uses Sass features that newer compilers warn about.
            scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions'] },
        },
    },
});
