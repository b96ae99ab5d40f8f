<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { useObjectUrl } from '@vueuse/core';
import { v7 as uuid } from 'uuid';
import { computed, ref, shallowRef, watch } from 'vue';
import { addDays, blankOf, photoFields, photoWords, shortDate, type Photo, type Unit } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import PhotoPicture from '../layout/PhotoPicture.vue';
import FileField from '../components/FileField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import TextField from '../components/TextField.vue';
import { useAttempt } from '../stores/attempt';
import { useLog } from '../stores/log';
import { today } from '../stores/today';
import EntryDialog from './EntryDialog.vue';
import PastDay from './PastDay.vue';
import { preparePicture, type PreparedPicture } from './preparePicture';
import { namedBy, targetOf, targetError, type Target } from './target';
import TargetField from './TargetField.vue';
import { wrongDay } from './aboutDay';

/** Takes a photo of some units, for any day, from the camera or a file; or edits what is said of one, or withdraws it. */
const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ editing?: Photo | null; unit?: Unit | null; on?: string }>();
const emit = defineEmits<{ closed: [] }>();
const { experiment, study } = useLoaded();
const log = useLog();
const { busy, error, attempt } = useAttempt();

const day = ref('');
const note = ref('');
// Shallow: what is kept goes on to the browser's store, which takes no proxies.
const whom = shallowRef<Target>(targetOf(null));
const picture = shallowRef<PreparedPicture | null>(null);
const forGood = ref(false);
/** Who came with one unit at hand sees that one alone, until others are asked for. */
const others = ref(false);
const isOne = computed(() => !others.value && whom.value.reach === 'units' && whom.value.units.length === 1);
const shown = useObjectUrl(computed(() => (picture.value ? new Blob([picture.value.bytes], { type: 'image/jpeg' }) : undefined)));
function fill(): void {
  const { editing, unit } = props;
  day.value = editing?.on ?? props.on ?? today();
  note.value = editing?.note ?? '';
  whom.value = editing ? targetOf(editing) : { ...targetOf(null, unit), reach: unit ? 'units' : 'all' };
  picture.value = null;
  forGood.value = false;
  others.value = false;
  error.value = null;
}
watch(open, (is) => is && fill(), { immediate: true });
const first = computed(() => experiment.value.startedOn ?? today());
const wrong = computed(() => {
  if (!props.editing && picture.value === null) return 'Take a photo, or choose a file.';
  return wrongDay(day.value) ?? targetError(experiment.value, whom.value);
});

/** A file from elsewhere says when it was taken, as well as its computer knows. */
function dayOf({ lastModified }: File): string | null {
  const age = Math.floor((Date.now() - lastModified) / 86_400_000);
  const taken = addDays(today(), -age);
  return age > 0 && taken >= first.value ? taken : null;
}
const take = (file: File) =>
  attempt(async () => {
    picture.value = await preparePicture(file);
    if (props.on === undefined) day.value = dayOf(file) ?? day.value;
  });
const said = () => ({ on: day.value, ...namedBy(whom.value), note: note.value.trim() || null });

function write(): void {
  const id = uuid();
  const { editing } = props;
  if (editing) log.addPhoto({ ...editing, ...said(), id, replaces: editing.id }, null);
  else if (picture.value) {
    const { bytes, width, height } = picture.value;
    log.addPhoto({ ...blankOf(photoFields), ...said(), id, file: `${id}.jpg`, width, height }, bytes);
  }
  open.value = false;
}
async function withdraw(): Promise<void> {
  const entry = props.editing;
  if (!entry) return;
  // Where the network failed in between, it is withdrawn already.
  if (study.value.photos.every(({ replaces }) => replaces !== entry.id))
    log.addPhoto({ ...entry, id: uuid(), replaces: entry.id, withdrawn: true }, null);
  if (forGood.value) await attempt(() => log.removePicture(entry.file));
  if (error.value === null) open.value = false;
}
</script>

<template>
  <EntryDialog
    v-model:open="open"
    :title="editing ? `The photo of ${shortDate(editing.on)}` : 'A photo'"
    :error="wrong"
    :keeps="editing ? 'Mend it' : 'Keep the photo'"
    :withdraws="editing ? (forGood ? 'Withdraw and remove it' : 'Withdraw it') : null"
    @keep="write"
    @withdraw="withdraw"
    @closed="emit('closed')"
  >
    <div v-if="editing" class="picture"><PhotoPicture :photo="editing" :words="photoWords(experiment, editing)" whole /></div>
    <template v-else>
      <div v-if="shown" class="picture"><img :src="shown" alt="The photo that was chosen" /></div>
      <p class="ways">
        <FileField
          :label="shown ? 'Take another' : 'Take a photo'"
          accept="image/*"
          camera
          :look="shown ? undefined : 'main'"
          :busy="busy"
          @choose="take"
        />
        <FileField label="Choose a file" accept="image/jpeg,image/png,image/webp" :busy="busy" @choose="take" />
      </p>
      <p class="soft small">Where it was taken does not stay in it. Photograph plants, not people.</p>
    </template>
    <ProblemNote :words="error" />
    <PastDay :value="day" label="The day on which it was taken" before="taken on" @change="day = $event" />
    <p v-if="isOne" class="one">
      it shows <b class="mono">{{ whom.units[0] }}</b> <button type="button" class="link" @click="others = true">others</button>
    </p>
    <TargetField v-else :whom="whom" label="What it shows" verb="it shows" @change="whom = $event" />
    <TextField :value="note" placeholder="A caption (may stay empty)" label="Caption" :maxlength="500" @change="note = $event" />
    <Checkbox v-if="editing" v-model:checked="forGood"
      >When it is withdrawn, remove the picture for good: nobody can bring it back, and copies in backups go after 14 days.</Checkbox
    >
  </EntryDialog>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 0;
}
.one {
  margin: 0;
}
.picture {
  max-width: 320px;
}
.picture img {
  display: block;
  max-width: 100%;
  max-height: 260px;
  border-radius: 4px;
}
</style>
