import { defineAsyncComponent } from 'vue';
import type ChartCanvas from './ChartCanvas.vue';

/** The canvas with its chart library, which comes after the page's own words. */
export const LazyCanvas = defineAsyncComponent<typeof ChartCanvas>(() => import('./ChartCanvas.vue'));
