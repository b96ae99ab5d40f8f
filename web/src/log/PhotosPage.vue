<script setup lang="ts">
import { Button, Segmented } from 'ant-design-vue';
import { computed, ref, shallowRef } from 'vue';
import { RouterLink, useRoute, useRouter, type LocationQueryRaw } from 'vue-router';
import {
  counted,
  itemAt,
  livePhotos,
  photoDays,
  photosOfUnit,
  plural,
  readsBlind,
  roundOrder,
  shortDate,
  sideBySide,
  type Photo,
  badgeOf,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import TwoColumns from '../components/TwoColumns.vue';
import { armStyle } from '@fern/paper/look';
import GroupBadge from '../groupBadge/GroupBadge.vue';
import PhotoCard from './PhotoCard.vue';
import PhotoDialog from './PhotoDialog.vue';

/** All photos in two orders: one day with the arms side by side, or one unit day after day. The address keeps which. */
const { id, experiment, study } = useLoaded();
const route = useRoute();
const router = useRouter();
const word = computed(() => experiment.value.plan.unitNoun);
const days = computed(() => photoDays(study.value));
const asked = (name: string) => (typeof route.query[name] === 'string' ? route.query[name] : null);
const unit = computed(() => experiment.value.units.find((own) => own.code === asked('unit')) ?? null);
const on = computed(() => days.value.find((own) => own === asked('on')) ?? days.value.at(-1) ?? null);
const go = (query: LocationQueryRaw) => void router.replace({ query });
const ways = computed(() => [
  { value: 'day', label: readsBlind(experiment.value) ? 'one day' : 'group by group' },
  { value: 'unit', label: 'day after day' },
]);
const pictured = computed(() => roundOrder(experiment.value.units).filter((own) => photosOfUnit(study.value, own).length > 0));
function choose(way: string | number): void {
  if (way === 'day') go({});
  else go({ unit: (pictured.value[0] ?? itemAt(experiment.value.units, 0)).code });
}
/** Which arm is which stays hidden while it is read blind. */
const beside = computed(() => (readsBlind(experiment.value) || on.value === null ? [] : sideBySide(study.value, on.value)));
const ofDay = computed(() => livePhotos(study.value).filter((photo) => photo.on === on.value));
const grown = computed(() => (unit.value ? photosOfUnit(study.value, unit.value) : []));
const step = (by: number) => days.value[days.value.indexOf(on.value ?? '') + by] ?? null;
const head = computed(() => {
  if (on.value === null) return 'No photos yet';
  if (unit.value) return `How ${unit.value.code} grew`;
  return `${shortDate(on.value)}: ${counted(ofDay.value.length, 'photo')}`;
});
const open = ref(false);
const editing = shallowRef<Photo | null>(null);
function write(photo: Photo | null): void {
  editing.value = photo;
  open.value = true;
}
</script>

<template>
  <TwoColumns :margin="260">
    <p class="back"><RouterLink :to="{ name: 'log', params: { id } }">Back to the log</RouterLink></p>
    <div class="head">
      <h1>{{ head }}</h1>
      <Button type="primary" size="large" @click="write(null)">Add a photo</Button>
    </div>
    <p v-if="days.length === 0">
      Here photos will stand side by side: the groups of one day, or one {{ word }} from day to day. Take them from the same distance and in
      the same light.
    </p>
    <template v-else>
      <div class="ways">
        <Segmented :value="unit ? 'unit' : 'day'" :options="ways" @change="choose" />
        <ChoiceField
          v-if="unit"
          :value="unit.code"
          :options="pictured.map((own) => ({ value: own.code, label: own.code }))"
          :label="`Which ${word}`"
          @change="go({ unit: $event })"
        />
        <template v-else-if="on !== null">
          <Button :disabled="step(-1) === null" @click="go({ on: step(-1) })">Earlier</Button>
          <ChoiceField
            :value="on"
            :options="days.map((day) => ({ value: day, label: shortDate(day) }))"
            label="Which day"
            @change="go({ on: $event })"
          />
          <Button :disabled="step(1) === null" @click="go({ on: step(1) })">Later</Button>
        </template>
      </div>
      <ol v-if="unit" class="line">
        <li v-for="photo in grown" :key="photo.id"><PhotoCard :photo="photo" @edit="write" /></li>
      </ol>
      <div v-else-if="beside.length > 0" class="beside">
        <section v-for="{ arm, photos } in beside" :key="arm?.code ?? 'several'" :aria-label="arm?.name ?? 'Several groups'">
          <h2>
            <GroupBadge v-if="arm" :text="badgeOf(experiment.arms, arm.code)" :look="armStyle(experiment.arms, arm.code)" :size="26" />{{
              arm?.name ?? 'Several groups together'
            }}
          </h2>
          <PhotoCard v-for="photo in photos" :key="photo.id" :photo="photo" @edit="write" />
          <p v-if="photos.length === 0" class="soft small none">No photo on this day.</p>
        </section>
      </div>
      <div v-else class="beside"><PhotoCard v-for="photo in ofDay" :key="photo.id" :photo="photo" @edit="write" /></div>
    </template>
    <template #sidebar>
      <h2 class="fair">For a fair look</h2>
      <p class="small">
        Same distance, same light, same background, and something of known length in the picture. A photo shows what it shows: the verdict
        rests on the numbers.
      </p>
      <p class="small">Those ticked “in the report” stand in it with their words.</p>
      <p class="soft small">{{ livePhotos(study).length }} photos of {{ pictured.length }} {{ plural(word) }}.</p>
    </template>
  </TwoColumns>
  <PhotoDialog v-model:open="open" :editing="editing" :unit="unit" />
</template>

<style scoped>
.fair {
  margin-bottom: 6px;
}
.back {
  margin: 0 0 6px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin: 14px 0 18px;
}
.beside,
.line {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 20px;
  margin: 0;
  padding: 0;
  list-style: none;
}
section {
  display: grid;
  gap: 12px;
  align-content: start;
}
section h2 {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: var(--type-body);
}
.none {
  display: grid;
  place-items: center;
  min-height: 120px;
  border: 1px dashed var(--line);
  border-radius: 4px;
}
@media (max-width: 600px) {
  .beside,
  .line {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 14px;
  }
}
</style>
