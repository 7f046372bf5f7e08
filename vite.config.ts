import vue from '@vitejs/plugin-vue';
import { fileURLToPath } from 'node:url';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vite';

// The page is a static file that nginx hands out; only /api goes to PHP. So it loads without PHP, too.
export default defineConfig({
    root: 'resources/js',
    base: '/app/',
    plugins: [
        vue(),
        VitePWA({
            registerType: 'autoUpdate',
            injectRegister: false,
            // The worker lies under /app/, but the page's addresses begin at /: nginx allows it the wider scope.
            scope: '/',
            workbox: {
                globPatterns: ['**/*.{js,css,html,svg,woff2}'],
                navigateFallback: '/app/index.html',
                navigateFallbackDenylist: [/^\/api\//],
                clientsClaim: true,
                skipWaiting: true,
            },
            manifest: {
                name: 'Pasada',
                short_name: 'Pasada',
                description: 'Scores the spoken pre-trip inspection of a commercial vehicle.',
                id: '/',
                start_url: '/',
                scope: '/',
                display: 'standalone',
                background_color: '#fbfaf5',
                theme_color: '#fbfaf5',
                icons: [{ src: '/app/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
            },
        }),
    ],
    resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
    build: {
        outDir: '../../public/app',
        emptyOutDir: true,
        // The charts come in a chunk of their own, after the page; everything else is checked against 350 kB.
        chunkSizeWarningLimit: 700,
    },
});
