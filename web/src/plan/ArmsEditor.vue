<script setup lang="ts">
import { upperFirst } from 'lodash-es';
import { computed } from 'vue';
import {
  addArm,
  MOST_ARMS,
  MOST_UNITS,
  plural,
  removeArm,
  renameArm,
  setDose,
  setRole,
  setUnitsOf,
  type Role,
  badgeOf,
  setBadge,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import AddButton from '../components/AddButton.vue';
import RemoveButton from '../components/RemoveButton.vue';
import ChoiceField from '../components/ChoiceField.vue';
import NumberField from '../components/NumberField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import TextField from '../components/TextField.vue';
import GroupBadge from '../groupBadge/GroupBadge.vue';
import { armStyle } from '@fern/paper/look';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { today } from '../stores/today';

const { experiment } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const hasDoses = computed(() => experiment.value.arms.some((arm) => arm.dose !== null));
const unitsOf = (code: string) => experiment.value.units.filter((unit) => unit.arm === code).length;
const roles: readonly { value: Role; label: string }[] = [
  { value: 'control', label: 'control' },
  { value: 'treatment', label: 'treatment' },
  { value: 'reference', label: 'reference' },
];
</script>

<template>
  <ul class="arms" :class="{ many: experiment.arms.length > 4 }" aria-label="Groups">
    <li v-for="arm in experiment.arms" :key="arm.code">
      <GroupBadge :text="badgeOf(experiment.arms, arm.code)" :look="armStyle(experiment.arms, arm.code)" />
      <div class="body">
        <TextField
          :value="arm.name"
          bare
          :disabled="history.frozen"
          :maxlength="120"
          :label="`Name of group ${arm.code}`"
          @change="(name) => history.edit((now) => renameArm(now, arm.code, name))"
        />
        <span class="soft small line">
          <ChoiceField
            v-if="!history.frozen"
            bare
            :value="arm.role"
            :options="roles"
            :label="`Role of group ${arm.code}`"
            @change="(role) => history.edit((now) => setRole(now, arm.code, role))"
          />
          <template v-else>{{ arm.role }}</template>
          ·
          <NumberField
            v-if="!history.frozen"
            small
            :value="unitsOf(arm.code)"
            :label="`${upperFirst(plural(experiment.plan.unitNoun))} of group ${arm.code}`"
            :min="1"
            :max="MOST_UNITS - experiment.units.length + unitsOf(arm.code)"
            whole
            :width="44"
            why="400 units in all is the most."
            @change="(count) => count !== null && history.edit((now) => setUnitsOf(now, arm.code, count, today()))"
          />
          <template v-else>{{ unitsOf(arm.code) }}</template>
          {{ unitsOf(arm.code) === 1 ? experiment.plan.unitNoun : plural(experiment.plan.unitNoun) }}
        </span>
        <span v-if="hasDoses || !history.frozen" class="small line">
          <template v-if="hasDoses">
            <NumberField
              :value="arm.dose"
              :label="`Dose of group ${arm.code}`"
              :min="0"
              optional
              :width="72"
              :disabled="history.frozen"
              @change="(dose) => history.edit((now) => setDose(now, arm.code, dose))"
            />
            {{ arm.doseUnit }}
          </template>
          <TextField
            v-if="!history.frozen"
            small
            :value="arm.badge"
            :label="`Badge of group ${arm.code}`"
            :placeholder="badgeOf(experiment.arms, arm.code)"
            :maxlength="4"
            class="badge"
            @change="(badge) => history.edit((now) => setBadge(now, arm.code, badge))"
          />
          <span v-if="!history.frozen" class="soft">badge</span>
        </span>
      </div>
      <RemoveButton
        v-if="!history.frozen && experiment.arms.length > 1"
        :label="`Remove group ${arm.name}`"
        @away="history.edit((now) => removeArm(now, arm.code))"
      />
    </li>
    <li v-if="!history.frozen && experiment.arms.length < MOST_ARMS" class="add">
      <AddButton @add="history.edit(addArm)">Add a group</AddButton>
    </li>
  </ul>
  <p v-if="experiment.arms.some(({ role }) => role === 'reference')" class="soft small">
    A reference stands beside the claim, to compare with, and is no part of it.
  </p>
  <ProblemNote :words="documentStore.errorAt('/arms')" />
</template>

<style scoped>
.badge {
  width: 64px;
}
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
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  align-items: center;
  padding-left: 4px;
}
.add {
  align-self: center;
}
</style>
