import vue from '@vitejs/plugin-vue';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

// The page is a static file that nginx hands out; only /api goes to PHP. So it loads without PHP, too.
export default defineConfig({
    root: 'resources/js',
    base: '/app/',
    plugins: [vue()],
    resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
    build: {
        outDir: '../../public/app',
        emptyOutDir: true,
        // The charts come in a chunk of their own, after the page; everything else is checked against 350 kB.
        chunkSizeWarningLimit: 700,
    },
});
