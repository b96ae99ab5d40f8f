<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { giveBlindCodes, isSealed, keyOf, shortDate, badgeOf } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ProblemNote from '../components/ProblemNote.vue';
import { useAttempt } from '../stores/attempt';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { newSeed } from '../stores/newSeed';
import { useOpening } from '../stores/openExperiment';
import { today } from '../stores/today';

/** Codes that tell nothing, the key for a second person, and its seal. */
const { experiment, study } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const shown = ref(false);
const seal = computed(() => experiment.value.plan.seal);
const key = computed(() => keyOf(experiment.value));
const give = () => history.edit((now) => giveBlindCodes(now, newSeed()));
const opening = useOpening();
const { busy, error, attempt } = useAttempt();
function close(): void {
  void attempt(async () => {
    await documentStore.seal(today());
    shown.value = false;
    // The copy for times without a network would still tell the arms.
    await opening.refresh();
  });
}
const print = () => window.print();
</script>

<template>
  <section aria-label="Reading blind">
    <h2 class="later">Reading blind</h2>
    <template v-if="isSealed(experiment)">
      <p class="small">Sealed since {{ shortDate(seal.sealedOn ?? '') }}. It is opened under Weigh up, with a reason.</p>
    </template>
    <template v-else-if="seal.openedOn">
      <p class="small">Opened on {{ shortDate(seal.openedOn) }} by {{ seal.openedBy }}: {{ seal.reason }}.</p>
    </template>
    <template v-else>
      <p class="small">
        One person labels and puts out, another reads. Codes like MOLU say nothing of the group; the key stays with the first.
      </p>
      <p v-if="!documentStore.started && study.care.length === 0"><Button @click="give">Give codes that say nothing</Button></p>
      <p>
        <Button @click="shown = !shown">{{ shown ? 'Hide the key' : 'Show the key' }}</Button>
      </p>
      <div v-if="shown" class="key">
        <table class="plain">
          <caption>
            The key to
            {{
              experiment.title
            }}. For the person who does not read.
          </caption>
          <thead>
            <tr>
              <th>code</th>
              <th>group</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in key" :key="line.code">
              <td class="mono">{{ line.code }}</td>
              <td>{{ badgeOf(experiment.arms, line.arm) }} {{ line.name }}</td>
            </tr>
          </tbody>
        </table>
        <p><Button size="small" @click="print">Print the key</Button></p>
      </div>
      <p v-if="documentStore.started && !experiment.blinded" class="soft small">
        It is not planned to be read blind, so there is no key to seal. Before the start, Plan says whether it is.
      </p>
      <p v-if="documentStore.started && experiment.blinded"><Button type="primary" :disabled="busy" @click="close">Seal the key</Button></p>
      <ProblemNote :words="error" />
      <p v-if="documentStore.started && experiment.blinded" class="soft small">
        Print it first, and give it to the second person. From then on no page tells the groups.
      </p>
    </template>
  </section>
</template>

<style>
/* The key alone goes on the paper: it stands in the margin, which is not printed otherwise. */
@media print {
  body:has(.key) .main {
    display: none;
  }
  body:has(.key) .margin {
    display: block !important;
    border: 0;
  }
  body:has(.key) .margin > :not(:has(.key)),
  body:has(.key) .margin button {
    display: none;
  }
}
</style>
