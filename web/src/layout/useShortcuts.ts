import { onKeyStroke } from '@vueuse/core';
import { useRoute, useRouter } from 'vue-router';
import { steps } from '../router';
import { useHistory } from '../stores/history';
import { keysOpen } from './keysOpen';

const TOGETHER_MS = 1200;

/** Where keys are typed, or are another's: fields, editors, open dialogs. */
const others = 'input, textarea, select, [role="combobox"], [data-own-keys], .ant-modal-root';

/** Keys that work everywhere: g t, 1 to 6, /, ?. They keep quiet while someone types; on a walk all but ? are the walk's. */
export function useShortcuts(): void {
  const route = useRoute();
  const router = useRouter();
  const history = useHistory();
  let pressedG = 0;

  onKeyStroke((event) => {
    const target = event.target as HTMLElement;
    if (event.altKey || target.isContentEditable || target.closest(others)) return;
    if (event.ctrlKey || event.metaKey) {
      if (event.key === 'z' && route.name !== 'walk' && typeof route.params.id === 'string') history.undo();
      return;
    }
    if (event.key === '?') keysOpen.value = true;
    else if (route.name === 'walk') return;
    else if (event.key === 'g') pressedG = event.timeStamp;
    else if (event.key === 't' && event.timeStamp - pressedG < TOGETHER_MS) void router.push({ name: 'today' });
    else if (event.key === '/') {
      const find = document.querySelector<HTMLElement>('[data-find]');
      if (find) {
        event.preventDefault();
        find.focus();
      } else void router.push({ name: 'library' });
    } else if (/^[1-6]$/.test(event.key) && typeof route.params.id === 'string') {
      void router.push({ name: steps[Number(event.key) - 1], params: { id: route.params.id } });
    }
  });
}
