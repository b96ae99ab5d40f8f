<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, reactive } from 'vue';
import {
  addPrediction,
  askedWords,
  emptyPrediction,
  foretold,
  byCode,
  kindOf,
  primaryOf,
  removePrediction,
  type Prediction,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import NumberField from '../components/NumberField.vue';
import TextField from '../components/TextField.vue';
import { useHistory } from '../stores/history';
import { today } from '../stores/today';

/** What everyone expects and why: a way, a size, an order of the arms; sealed with the first reading. */
defineProps<{ sealed: boolean }>();
const { experiment } = useLoaded();
const history = useHistory();
type Way = NonNullable<Prediction['way']>;
const blank = { person: '', reason: '', way: '' as Way | '', by: null as number | null, ranking: [] as string[] };
const typed = reactive({ ...blank });
const primary = computed(() => primaryOf(experiment.value.measures) ?? null);
const wording = computed(() => (primary.value ? kindOf(primary.value).wording(primary.value, kindOf(primary.value).ofSown) : null));
const unit = computed(() => wording.value?.unit ?? '');
const wayWords = computed<Readonly<Record<Way, string>>>(() => ({
  more: wording.value?.more ?? 'more',
  less: wording.value?.less ?? 'less',
  same: 'no difference',
}));
const ways = computed<readonly { value: Way | ''; label: string }[]>(() => [
  { value: '', label: 'choose …' },
  ...(['more', 'less', 'same'] as const).map((value) => ({ value, label: wayWords.value[value] })),
]);
const asked = computed(() => {
  const own = foretold(experiment.value);
  return primary.value && own ? `${primary.value.name}: ${askedWords(own, experiment.value.arms)}` : null;
});
const nameOf = (code: string) => byCode(experiment.value.arms, code)?.name ?? code;
const rest = computed(() => experiment.value.arms.filter(({ code: arm }) => !typed.ranking.includes(arm)));
const isWhole = computed(() => rest.value.length === 0);
const mayAdd = computed(() => typed.person.trim() !== '' && (typed.way !== '' || isWhole.value));

/** Of two arms the way says the order. */
const asksOrder = computed(() => experiment.value.arms.length > 2);

function expectsIn(): string {
  const size = typed.by === null || typed.way === 'same' ? '' : ` by ${[typed.by, unit.value].filter((part) => part !== '').join(' ')}`;
  const way = typed.way === '' ? '' : `${wayWords.value[typed.way]}${size}`;
  const order = isWhole.value ? typed.ranking.map(nameOf).join(', then ') : '';
  return [way, order].filter((part) => part !== '').join('; ');
}

function add(): void {
  if (!mayAdd.value) return;
  history.edit((now) =>
    addPrediction(now, {
      ...emptyPrediction,
      person: typed.person.trim(),
      expects: expectsIn(),
      reason: typed.reason.trim(),
      on: today(),
      way: typed.way === '' ? null : typed.way,
      by: typed.way === 'same' || typed.way === '' ? null : typed.by,
      ranking: isWhole.value ? typed.ranking : [],
    }),
  );
  Object.assign(typed, { ...blank, ranking: [] });
}
</script>

<template>
  <h2>Predictions</h2>
  <p class="soft small">
    {{
      sealed
        ? 'Sealed since the first reading. At the end each stands beside what came.'
        : 'Everyone says what they expect and why. They are sealed with the first reading, and stand beside the result at the end.'
    }}
  </p>
  <ul class="bare-list">
    <li v-for="(item, i) in experiment.plan.predictions" :key="i">
      <span
        ><b>{{ item.person }}</b
        >: {{ item.expects }}<template v-if="item.reason">, because {{ item.reason }}</template></span
      >
      <button
        v-if="!sealed"
        type="button"
        class="link"
        :aria-label="`Take away the prediction of ${item.person}`"
        @click="history.edit((now) => removePrediction(now, i))"
      >
        Take away
      </button>
    </li>
  </ul>
  <form v-if="!sealed" @submit.prevent="add">
    <label>Who<TextField :value="typed.person" label="Who predicts" :maxlength="120" @change="typed.person = $event" /></label>
    <label
      >{{ asked ?? 'Which way' }}<ChoiceField :value="typed.way" :options="ways" label="Which way they expect" @change="typed.way = $event"
    /></label>
    <label v-if="typed.way === 'more' || typed.way === 'less'"
      >By how much{{ unit ? `, ${unit}` : ''
      }}<NumberField :value="typed.by" label="By how much they expect" :min="0" optional @change="typed.by = $event"
    /></label>
    <label>Because<TextField :value="typed.reason" label="Why they expect it" @change="typed.reason = $event" /></label>
    <fieldset v-if="asksOrder">
      <legend>In what order, the highest first?</legend>
      <ol v-if="typed.ranking.length > 0" aria-label="The order foretold">
        <li v-for="code in typed.ranking" :key="code">
          <button
            type="button"
            class="link"
            :aria-label="`Put ${nameOf(code)} back`"
            @click="typed.ranking = typed.ranking.filter((own) => own !== code)"
          >
            {{ nameOf(code) }}
          </button>
        </li>
      </ol>
      <p v-if="rest.length > 0" class="arms">
        <Button v-for="{ code: arm, name } in rest" :key="arm" size="small" @click="typed.ranking = [...typed.ranking, arm]">{{
          name
        }}</Button>
      </p>
    </fieldset>
    <Button html-type="submit" :disabled="!mayAdd">Add the prediction</Button>
  </form>
</template>

<style scoped>
ul {
  max-width: 760px;
  margin-bottom: 12px;
}
ul li {
  display: flex;
  gap: 16px;
  justify-content: space-between;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}
form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 10px 14px;
  align-items: end;
  max-width: 900px;
}
label {
  display: grid;
  gap: 4px;
  font-weight: 700;
}
label :deep(*) {
  font-weight: 400;
}
fieldset {
  grid-column: 1 / -1;
}
.arms {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 6px 0 0;
}
</style>
