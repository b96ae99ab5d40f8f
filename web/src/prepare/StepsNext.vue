<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { lengthWords, plural, shortDate, stepCautions, stepMinutes, stepMoments, readsBlind, type StepOnDay, badgeOf } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import Callout from '../components/Callout.vue';
import GroupBadge from '../groupBadge/GroupBadge.vue';
import { armStyle } from '@fern/paper/look';
import { useStepClock } from '../stores/stepClock';
import { today } from '../stores/today';

/** The steps that come, in order, with their hour; one that is due can be begun, or written down as done. */
const SHOWN = 8;
defineProps<{ asked: string | null }>();
const { experiment, study } = useLoaded();
const clock = useStepClock();
const isFrozen = computed(() => experiment.value.plan.lockedOn !== null);
/** Once the sowing is over nobody asks about what came before: it can still be written down, in the log. */
const isSown = computed(() => isFrozen.value && experiment.value.startedOn !== null && experiment.value.startedOn < today());
const steps = computed(() =>
  stepMoments(experiment.value, study.value.care, today()).filter(({ state, isBefore }) => state !== 'done' && !(isBefore && isSown.value)),
);
const stateWords = { due: 'today', missed: 'late', coming: '', done: '' } as const;
const isOpen = ({ state }: StepOnDay) => isFrozen.value && (state === 'due' || state === 'missed');
/** Where it was done to some already, the others are named. */
const whom = ({ left, units, arms }: StepOnDay) => (left.length < units ? { arms: [], units: left } : { arms, units: [] });
const hidesArms = computed(() => readsBlind(experiment.value) && isFrozen.value);
const begin = (step: StepOnDay) => void clock.begin(step.name, whom(step).arms, whom(step).units);
const done = (step: StepOnDay) => void clock.done(step.name, whom(step).arms, whom(step).units);
const many = (n: number) => `${n} ${n === 1 ? experiment.value.plan.unitNoun : plural(experiment.value.plan.unitNoun)}`;
</script>

<template>
  <section aria-labelledby="steps-next">
    <h2 id="steps-next">{{ isFrozen ? 'Next' : 'Steps' }}</h2>
    <p v-if="experiment.plan.stages.length === 0" class="soft small">
      Nothing is soaked, chilled or moved. What is done to them is written in Plan, and gets its hour here.
    </p>
    <p v-else-if="steps.length === 0" class="soft small">
      {{
        isSown
          ? 'Nothing more is to be done to them. What was done before the sowing can still be written down, in the log.'
          : 'Every step is done.'
      }}
    </p>
    <ol v-else class="bare-list">
      <li
        v-for="(step, i) in steps.slice(0, SHOWN)"
        :key="`${step.name}-${step.on}-${step.at}-${step.arms.join()}`"
        :class="[step.state, { asked: step.name === asked }]"
      >
        <span class="when mono"
          >{{ shortDate(step.on) }}<template v-if="step.at">, {{ step.at }}</template></span
        >
        <span class="what">
          <b>{{ step.name }}</b>
          <span class="soft small">
            {{ step.hours === null ? `about ${stepMinutes(step.left.length)} min` : lengthWords(step.hours, step.hoursMost) }} ·
            {{ many(step.left.length) }}<template v-if="step.left.length < step.units"> of {{ step.units }} left</template>
            <b v-if="isFrozen && stateWords[step.state]" class="state">{{ stateWords[step.state] }}</b>
          </span>
        </span>
        <span v-if="!hidesArms" class="stakes"
          ><GroupBadge
            v-for="arm in step.arms"
            :key="arm"
            :text="badgeOf(experiment.arms, arm)"
            :look="armStyle(experiment.arms, arm)"
            :size="26"
        /></span>
        <span v-if="isOpen(step)" class="buttons">
          <Button v-if="step.hours !== null" type="primary" @click="begin(step)">Begin now</Button>
          <Button v-else type="primary" @click="done(step)">It is done</Button>
          <RouterLink :to="{ name: 'log', query: { step: step.name } }" class="small">other time</RouterLink>
        </span>
        <div v-if="isOpen(step) || i < 2" class="cautions">
          <Callout v-for="caution in stepCautions(step)" :key="caution" severity="caution">{{ caution }}</Callout>
        </div>
      </li>
    </ol>
    <p v-if="steps.length > SHOWN" class="soft small">And {{ steps.length - SHOWN }} more after these.</p>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr) auto auto;
  gap: 4px 14px;
  align-items: center;
  padding: 9px 0;
  border-bottom: 1px solid var(--hair);
}
.what > * {
  display: block;
}
.state {
  padding-left: 6px;
}
.missed .state {
  color: var(--rust);
}
.asked {
  background: var(--pollen-wash);
}
.stakes {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
}
.buttons {
  display: flex;
  gap: 10px;
  align-items: center;
}
.cautions {
  grid-column: 2 / -1;
}
.cautions:empty {
  display: none;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .when,
  .buttons,
  .cautions {
    grid-column: 1 / -1;
  }
  .buttons button,
  .buttons a {
    min-height: 44px;
    line-height: 44px;
  }
  .buttons button {
    line-height: inherit;
  }
}
</style>
