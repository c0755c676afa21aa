import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

export default defineConfig({
    plugins: [laravel({ input: ['resources/css/app.scss', 'resources/js/begin.js'] })],
    build: { target: 'es2022' },
    css: {
        preprocessorOptions: {
            // Bootstrap 5.3 still uses Sass features that newer compilers warn about.
            scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions'] },
        },
    },
});
