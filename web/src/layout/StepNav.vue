<script setup lang="ts">
import { computed, onMounted, useTemplateRef, watch } from 'vue';
import { RouterLink } from 'vue-router';
import { vRovingTabindex } from '../components/rovingTabindex';
import { steps, type Step } from '../router';

/** The six steps as a frond: finished steps have grown leaflets, the present one is the unrolling tip. */
const props = defineProps<{ id: string; now: Step; states: Readonly<Record<Step, string>>; done: readonly Step[] }>();
const titles: Record<Step, string> = { ask: 'Ask', plan: 'Plan', prepare: 'Prepare', log: 'Log', weigh: 'Weigh up', write: 'Write up' };
const WIDTH = 1232;
const Y = 34;
const x = (i: number) => 40 + (i * (WIDTH - 250)) / 5;
const at = computed(() => steps.indexOf(props.now));

// On a phone the trail is wider than the screen: the present step is drawn into sight.
const trail = useTemplateRef('trail');
function show(): void {
  const step = trail.value?.querySelector<HTMLElement>('[aria-current]');
  if (trail.value && step) trail.value.scrollLeft = step.offsetLeft - (trail.value.clientWidth - step.offsetWidth) / 2;
}
// With the next frame, whose layout is needed anyway.
const showNext = () => requestAnimationFrame(show);
onMounted(showNext);
watch(() => props.now, showNext, { flush: 'post' });
</script>

<template>
  <nav ref="trail" class="trail" aria-label="The six steps">
    <svg :viewBox="`0 0 ${WIDTH} 52`" aria-hidden="true" class="frond">
      <path :d="`M0 ${Y}H${x(5) + 20}`" stroke="var(--line)" stroke-width="3" />
      <path :d="`M0 ${Y}H${x(at)}`" stroke="var(--sprout)" stroke-width="3" />
      <template v-for="i in at" :key="i">
        <path
          v-for="k in [-34, 0, 34]"
          :key="k"
          fill="#9CCB98"
          :d="`M${(x(i - 1) + x(i)) / 2 + k} ${Y}q10 -3 15 -13q-13 1 -15 13ZM${(x(i - 1) + x(i)) / 2 + k} ${Y}q10 3 15 13q-13 -1 -15 -13Z`"
        />
      </template>
      <path
        :d="`M${x(at) + 13} ${Y}h18c14 0 16 -18 4 -18c-8 0 -8 11 0 11`"
        fill="none"
        stroke="var(--sprout)"
        stroke-width="3"
        stroke-linecap="round"
      />
      <template v-for="(step, i) in steps" :key="step">
        <template v-if="step === now">
          <circle :cx="x(i)" :cy="Y" r="12" fill="var(--ink)" />
          <circle :cx="x(i)" :cy="Y" r="4" fill="var(--pollen)" />
        </template>
        <template v-else-if="done.includes(step)">
          <circle :cx="x(i)" :cy="Y" r="9" fill="var(--sprout)" stroke="var(--ink)" stroke-width="2" />
          <path :d="`M${x(i) - 4} ${Y}l3 3.4l5.4 -6.4`" stroke="#fff" stroke-width="2" fill="none" />
        </template>
        <circle v-else :cx="x(i)" :cy="Y" r="9" fill="var(--ground)" stroke="#7C8F86" stroke-width="2" />
      </template>
    </svg>
    <ol v-roving-tabindex>
      <li v-for="(step, i) in steps" :key="step" :style="{ left: `${((x(i) - 9) / WIDTH) * 100}%` }">
        <RouterLink
          :to="{ name: step, params: { id } }"
          :aria-current="step === now ? 'step' : undefined"
          :aria-keyshortcuts="String(i + 1)"
          :title="`Key ${i + 1}`"
        >
          <b>{{ titles[step] }}</b><span>{{ states[step] }}</span
          ><span v-if="done.includes(step)" class="visually-hidden">, done</span>
        </RouterLink>
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.trail {
  position: relative;
  height: 104px;
  margin: 0 24px;
}
.frond {
  position: absolute;
  top: 0;
  left: 0;
  width: 100%;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  position: absolute;
  top: min(3.95vw, 50px);
  width: 16%;
}
a {
  display: block;
  color: var(--soft);
  text-decoration: none;
}
a:hover b {
  text-decoration: underline;
}
b {
  display: block;
  font: 600 15.5px var(--head);
}
a[aria-current] b {
  color: var(--ink);
}
span {
  display: block;
  overflow: hidden;
  font-size: 13.5px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
@media (max-width: 900px) {
  .trail {
    height: auto;
    margin: 0;
    padding: 8px 14px;
    overflow-x: auto;
  }
  .frond {
    display: none;
  }
  ol {
    display: flex;
    gap: 18px;
  }
  li {
    position: static;
    flex: none;
    width: auto;
  }
  a {
    min-width: 44px;
    min-height: 44px;
  }
  a[aria-current] {
    border-bottom: 3px solid var(--sprout);
  }
}
@media print {
  .trail {
    display: none;
  }
}
</style>
