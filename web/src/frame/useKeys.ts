import { onKeyStroke } from '@vueuse/core';
import { ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { steps } from '../router';

const TOGETHER_MS = 1200;

/** Keys that work everywhere: g t, 1 to 6, /, ?. They keep quiet while someone types. */
export function useKeys() {
  const helpOpen = ref(false);
  const route = useRoute();
  const router = useRouter();
  let pressedG = 0;

  onKeyStroke((event) => {
    const target = event.target as HTMLElement;
    if (
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      target.isContentEditable ||
      target.closest('input, textarea, select, [role="combobox"], [data-own-keys]')
    )
      return;
    if (event.key === '?') helpOpen.value = true;
    else if (event.key === 'g') pressedG = event.timeStamp;
    else if (event.key === 't' && event.timeStamp - pressedG < TOGETHER_MS) void router.push({ name: 'today' });
    else if (event.key === '/') {
      const find = document.querySelector<HTMLElement>('[data-find]');
      if (find) {
        event.preventDefault();
        find.focus();
      } else void router.push({ name: 'library' });
    } else if (/^[1-6]$/.test(event.key) && route.name !== 'walk' && typeof route.params.id === 'string') {
      void router.push({ name: steps[Number(event.key) - 1], params: { id: route.params.id } });
    }
  });
  return { helpOpen };
}
