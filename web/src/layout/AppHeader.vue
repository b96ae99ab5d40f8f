<script setup lang="ts">
import { onClickOutside, onKeyStroke } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import { useExperiments } from '../stores/experiments';
import { useSession } from '../stores/session';
import FrondMark from './FrondMark.vue';
import { keysOpen } from './keysOpen';
import HeaderTimer from './HeaderTimer.vue';
import SignOut from './SignOut.vue';

/** The one dark rail on top: name, experiment, what is due, person. */
defineProps<{ title?: string }>();
const session = useSession();
const experiments = useExperiments();
const due = computed(() => experiments.due.length);
const initials = computed(() =>
  (session.account?.name ?? '')
    .split(/\s+/)
    .map((word) => word.charAt(0))
    .slice(0, 2)
    .join('')
    .toUpperCase(),
);
const menu = ref<HTMLDetailsElement | null>(null);
const route = useRoute();
function close(): void {
  if (menu.value) menu.value.open = false;
}
onClickOutside(menu, close);
watch(() => route.fullPath, close);
onKeyStroke('Escape', () => {
  if (!menu.value?.open) return;
  close();
  menu.value.querySelector('summary')?.focus();
});
function leave({ relatedTarget }: FocusEvent): void {
  if (relatedTarget instanceof Node && !menu.value?.contains(relatedTarget)) close();
}
function showKeys(): void {
  close();
  keysOpen.value = true;
}
if (!experiments.loaded) void experiments.load();
</script>

<template>
  <header class="rail">
    <RouterLink class="name" to="/" aria-label="Fern Test"><FrondMark /><span :class="{ gives: title }">Fern Test</span></RouterLink>
    <span v-if="title" class="experiment" :title="title"
      ><bdi>{{ title }}</bdi></span
    >
    <nav class="right" aria-label="Everywhere">
      <HeaderTimer />
      <RouterLink to="/"
        >Today <span v-if="due > 0" class="due">{{ due }}</span></RouterLink
      >
      <RouterLink to="/ask" class="wide">Ask a question</RouterLink>
      <RouterLink to="/calculators" class="wide">Calculate</RouterLink>
      <details v-if="session.account" ref="menu" class="person" @focusout="leave">
        <summary :aria-label="`Account: signed in as ${session.account.name}`">
          <span>{{ initials }}</span>
        </summary>
        <div class="menu">
          <p>{{ session.account.name }}</p>
          <p class="narrow"><RouterLink to="/calculators">Calculate</RouterLink></p>
          <p class="narrow"><RouterLink to="/ask">Ask a question</RouterLink></p>
          <p><RouterLink to="/account">Your data and account</RouterLink></p>
          <p>
            <button type="button" class="link" @click="showKeys">Keys <kbd>?</kbd></button>
          </p>
          <SignOut />
        </div>
      </details>
    </nav>
  </header>
</template>

<style scoped>
.rail {
  position: sticky;
  z-index: 20;
  top: 0;
  display: flex;
  align-items: center;
  gap: 18px;
  height: 52px;
  padding: 0 24px;
  background: var(--rail);
  color: #eaf2ea;
}
a {
  color: inherit;
  text-decoration: none;
}
nav a:hover {
  text-decoration: underline;
}
.name {
  display: flex;
  flex: none;
  gap: 9px;
  align-items: center;
  font: 600 18px var(--head);
}
.experiment {
  overflow: hidden;
  max-width: 46vw;
  padding: 6px 24px 6px 12px;
  border-radius: 6px 0 0 6px;
  background: #1e4a3f;
  font-size: 15px;
  text-overflow: ellipsis;
  white-space: nowrap;
  clip-path: polygon(0 0, calc(100% - 12px) 0, 100% 50%, calc(100% - 12px) 100%, 0 100%);
}
.right {
  display: flex;
  gap: 22px;
  align-items: center;
  margin-left: auto;
  font-size: 15px;
  white-space: nowrap;
}
.due {
  padding: 0 8px;
  border-radius: 10px;
  background: var(--pollen);
  color: var(--ink);
  font-weight: 700;
}
.person {
  position: relative;
}
summary {
  display: grid;
  width: 44px;
  height: 44px;
  list-style: none;
  cursor: pointer;
  place-items: center;
}
summary span {
  display: grid;
  width: 34px;
  height: 34px;
  border: 1.5px solid #8fb3a4;
  border-radius: 50%;
  color: #eaf2ea;
  font-size: 13px;
  font-weight: 400;
  place-items: center;
}
summary::-webkit-details-marker {
  display: none;
}
.menu {
  position: absolute;
  top: 42px;
  right: 0;
  min-width: 170px;
  padding: 12px 16px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--paper);
  color: var(--ink);
}
.narrow {
  display: none;
}
@media (max-width: 600px) {
  .gives {
    display: none;
  }
  .narrow {
    display: block;
  }
  .rail {
    gap: 10px;
    padding: 0 14px;
  }
  .wide {
    display: none;
  }
  .experiment {
    min-width: 0;
    max-width: 40vw;
  }
  .right {
    flex: none;
    gap: 12px;
  }
}
@media (max-height: 400px) {
  .rail {
    position: static;
  }
}
@media print {
  .rail {
    display: none;
  }
}
</style>
