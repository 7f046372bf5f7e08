import '@fontsource-variable/archivo/wdth.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import { createApp } from 'vue';
import App from './App.vue';
import './base.css';
import { router } from './router';

createApp(App).use(router).mount('#app');
