<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';
import {
  addDays,
  counted,
  isDate,
  itemAt,
  longDate,
  schoolHours,
  setSowing,
  setTiming,
  shortDate,
  sowingFor,
  weekdays,
  type Holiday,
  type Presence,
  type Timing,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import AddButton from '../components/AddButton.vue';
import RemoveButton from '../components/RemoveButton.vue';
import ChoiceField from '../components/ChoiceField.vue';
import ClockField from '../components/ClockField.vue';
import DateField from '../components/DateField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import TextField from '../components/TextField.vue';
import { useHistory } from '../stores/history';
import { today } from '../stores/today';
import { nowMinute, ownZone } from '../stores/zone';

/** What the times are counted from, and when somebody is there: asked once, kept for the next experiment. */
const { experiment } = useLoaded();
const history = useHistory();
const last = useLocalStorage<{ presence: readonly Presence[]; holidays: readonly Holiday[] } | null>('fern-presence', null, {
  serializer: { read: (text) => JSON.parse(text) as never, write: (value) => JSON.stringify(value) },
});
const timing = computed(() => experiment.value.plan.timing);
const isFrozen = computed(() => experiment.value.plan.lockedOn !== null);
const said = ref<string | null>(null);

function change(more: Partial<Timing>): void {
  said.value = null;
  history.edit((now) => setTiming(now, { zone: now.plan.timing.zone || ownZone(), ...more }));
  const { presence, holidays } = experiment.value.plan.timing;
  if (more.presence || more.holidays) last.value = { presence, holidays };
}
const givens = [
  { value: 'sowing', label: 'the sowing' },
  { value: 'first lesson', label: 'the first lesson' },
  { value: 'end of term', label: 'the end of term' },
] as const;
function sow(date: string, clock: string): void {
  if (isDate(date)) history.edit((now) => setSowing(setTiming(now, { zone: now.plan.timing.zone || ownZone() }), date, clock));
}
function workOut(): void {
  const { given, on } = timing.value;
  if (given === 'sowing' || on === null) return;
  const found = sowingFor(experiment.value, { given, on }, nowMinute(timing.value.zone));
  if ('unmet' in found) said.value = found.unmet;
  else {
    sow(found.date, found.clock);
    const off = found.off.length === 0 ? '' : ` ${found.off.map(shortDate).join(', ')}: something is to be read and nobody is there.`;
    said.value = `Sown on ${longDate(found.date)} at ${found.clock}.${off}`;
  }
}

const isPresent = (day: number) => timing.value.presence.find((own) => own.day === day);
function toggle(day: number): void {
  const others = timing.value.presence.filter((own) => own.day !== day);
  const usual = timing.value.presence[0] ?? itemAt(schoolHours, 0);
  change({ presence: isPresent(day) ? others : [...others, { ...usual, day }].sort((a, b) => a.day - b.day) });
}
const hours = (day: number, more: Partial<Presence>) =>
  change({ presence: timing.value.presence.map((own) => (own.day === day ? { ...own, ...more } : own)) });
const holiday = (i: number, more: Partial<Holiday>) =>
  change({ holidays: timing.value.holidays.map((own, k) => (k === i ? { ...own, ...more } : own)) });
const addHoliday = () => change({ holidays: [...timing.value.holidays, { from: today(), to: addDays(today(), 6), name: 'half-term' }] });
const presenceWords = computed(() => {
  const { presence, holidays } = timing.value;
  const free = holidays.length === 0 ? '' : `, ${counted(holidays.length, 'holiday')}`;
  if (presence.length === 0) return `Somebody is always there${free}`;
  return `Somebody is there on ${presence.map(({ day }) => itemAt(weekdays, day - 1).slice(0, 3)).join(' ')}${free}`;
});
</script>

<template>
  <div class="times">
    <p v-if="!isFrozen" class="line">
      <span>Given is</span>
      <ChoiceField :value="timing.given" :options="givens" label="What is given" @change="change({ given: $event })" />
      <template v-if="timing.given === 'sowing'">
        <span>on</span>
        <DateField :value="experiment.startedOn ?? ''" label="Day of sowing" @change="sow($event, timing.at || '09:00')" />
        <span>at</span>
        <ClockField :value="timing.at" label="Time of sowing" @change="sow(experiment.startedOn ?? today(), $event)" />
      </template>
      <template v-else>
        <span>on</span>
        <DateField :value="timing.on ?? ''" label="Its day" error="Choose its day." @change="isDate($event) && change({ on: $event })" />
        <span>, sown at</span>
        <ClockField :value="timing.at" label="Time of sowing" @change="change({ at: $event })" />
        <Button type="primary" :disabled="timing.on === null" @click="workOut">Work the day out</Button>
      </template>
    </p>
    <p v-else class="line">
      <span>All are sown on {{ longDate(experiment.startedOn ?? '') }} at</span>
      <ClockField :value="timing.at" label="Time of sowing" @change="change({ at: $event })" />
    </p>
    <ProblemNote :words="said" />
    <details class="small">
      <summary>{{ presenceWords }}</summary>
      <p class="line">
        <Button size="small" @click="change({ presence: schoolHours })">School hours</Button>
        <Button size="small" @click="change({ presence: [] })">Always</Button>
        <Button
          v-if="last && timing.presence.length === 0"
          size="small"
          @click="change({ presence: last.presence, holidays: last.holidays })"
          >As last time</Button
        >
      </p>
      <ul class="bare-list days" aria-label="Hours of the week">
        <li v-for="(name, i) in weekdays" :key="name">
          <label><input type="checkbox" :checked="isPresent(i + 1) !== undefined" @change="toggle(i + 1)" /> {{ name }}</label>
          <template v-if="isPresent(i + 1)">
            <ClockField :value="isPresent(i + 1)?.from ?? ''" :label="`${name} from`" @change="hours(i + 1, { from: $event })" />
            <span>to</span>
            <ClockField :value="isPresent(i + 1)?.to ?? ''" :label="`${name} to`" @change="hours(i + 1, { to: $event })" />
          </template>
        </li>
      </ul>
      <p><b>Holidays</b> <AddButton @add="addHoliday">Add one</AddButton></p>
      <ul class="bare-list days" aria-label="Holidays">
        <li v-for="(own, i) in timing.holidays" :key="i">
          <TextField small :value="own.name" :label="`Holiday ${i + 1}`" class="name" @change="(name) => holiday(i, { name })" />
          <DateField :value="own.from" :label="`First day of holiday ${i + 1}`" @change="isDate($event) && holiday(i, { from: $event })" />
          <span>to</span>
          <DateField :value="own.to" :label="`Last day of holiday ${i + 1}`" @change="isDate($event) && holiday(i, { to: $event })" />
          <RemoveButton :label="`Remove ${own.name}`" @away="change({ holidays: timing.holidays.filter((_, k) => k !== i) })" />
        </li>
      </ul>
      <p class="soft">Clocks of {{ timing.zone || ownZone() }}. Kept for your next experiment.</p>
    </details>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: baseline;
}
.days {
  display: grid;
  gap: 6px;
  margin-bottom: 10px;
}
.days li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  min-height: 34px;
}
.days label {
  width: 130px;
}
.name {
  width: 160px;
}
</style>
