import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import './theme/fonts';
import './theme/base.css';
import './theme/print.css';
import './theme/thumb.css';
import { keepAppForOffline } from './offline/appUpdate';
import { tokensAsCss } from './theme/tokens';

document.head.appendChild(document.createElement('style')).textContent = tokensAsCss();

createApp(App).use(createPinia()).use(router).mount('#app');
keepAppForOffline();
