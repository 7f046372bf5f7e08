import { createApp } from 'vue';
import App from './App.vue';
import './tokens.css';
import './base.css';
import { router } from './router';

// The page and its parts are kept by the browser, so that it opens without network after the first visit.
if ('serviceWorker' in navigator) {
    void navigator.serviceWorker.register('/app/sw.js', { scope: '/' }).catch(() => undefined);
}

createApp(App).use(router).mount('#app');

// They weigh more than the page: on a slow line the page is there first, in the device's own letters.
void router.isReady().then(() => import('./fonts'));
