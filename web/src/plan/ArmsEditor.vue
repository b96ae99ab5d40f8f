<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import { nextArmCode, plural, replan, type Arm, type Experiment } from '@fern/core';
import ChoiceField from '../frame/ChoiceField.vue';
import NumberField from '../frame/NumberField.vue';
import StakeMark from '../stake/StakeMark.vue';
import { armStyle } from '../stake/armStyle';
import { useExperiment } from '../stores/experiment';

const MOST_ARMS = 12;
const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const hasDoses = computed(() => experiment.value.arms.some((arm) => arm.dose !== null));
const unitsOf = (code: string) => experiment.value.units.filter((unit) => unit.arm === code).length;
const roles: readonly { value: Arm['role']; label: string }[] = [
  { value: 'control', label: 'control' },
  { value: 'treatment', label: 'treatment' },
  { value: 'reference', label: 'reference' },
];

function edit(code: string, more: Partial<Arm>): void {
  store.change((now) => ({ ...now, arms: now.arms.map((arm) => (arm.arm === code ? { ...arm, ...more } : arm)) }));
}
function add(): void {
  store.change((now) => {
    const code = nextArmCode(now.arms);
    return replan(now, {
      arms: [
        ...now.arms,
        {
          arm: code,
          name: `Treatment ${code}`,
          role: 'treatment',
          dose: null,
          doseUnit: hasDoses.value ? (now.arms[0].doseUnit ?? '') : null,
          factors: {},
        },
      ],
    });
  });
}
function remove(code: string): void {
  store.change((now) => replan(now, { arms: now.arms.filter((arm) => arm.arm !== code) }));
}
</script>

<template>
  <ul class="arms" :class="{ many: experiment.arms.length > 4 }" aria-label="Arms">
    <li v-for="arm in experiment.arms" :key="arm.arm">
      <StakeMark :text="arm.arm" :look="armStyle(experiment.arms, arm.arm)" />
      <div class="body">
        <Input
          :value="arm.name"
          :bordered="false"
          :disabled="store.frozen"
          :maxlength="120"
          :aria-label="`Name of arm ${arm.arm}`"
          :title="arm.name"
          class="name"
          @change="edit(arm.arm, { name: ($event.target as HTMLInputElement).value })"
        />
        <span class="soft small line">
          <ChoiceField
            v-if="!store.frozen"
            bare
            :value="arm.role"
            :options="roles"
            :label="`Role of arm ${arm.arm}`"
            @change="edit(arm.arm, { role: $event })"
          />
          <template v-else>{{ arm.role }}</template>
          · {{ unitsOf(arm.arm) }} {{ unitsOf(arm.arm) === 1 ? experiment.plan.unitWord : plural(experiment.plan.unitWord) }}
        </span>
        <span v-if="hasDoses" class="small line">
          <NumberField
            :value="arm.dose"
            :label="`Dose of arm ${arm.arm}`"
            :min="0"
            empty
            :width="72"
            :disabled="store.frozen"
            @change="edit(arm.arm, { dose: $event })"
          />
          {{ arm.doseUnit }}
        </span>
      </div>
      <button
        v-if="!store.frozen && experiment.arms.length > 1"
        type="button"
        class="away"
        :aria-label="`Take away arm ${arm.name}`"
        @click="remove(arm.arm)"
      >
        ×
      </button>
    </li>
    <li v-if="!store.frozen && experiment.arms.length < MOST_ARMS" class="add">
      <button type="button" class="link" @click="add">Add an arm</button>
    </li>
  </ul>
  <p v-if="store.wrongAt('/arms')" class="wrong" role="alert">{{ store.wrongAt('/arms') }}</p>
</template>

<style scoped>
.arms {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(196px, 1fr));
  gap: 8px 14px;
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 6px;
  align-items: start;
  min-width: 0;
}
.body {
  flex: 1;
  min-width: 0;
}
.name {
  padding: 0 4px;
  color: var(--ink);
  font-weight: 700;
  text-overflow: ellipsis;
}
.name:hover:not(:disabled),
.name:focus {
  background: var(--paper);
}
.line {
  display: flex;
  gap: 2px;
  align-items: center;
  padding-left: 4px;
  white-space: nowrap;
}
.add {
  align-self: center;
}
.wrong {
  color: var(--rust);
}
</style>
