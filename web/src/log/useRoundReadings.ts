import { v7 as uuid } from 'uuid';
import type { Ref } from 'vue';
import {
  checkReadings,
  readingBefore,
  recordReading,
  readsBlind,
  stillCounts,
  type Objection,
  type Observation,
  type RoundItem,
  type Said,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import { today } from '../stores/today';

/** An item of a round with a reading to be made of it, or of one of its categories. */
type ItemRead = RoundItem & { readonly category?: string };

interface ReadingOptions {
  /** The day on which this round's readings are taken; null while nobody has said it. */
  readonly readOn: Readonly<Ref<string | null>>;
  /** Told of each reading, with its id. */
  readonly kept: (id: string) => void;
}

/** The readings of a round: making them, and telling those made on this page from those that someone else makes meanwhile. */
export function useRoundReadings({ readOn, kept }: ReadingOptions) {
  const { id, experiment, study } = useLoaded();
  const outbox = useOutbox();
  const session = useSession();
  /** Readings that stood when the round was opened, and those that were made on this page: of all others someone else is telling. */
  const known = new Set(study.value.observations.map((reading) => reading.id));
  const own = new Set<string>();

  const isOwn = (reading: Observation) => own.has(reading.id);
  const isHeard = (reading: Observation) => !known.has(reading.id) && !isOwn(reading);
  /** What one saw, where it stands still; a second reading corrects nothing that was put in its place meanwhile. */
  const standing = (seen: Observation | null | undefined) => (seen && stillCounts(study.value, seen) ? seen : null);
  /** A correction keeps the day of what it corrects. */
  const dayOf = ({ reading }: RoundItem) => reading?.observedOn ?? readOn.value ?? today();
  const find = (reading: string) => study.value.observations.find((seen) => seen.id === reading);

  /** What an item's unit read last time, to compare with; null on the first round. */
  const before = (here: RoundItem) => readingBefore(study.value, here.unit.code, here.measure.code, dayOf(here).slice(0, 10), here);

  /** What makes these impossible, or unlikely. The day of a round was asked about when it was chosen. */
  function objectionsToAll(all: readonly { readonly here: ItemRead; readonly what: Said }[]): readonly Objection[] {
    const contents = all.map(({ here, what }, i) =>
      recordReading({ ...here, reading: standing(here.reading) }, what, dayOf(here), {
        id: `about to be kept ${i}`,
        observer: null,
        blinded: false,
      }),
    );
    return checkReadings(study.value, contents, today()).filter(({ pointer }) => pointer.endsWith('/value'));
  }

  /** A new reading of this round, by whoever is signed in. */
  function readingOf(here: ItemRead, what: Said) {
    const by = { id: uuid(), observer: session.account?.name ?? null, blinded: readsBlind(experiment.value) };
    own.add(by.id);
    kept(by.id);
    return { kind: 'reading', content: recordReading(here, what, dayOf(here), by) } as const;
  }

  /** @returns its id */
  function keep(here: RoundItem, what: Said): string {
    const fresh = readingOf(here, what);
    void outbox.add(id.value, fresh);
    return fresh.content.id;
  }

  function keepAll(all: readonly { readonly here: ItemRead; readonly what: Said }[]): void {
    if (all.length === 0) return;
    const fresh = all.map(({ here, what }) => readingOf({ ...here, reading: standing(here.reading) }, what));
    void outbox.addAll(id.value, fresh);
  }

  return { isOwn, isHeard, standing, find, before, objectionsToAll, keep, keepAll, ownIds: own };
}

export type RoundReadings = ReturnType<typeof useRoundReadings>;
