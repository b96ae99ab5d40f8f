import { ref, watch, type Ref } from 'vue';
import { readName, type Experiment, type RoundItem } from '@fern/core';
import { useOutbox } from '../stores/outbox';
import { placeWords } from './placeWords';
import { readingWords } from './readingWords';

interface AnnouncedRound {
  readonly at: Ref<number>;
  readonly items: Ref<readonly RoundItem[]>;
  readonly experiment: Ref<Experiment>;
  readonly question: Ref<string>;
}

/** For whoever hears the walk: what was kept, what waits, where one stands now and what is asked. */
export function useAnnouncements({ at, items, experiment, question }: AnnouncedRound): Ref<string> {
  const outbox = useOutbox();
  const heard = ref('');
  watch(
    at,
    (now, from) => {
      const [left, here] = [items.value[from], items.value[now]];
      const stands = left?.reading ? `${readName(left.unit, left.measure)}: ${readingWords(left.reading, left.measure)}, kept.` : '';
      const waits = outbox.offline ? `${outbox.count} wait for the network.` : '';
      const next = here ? `${readName(here.unit, here.measure)}, ${placeWords(experiment.value, here.unit)}. ${question.value}` : '';
      heard.value = [stands, waits, next].filter((part) => part !== '').join(' ');
    },
    { flush: 'post' },
  );
  return heard;
}
