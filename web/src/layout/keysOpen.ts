import { ref } from 'vue';

/** Whether the list of keys is shown. */
export const keysOpen = ref(false);
