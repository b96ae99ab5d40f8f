<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useNow } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import {
  calendarOf,
  cautionsOf,
  changePlan,
  setArmHazards,
  changeStage,
  inList,
  leftOut,
  longDate,
  moveStep,
  ownLinesOf,
  plannedTimes,
  putBack,
  readingsOff,
  RULES_FIRST,
  runningSteps,
  setSowing,
  shortDate,
  stepsOnDays,
  unaskedSteps,
  type Give,
  type TimedStep,
} from '@fern/core';
import Callout from '../components/Callout.vue';
import ContradictedLines from '../layout/ContradictedLines.vue';
import HazardsField from '../components/HazardsField.vue';
import LinesField from '../components/LinesField.vue';
import OwnLines from '../components/OwnLines.vue';
import ProblemNote from '../components/ProblemNote.vue';
import { saveText } from '../components/saveText';
import TwoColumns from '../components/TwoColumns.vue';
import { useLoaded } from '../layout/loaded';
import TimerList from '../layout/TimerList.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { useStepClock } from '../stores/stepClock';
import { today } from '../stores/today';
import PrepareTabs from './PrepareTabs.vue';
import StepsNext from './StepsNext.vue';
import TimelinePicture from './TimelinePicture.vue';
import TimesEditor from './TimesEditor.vue';
import { nowMinute } from '../stores/zone';

/** When what happens to which arm: the timeline, what comes next, and what is running. */
const MINUTE_MS = 60_000;
const { id, experiment, study } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const route = useRoute();
const router = useRouter();
const clock = useStepClock();
const tick = useNow({ interval: MINUTE_MS });
const now = computed(() => (tick.value, nowMinute(experiment.value.plan.timing.zone)));
const isFrozen = computed(() => experiment.value.plan.lockedOn !== null);
/** A plan that runs is not asked about what is over. */
const times = computed(() => plannedTimes(experiment.value, isFrozen.value ? -Infinity : now.value - 1));
const unasked = computed(() => (history.frozen ? [] : unaskedSteps(experiment.value.plan)));
const off = computed(() => readingsOff(experiment.value));
const running = computed(() => runningSteps(experiment.value, study.value.care));
const refused = ref<string | null>(null);
const asked = computed(() => (typeof route.query.step === 'string' ? route.query.step : null));

const headline = computed(() => {
  const [first] = running.value;
  if (first) return `“${first.step}” is running`;
  const next = stepsOnDays(experiment.value, study.value.care, today()).find(({ state }) => state === 'due' || state === 'coming');
  if (next) return `${next.name}${next.at ? ` at ${next.at}` : ''}, ${next.on === today() ? 'today' : shortDate(next.on)}`;
  const { startedOn, plan } = experiment.value;
  if (isFrozen.value) return plan.stages.length > 0 ? 'Every step is done' : 'From now on they are only read';
  return startedOn === null ? 'Choose the day of sowing' : `All groups are sown together on ${longDate(startedOn)}`;
});
function move(step: TimedStep, to: number): void {
  const moved = moveStep(experiment.value, step, to, isFrozen.value ? -Infinity : now.value);
  refused.value = 'why' in moved ? moved.why : null;
  if ('experiment' in moved)
    history.edit((current) => {
      const again = moveStep(current, step, to, isFrozen.value ? -Infinity : now.value);
      return 'experiment' in again ? again.experiment : current;
    });
}
function give({ sowOn, sowAt, longer }: Give): void {
  refused.value = null;
  if (sowOn !== undefined) history.edit((current) => setSowing(current, sowOn, sowAt ?? current.plan.timing.at));
  if (longer) history.edit((current) => changeStage(current, longer.stage, { hoursMost: longer.hoursMost }));
}
const end = (key: string) => {
  const own = running.value.find(({ entry }) => key.startsWith(entry.id));
  if (own) void clock.end(own);
};
const takeBack = (key: string) => {
  const own = running.value.find(({ entry }) => key.startsWith(entry.id));
  if (own) void clock.takeBack(own);
};
const saveCalendar = () =>
  saveText(calendarOf(experiment.value, new Date().toISOString()), `${experiment.value.name}.ics`, 'text/calendar');
const set = (field: 'steps' | 'cautions') => (lines: string[]) => history.edit((current) => changePlan(current, { [field]: lines }));
</script>

<template>
  <TwoColumns>
    <PrepareTabs />
    <div class="head">
      <h1>{{ headline }}</h1>
      <Button type="primary" size="large" @click="router.push({ name: documentStore.started ? 'log' : 'plan', params: { id } })">{{
        documentStore.started ? 'Go to the log' : 'Back to the plan to start'
      }}</Button>
    </div>
    <TimesEditor />
    <div class="scroll" tabindex="0" role="region" aria-label="Timeline">
      <TimelinePicture :experiment="experiment" :times="times" :now="now" :movable="experiment.plan.stages.length > 0" @move="move" />
    </div>
    <ProblemNote :words="refused" />
    <div v-for="own in times.unmet" :key="own.wish" class="unmet" role="alert">
      <p><b>A wish cannot be met.</b> {{ own.wish }}</p>
      <p v-if="own.gives.length > 0 && !history.frozen" class="gives">
        <span>What could give:</span>
        <Button v-for="way in own.gives" :key="way.words" size="small" @click="give(way)">{{ way.words }}</Button>
      </p>
    </div>
    <p v-if="off.length > 0" class="unmet" role="status">
      Something is to be read when nobody is there: {{ off.slice(0, 6).map(shortDate).join(', ')
      }}<template v-if="off.length > 6"> and {{ off.length - 6 }} more days</template>. Move the sowing, or the reading days in Plan.
    </p>
    <StepsNext :asked="asked" class="next" />
    <section class="next">
      <h2>In your words</h2>
      <p class="soft small">What is done, in order, as the report tells it. One step a line.</p>
      <LinesField :value="experiment.plan.steps" label="Steps, one a line" @change="set('steps')($event)" />
      <OwnLines
        v-if="experiment.plan.lockedOn === null"
        :own="ownLinesOf(experiment, 'steps').length"
        :gone="leftOut(experiment, 'steps')"
        @back="(line) => history.edit((now) => putBack(now, 'steps', line))"
      />
      <ContradictedLines in="steps" />
    </section>
    <template #sidebar>
      <TimerList v-slot="{ timer }" :only="id">
        <p v-if="timer.what === 'step'" class="buttons">
          <Button type="primary" @click="end(timer.key)">{{ timer.left > 0 ? 'End it now' : 'It has ended' }}</Button>
          <button type="button" class="link" @click="takeBack(timer.key)">begun in error</button>
        </p>
        <p v-else><RouterLink :to="{ name: 'log', params: { id } }">Go and read</RouterLink></p>
      </TimerList>
      <h2 class="care">Take away</h2>
      <p class="buttons">
        <Button @click="saveCalendar">Calendar</Button>
        <Button @click="router.push({ name: 'labels', params: { id } })">Labels</Button>
        <Button @click="router.push({ name: 'wall', params: { id } })">Wall page</Button>
      </p>
      <h2 class="care">Safety</h2>
      <Callout v-if="unasked.length > 0" severity="serious"
        >Nobody has said whether {{ inList(unasked.map((name) => `“${name}”`)) }} can hurt someone. Say so in Plan, at the step.</Callout
      >
      <Callout v-for="caution in cautionsOf(experiment)" :key="caution" severity="caution">{{ caution }}</Callout>
      <Callout severity="caution">{{ RULES_FIRST }}</Callout>
      <template v-if="experiment.plan.commonMistakes.length > 0">
        <h2 class="later">What often goes wrong</h2>
        <Callout v-for="trouble in experiment.plan.commonMistakes" :key="trouble" severity="note">{{ trouble }}</Callout>
      </template>
      <h2 class="later">More that can hurt someone</h2>
      <p class="soft small">Lamps, soil, seed and the steps of the plan are thought of already.</p>
      <HazardsField
        :value="experiment.plan.hazards"
        label="What else can hurt someone"
        adds
        :disabled="history.frozen"
        @change="(hazards) => history.edit((now) => changePlan(now, { hazards }))"
      />
      <HazardsField
        v-for="arm in experiment.arms"
        :key="arm.code"
        :value="arm.hazards"
        :label="`At “${arm.name}”`"
        adds
        :disabled="history.frozen"
        @change="(hazards) => history.edit((now) => setArmHazards(now, arm.code, hazards))"
      />
      <h2 class="later">Cautions of your own</h2>
      <LinesField :value="experiment.plan.cautions" label="Cautions, one a line" @change="set('cautions')($event)" />
    </template>
  </TwoColumns>
</template>

<style scoped>
.unmet {
  margin: 10px 0;
  padding: 10px 14px;
  border-left: 4px solid var(--pollen);
  background: var(--pollen-wash);
}
.unmet p {
  margin: 0;
}
.gives {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 8px !important;
}
.next {
  margin-top: 22px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
.care {
  margin-top: 14px;
}
@media (max-width: 900px) {
  .gives button,
  .buttons button {
    min-height: 44px;
  }
}
</style>
