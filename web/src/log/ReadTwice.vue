<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { v7 as uuid } from 'uuid';
import { computed } from 'vue';
import { duplicateReadings, settleDuplicate, shortDate, type DuplicateReading, type Observation } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';

/** What two people read differently: both are kept, and someone says which is right. */
const { id, study } = useLoaded();
const outbox = useOutbox();
const session = useSession();
const found = computed(() => duplicateReadings(study.value));

function take(double: DuplicateReading, right: Observation): void {
  for (const content of settleDuplicate(double, right, { observer: session.account?.name ?? null, id: uuid }))
    outbox.add(id.value, { kind: 'reading', content });
}
</script>

<template>
  <section v-if="found.length > 0" aria-label="Read twice">
    <h2>Read twice, and not the same</h2>
    <p class="soft">The last one counts until you say which is right. All of them stay in the log.</p>
    <ul class="bare-list">
      <li v-for="double in found" :key="`${double.measure.code} ${double.unit} ${double.plant} ${double.on}`">
        <span
          ><b class="mono">{{ double.unit }}</b
          ><template v-if="double.plant"> plant {{ double.plant }}</template> · {{ double.measure.name }} · {{ shortDate(double.on) }}</span
        >
        <Button v-for="reading in double.readings" :key="reading.id" @click="take(double, reading)"
          >{{ reading.value }} is right<span v-if="reading.observer" class="soft">&ensp;{{ reading.observer }}</span></Button
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin: 14px 0 20px;
  padding: 12px 16px;
  border-radius: var(--radius);
  background: var(--pollen-wash);
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding: 6px 0;
}
li > span {
  flex: 1 0 100%;
}
</style>
