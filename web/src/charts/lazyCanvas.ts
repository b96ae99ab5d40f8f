import { defineAsyncComponent } from 'vue';
import type ChartCanvas from './ChartCanvas.vue';
import type PictureCanvas from './PictureCanvas.vue';

/** The canvas with its chart library, which comes after the page's own words. */
export const LazyCanvas = defineAsyncComponent<typeof ChartCanvas>(() => import('./ChartCanvas.vue'));
export const LazyPicture = defineAsyncComponent<typeof PictureCanvas>(() => import('./PictureCanvas.vue'));
