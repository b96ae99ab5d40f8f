<script setup lang="ts">
import { changePlan } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import LinesField from '../components/LinesField.vue';
import { useHistory } from '../stores/history';

/** What differs between the arms and is not what is tested: said here, not hidden among what is kept the same. */
const { experiment } = useLoaded();
const history = useHistory();
const set = (lines: readonly string[]) => history.edit((now) => changePlan(now, { differences: lines }));
</script>

<template>
  <h2 class="later">What else differs, and cannot be helped</h2>
  <p class="soft small">One a line: “three litres against four”. The check and the report say what it costs.</p>
  <LinesField
    :value="experiment.plan.differences"
    :disabled="history.frozen"
    label="What else differs between the groups, one a line"
    @change="set"
  />
</template>
