<script setup lang="ts">
import { computed } from 'vue';
import { predictionOutcomes, predictionsPicture, type Shown } from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';

/** What each person foretold beside what came, in words and, where sizes were foretold, in a picture. */
const props = defineProps<{ shown: Shown }>();
const held = computed(() => predictionOutcomes(props.shown.study.experiment, props.shown.measure, props.shown.result));
const picture = computed(() => predictionsPicture(props.shown));
const marks = { came: 'as foretold', 'other-way': 'otherwise', open: 'cannot tell', unsaid: '' } as const;
</script>

<template>
  <section aria-label="Predictions and what came">
    <h2>What was foretold, and what came</h2>
    <ul class="bare-list">
      <li v-for="(item, i) in held" :key="i">
        <p>
          <b>{{ item.person }}</b> expected {{ item.expects }}<template v-if="item.reason">, because {{ item.reason }}</template
          >. <span v-if="marks[item.outcome]" class="mark" :class="item.outcome">{{ marks[item.outcome] }}</span>
        </p>
        <p v-if="item.sentences.length > 0" class="soft">{{ item.sentences.join(' ') }}</p>
      </li>
    </ul>
    <ChartFigure v-if="picture" :picture="picture" />
  </section>
</template>

<style scoped>
li {
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}
p {
  max-width: 760px;
  margin: 0;
}
.mark {
  padding-left: 6px;
  font-weight: 700;
}
.came {
  color: var(--sprout);
}
.other-way {
  color: var(--rust);
}
</style>
