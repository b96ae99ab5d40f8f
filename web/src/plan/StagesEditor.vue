<script setup lang="ts">
import { addStage, changeStage, hazardsAt, removeStage, toggleStageArm, type Stage, type StageKind, badgeOf } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import AddButton from '../components/AddButton.vue';
import RemoveButton from '../components/RemoveButton.vue';
import ChoiceField from '../components/ChoiceField.vue';
import ClockField from '../components/ClockField.vue';
import DaysField from '../components/DaysField.vue';
import QuantityField from '../components/QuantityField.vue';
import HazardsField from '../components/HazardsField.vue';
import LengthField from '../components/LengthField.vue';
import TextField from '../components/TextField.vue';
import { useHistory } from '../stores/history';

/** What each arm goes through: soaks, sprays, moves. What is not tested itself, the control must go through as well. */
const { experiment } = useLoaded();
const history = useHistory();
const kinds: readonly { value: StageKind; label: string }[] = [
  { value: 'soak', label: 'soaked' },
  { value: 'spray', label: 'sprayed' },
  { value: 'handle', label: 'handled' },
  { value: 'open', label: 'opened' },
  { value: 'heat', label: 'warmed' },
  { value: 'cold', label: 'chilled' },
  { value: 'move', label: 'moved' },
  { value: 'other', label: 'something else' },
];
const change = (index: number, more: Partial<Stage>) => history.edit((now) => changeStage(now, index, more));
</script>

<template>
  <div class="head later">
    <h2>What is done to them</h2>
    <AddButton v-if="!history.frozen" @add="history.edit(addStage)">Add a step</AddButton>
  </div>
  <p v-if="experiment.plan.stages.length === 0" class="soft small">
    Soaks, sprays, moves: what one group goes through, the control should go through as well, in plain water.
  </p>
  <p v-else class="soft small">
    A step without days comes before the sowing, in this order. <b>Prepare</b> works out when each begins. No group ticked means every
    group.
  </p>
  <ul class="bare-list">
    <li v-for="(stage, i) in experiment.plan.stages" :key="i">
      <fieldset>
        <legend class="visually-hidden">{{ stage.name }}</legend>
        <TextField
          small
          :value="stage.name"
          :disabled="history.frozen"
          :label="`Step ${i + 1}`"
          class="name"
          @change="(name) => change(i, { name })"
        />
        <ChoiceField
          :value="stage.kind"
          :options="kinds"
          :disabled="history.frozen"
          :label="`Kind of step ${i + 1}`"
          @change="change(i, { kind: $event })"
        />
        <label class="small days"
          >lasts
          <LengthField
            :hours="stage.hours"
            :hours-most="stage.hoursMost"
            :disabled="history.frozen"
            :label="`How long step ${i + 1} lasts`"
            @change="change(i, $event)"
        /></label>
        <label class="small days"
          >on days
          <DaysField
            :days="stage.days"
            :disabled="history.frozen"
            :label="`Days of step ${i + 1}`"
            placeholder="9, or 14 28"
            @change="(days) => change(i, { days })"
        /></label>
        <label v-if="stage.days.length > 0" class="small days"
          >at <ClockField :value="stage.at" :label="`Time of step ${i + 1}`" :disabled="history.frozen" @change="(at) => change(i, { at })"
        /></label>
        <label v-else class="small days"
          >may wait
          <QuantityField
            :value="stage.mayWait"
            :label="`Hours step ${i + 1} may wait`"
            unit="h before it begins"
            :min="0"
            :width="56"
            :disabled="history.frozen"
            @change="(mayWait) => change(i, { mayWait })"
        /></label>
        <span class="arms small"
          ><label v-for="arm in experiment.arms" :key="arm.code"
            ><input
              type="checkbox"
              :checked="stage.arms.includes(arm.code)"
              :disabled="history.frozen"
              @change="history.edit((now) => toggleStageArm(now, i, arm.code))"
            />
            {{ badgeOf(experiment.arms, arm.code) }}</label
          ></span
        >
        <label class="small"
          ><input type="checkbox" :checked="stage.tested" :disabled="history.frozen" @change="change(i, { tested: !stage.tested })" /> this
          is what is tested</label
        >
        <HazardsField
          class="hazards"
          :value="stage.hazards"
          :also="hazardsAt({ ...stage, hazards: [] })"
          :label="`What can hurt someone at step ${i + 1}`"
          :disabled="history.frozen"
          @change="(hazards) => change(i, { hazards })"
        />
        <RemoveButton v-if="!history.frozen" :label="`Take away step ${stage.name}`" @away="history.edit((now) => removeStage(now, i))" />
      </fieldset>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 8px;
}
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: baseline;
}
.name {
  width: 230px;
}
.days {
  display: inline-flex;
  gap: 6px;
  align-items: baseline;
}
.hazards {
  flex: 1 1 100%;
  order: 1;
}
.arms {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 4px 10px;
}
</style>
