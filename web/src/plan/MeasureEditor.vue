<script setup lang="ts">
import { computed } from 'vue';
import {
  categoryWords,
  changeMeasure,
  decideBy,
  expectedOf,
  isShare,
  kindOf,
  kinds,
  removeMeasure,
  setMeasureKind,
  type Expected,
  type Measure,
  type MeasureKind,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import RemoveButton from '../components/RemoveButton.vue';
import ChoiceField from '../components/ChoiceField.vue';
import QuantityField from '../components/QuantityField.vue';
import TextField from '../components/TextField.vue';
import { useHistory } from '../stores/history';
import FormulaEditor from './FormulaEditor.vue';
import ReadingDays from './ReadingDays.vue';
import RubricEditor from './RubricEditor.vue';

/** One measure as a line to fill in: its name, its kind, which way is expected, when it is read. */
const props = defineProps<{ measure: Measure; last: number }>();
const { experiment } = useLoaded();
const history = useHistory();
const kind = computed(() => kindOf(props.measure));
/** A value of one plant, of which a unit has the mean. */
const onePlant = computed(() => kind.value.entry !== 'none' && !kind.value.adds && !kind.value.ofSown && !kind.value.timed);
const shares = computed(() => experiment.value.units.some(({ container }) => container !== null));
const ways = computed(() => {
  const { unitNoun } = experiment.value.plan;
  const all: readonly { value: Measure['by']; label: string }[] = [
    { value: 'unit', label: `once a ${unitNoun}` },
    ...(onePlant.value ? [{ value: 'plant' as const, label: 'plant by plant' }] : []),
    ...(onePlant.value && shares.value ? [{ value: 'container' as const, label: 'once for what they share' }] : []),
  ];
  return all.some(({ value }) => value === props.measure.by)
    ? all
    : [...all, { value: props.measure.by, label: 'once for what they share' }];
});
const mattersIn = computed(() => kind.value.mattersIn(props.measure, isShare(props.measure, experiment.value.units)));
const choices = (Object.keys(kinds) as MeasureKind[]).map((value) => ({ value, label: kinds[value].label }));
const directions: readonly { value: Expected; label: string }[] = [
  { value: 'more', label: 'more' },
  { value: 'less', label: 'less' },
  { value: 'different', label: 'any difference' },
  { value: 'alike', label: 'no difference that matters' },
];
const goods: readonly { value: Measure['higherIs']; label: string }[] = [
  { value: 'better', label: 'more is good' },
  { value: 'worse', label: 'less is good' },
  { value: 'neither', label: 'neither is good' },
];
const change = (more: Parameters<typeof changeMeasure>[2]) => history.edit((now) => changeMeasure(now, props.measure.code, more));
/** The first is what counts, unless another was chosen. */
function setCategories(text: string): void {
  const categories = [
    ...new Set(
      text
        .split(',')
        .map((word) => word.trim().replace(/\s+/g, '-'))
        .filter((word) => word !== ''),
    ),
  ].slice(0, 12);
  const { category } = props.measure;
  change({ categories, category: category !== null && categories.includes(category) ? category : (categories[0] ?? null) });
}
</script>

<template>
  <div class="measure" role="group" :aria-label="measure.name">
    <div class="line">
      <TextField
        bare
        :value="measure.name"
        :disabled="history.frozen"
        class="name"
        :maxlength="120"
        :label="`Name of measure ${measure.name}`"
        @change="(name) => change({ name })"
      />
      <ChoiceField
        :value="measure.kind"
        :options="choices"
        :disabled="history.frozen"
        :label="`Kind of ${measure.name}`"
        @change="(to) => history.edit((now) => setMeasureKind(now, measure.code, to))"
      />
      <TextField
        v-if="kind.ownUnit"
        small
        lazy
        class="unit"
        :value="measure.unit"
        :disabled="history.frozen"
        :maxlength="20"
        :label="`Unit of ${measure.name}`"
        @change="(unit) => change({ unit })"
      />
      <span class="small">we expect</span>
      <ChoiceField
        :value="expectedOf(measure)"
        :options="directions"
        :disabled="history.frozen"
        :label="`Expected direction of ${measure.name}`"
        @change="(expected) => change({ expected })"
      />
      <ChoiceField
        :value="measure.higherIs"
        :options="goods"
        :disabled="history.frozen"
        :label="`What is good of ${measure.name}`"
        @change="(higherIs) => change({ higherIs, expected: expectedOf(measure) })"
      />
      <QuantityField
        v-if="measure.primary"
        before="matters from"
        :value="measure.smallestDifference"
        :label="`Smallest difference that matters in ${measure.name}`"
        :unit="mattersIn"
        :min="0"
        :width="64"
        :disabled="history.frozen"
        @change="(smallestDifference) => change({ smallestDifference })"
      />
      <ChoiceField
        v-if="ways.length > 1"
        :value="measure.by"
        :options="ways"
        :disabled="history.frozen"
        :label="`What is measured for ${measure.name}`"
        @change="(by) => change({ by })"
      />
      <span class="right">
        <label class="small"
          ><input
            type="radio"
            name="primary"
            :checked="measure.primary"
            :disabled="history.frozen"
            @change="history.edit((now) => decideBy(now, measure.code))"
          />
          decides</label
        >
        <RemoveButton
          v-if="!history.frozen && experiment.measures.length > 1"
          :label="`Take away ${measure.name}`"
          @away="history.edit((now) => removeMeasure(now, measure.code))"
        />
      </span>
    </div>
    <FormulaEditor
      v-if="kind.hasFormula"
      :measure="measure"
      :all="experiment.measures"
      :disabled="history.frozen"
      @change="(derived) => change({ derived })"
    />
    <ReadingDays
      :days="measure.readingDays"
      :last="last"
      :decides="measure.primary"
      :disabled="history.frozen"
      :name="measure.name"
      @change="(readingDays) => change({ readingDays })"
    />
    <p v-if="kind.entry !== 'none' && !kind.timed" class="line small categories">
      <span>where there is none, say</span>
      <TextField
        small
        :value="measure.none"
        :disabled="history.frozen"
        class="none"
        :label="`Words for none of ${measure.name}`"
        placeholder="nothing there"
        :maxlength="40"
        lazy
        @change="(none) => change({ none: none.trim() })"
      />
    </p>
    <p v-if="kind.ofSown" class="line small categories">
      <span>counted in one go as</span>
      <TextField
        small
        class="list"
        :value="measure.categories.map(categoryWords).join(', ')"
        :disabled="history.frozen"
        :label="`Categories of ${measure.name}`"
        placeholder="one number alone; or: normal, just starting, mouldy, not yet"
        :maxlength="400"
        lazy
        @change="setCategories"
      />
      <template v-if="measure.categories.length > 0">
        <span>; what counts is</span>
        <ChoiceField
          :value="measure.category ?? measure.categories[0]"
          :options="measure.categories.map((value) => ({ value, label: categoryWords(value) }))"
          :disabled="history.frozen"
          :label="`Category of ${measure.name} that counts`"
          @change="(category) => change({ category })"
        />
      </template>
    </p>
    <RubricEditor
      v-if="kind.hasSteps"
      :steps="measure.rubric"
      :name="measure.name"
      :disabled="history.frozen"
      @change="(rubric) => change({ rubric })"
    />
  </div>
</template>

<style scoped>
.measure {
  padding: 8px 0 12px;
  border-bottom: 1px solid var(--hair);
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: baseline;
}
.name {
  width: 190px;
}
.unit {
  width: 70px;
}
.categories {
  margin: 4px 0;
}
.none {
  width: 150px;
}
.list {
  flex: 1;
  max-width: 420px;
}
.right {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-left: auto;
}
</style>
