import { refAutoReset } from '@vueuse/core';

const SHOWN_MS = 8000;

/** What was just saved as a file; null after a while. */
export const savedAs = refAutoReset<string | null>(null, SHOWN_MS);
