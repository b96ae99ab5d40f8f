<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, reactive } from 'vue';
import { crossTwo, factorsOf, badgeOf } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import TextField from '../components/TextField.vue';
import { armStyle } from '@fern/paper/look';
import GroupBadge from '../groupBadge/GroupBadge.vue';
import { useHistory } from '../stores/history';

/** Two things varied at once: the grid is shown, and the arms make themselves. */
const { experiment } = useLoaded();
const history = useHistory();
/** The two factors that are crossed; null where the arms differ by one thing, or by more than two. */
const crossed = computed(() => {
  const [down, across, ...more] = factorsOf(experiment.value.arms);
  return down && across && more.length === 0 ? { down, across } : null;
});
const typed = reactive({ one: '', oneLevels: '', other: '', otherLevels: '' });
const levels = (text: string) => [
  ...new Set(
    text
      .split(',')
      .map((level) => level.trim())
      .filter(Boolean),
  ),
];
const ready = computed(
  () =>
    typed.one.trim() !== '' &&
    typed.other.trim() !== '' &&
    typed.one.trim() !== typed.other.trim() &&
    levels(typed.oneLevels).length > 1 &&
    levels(typed.otherLevels).length > 1 &&
    levels(typed.oneLevels).length * levels(typed.otherLevels).length <= 12,
);

function cross(): void {
  const one = { name: typed.one.trim(), levels: levels(typed.oneLevels) };
  const other = { name: typed.other.trim(), levels: levels(typed.otherLevels) };
  history.edit((now) => crossTwo(now, one, other));
}
const armAt = (row: string, column: string) =>
  experiment.value.arms.find(
    ({ factors }) => crossed.value && factors[crossed.value.down.name] === row && factors[crossed.value.across.name] === column,
  );
</script>

<template>
  <div v-if="crossed" class="scroll" tabindex="0" role="region" aria-label="The crossed factors">
    <table class="grid">
      <thead>
        <tr>
          <th>{{ crossed.down.name }} \ {{ crossed.across.name }}</th>
          <th v-for="column in crossed.across.levels" :key="column">{{ column }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in crossed.down.levels" :key="row">
          <th>{{ row }}</th>
          <td v-for="column in crossed.across.levels" :key="column">
            <GroupBadge
              v-if="armAt(row, column)"
              :text="badgeOf(experiment.arms, armAt(row, column)?.code ?? '')"
              :look="armStyle(experiment.arms, armAt(row, column)?.code ?? '')"
              :size="30"
            /><span v-else class="soft">no group</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <details v-if="!history.frozen" class="small">
    <summary>{{ crossed ? 'Cross other factors' : 'Vary two things at once' }}</summary>
    <p class="soft">
      Every combination becomes a group; the first setting of both is the control. Twelve groups at the most. This makes the groups anew.
    </p>
    <div class="fields">
      <TextField :value="typed.one" placeholder="one thing, like mulch" label="First factor" :maxlength="60" @change="typed.one = $event" />
      <TextField
        :value="typed.oneLevels"
        placeholder="its settings: none, 2 cm, 5 cm"
        label="Settings of the first factor"
        :maxlength="200"
        @change="typed.oneLevels = $event"
      />
      <TextField
        :value="typed.other"
        placeholder="another, like pot"
        label="Second factor"
        :maxlength="60"
        @change="typed.other = $event"
      />
      <TextField
        :value="typed.otherLevels"
        placeholder="its settings: clay, plastic"
        label="Settings of the second factor"
        :maxlength="200"
        @change="typed.otherLevels = $event"
      />
      <Button :disabled="!ready" @click="cross">Make a group of each combination</Button>
    </div>
  </details>
</template>

<style scoped>
.grid {
  margin: 0 0 10px;
  border-collapse: collapse;
}
.grid th,
.grid td {
  padding: 4px 14px 4px 0;
  font-size: 14.5px;
  text-align: left;
}
details {
  margin-bottom: 10px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1.6fr;
  gap: 8px;
  max-width: 640px;
}
.fields :deep(.ant-btn) {
  justify-self: start;
}
</style>
