// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia';
import { effectScope, nextTick } from 'vue';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { addDays, anySprouting, experimentFrom, type Experiment, type Observation } from '@fern/core';
import { useExperiment } from '../stores/experiment';
import { useSession } from '../stores/session';
import { today } from '../stores/today';
import { placeWords } from './placeWords';
import { useWalk } from './useWalk';

const draft = experimentFrom(anySprouting, { created: '2026-04-01', startOn: addDays(today(), -3), seed: 4 });
const started: Experiment = { ...draft, plan: { ...draft.plan, frozenOn: draft.startedOn } };
let posted: Observation[];
let logged: Observation[];

beforeEach(() => {
  setActivePinia(createPinia());
  localStorage.clear();
  posted = [];
  logged = [];
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    if (url.endsWith('/session')) return Response.json({ account: { id: 'me', name: 'M. Bracken' }, firstStart: false, demo: [] });
    if (url.endsWith('/observations')) {
      posted.push(...(JSON.parse(String(init.body)) as { observations: Observation[] }).observations);
      return Response.json({ observations: [] });
    }
    return url.endsWith('/study')
      ? Response.json({ experiment: started, observations: logged, happenings: [], care: [] })
      : Response.json({ id: 'x', version: 1, experiment: started });
  });
});

async function walking() {
  await useSession().load();
  const store = useExperiment();
  await store.open('x');
  const walk = effectScope().run(() => useWalk(() => 3));
  if (!walk) throw new Error('no walk');
  await nextTick();
  return { walk, store };
}
/** Types a number for the stop that stands there now; measures that are events get the same. */
function read(walk: Awaited<ReturnType<typeof walking>>['walk'], value: string): void {
  walk.typed.value = value;
  walk.take();
}

describe('a walk', () => {
  it('goes unit after unit in bench order, each unit’s measures together', async () => {
    const { walk } = await walking();
    expect(walk.stops.value.slice(0, 4).map(({ unit, measure }) => [unit.unit, measure.measure])).toEqual([
      ['D01', 'sprouts'],
      ['D01', 'first-sprout'],
      ['D02', 'sprouts'],
      ['D02', 'first-sprout'],
    ]);
    read(walk, '12');
    expect(walk.at.value).toBe(1);
    expect(posted[0]).toMatchObject({
      unit: 'D01',
      measure: 'sprouts',
      value: 12,
      observer: 'M. Bracken',
      source: 'hand',
      observedOn: today(),
      replaces: null,
    });
    expect(walk.left.value).toBe(23);
  });

  it('begins where the last one left off', async () => {
    logged = [
      {
        id: 'a',
        unit: 'D01',
        plant: null,
        measure: 'sprouts',
        observedOn: today(),
        value: 4,
        category: null,
        observer: null,
        blinded: false,
        source: 'hand',
        note: null,
        replaces: null,
      },
    ];
    const { walk } = await walking();
    expect(walk.at.value).toBe(1);
  });

  it('says what is wrong with what is typed, and stays', async () => {
    const { walk } = await walking();
    for (const [typed, words] of [
      ['', /Nothing typed/],
      ['x', /not a number/],
      ['26', /more than the 25 sown/],
    ] as const) {
      read(walk, typed);
      expect(walk.wrong.value).toMatch(words);
      expect(walk.at.value).toBe(0);
    }
    expect(posted).toEqual([]);
  });

  it('asks about a total that fell, and takes it when it is meant', async () => {
    logged = [
      {
        id: 'old',
        unit: 'D01',
        plant: null,
        measure: 'sprouts',
        observedOn: addDays(today(), -1),
        value: 20,
        category: null,
        observer: null,
        blinded: false,
        source: 'hand',
        note: null,
        replaces: null,
      },
    ];
    const { walk } = await walking();
    expect(walk.before.value?.value).toBe(20);
    read(walk, '12');
    expect(walk.asked.value[0].message).toContain('went from 20');
    expect(posted).toEqual([]);
    walk.take(true);
    expect(posted[0].value).toBe(12);
  });

  it('corrects by a new reading that names the old one', async () => {
    const { walk } = await walking();
    read(walk, '12');
    walk.goTo(0);
    expect(walk.typed.value).toBe('12');
    read(walk, '13');
    // Readings leave one after another, each when the one before was acknowledged.
    await vi.waitFor(() => expect(posted[1]).toMatchObject({ value: 13, replaces: posted[0].id }));
  });

  it('the same number again is not stored twice, a note to it is', async () => {
    const { walk } = await walking();
    read(walk, '12');
    walk.goTo(0);
    read(walk, '12');
    expect(posted).toHaveLength(1);
    walk.goTo(0);
    walk.note.value = 'one is mouldy';
    read(walk, '12');
    await vi.waitFor(() => expect(posted[1]).toMatchObject({ note: 'one is mouldy', replaces: posted[0].id }));
  });

  it('tallies up and down, never below nought', async () => {
    const { walk } = await walking();
    walk.tally(1);
    walk.tally(1);
    expect(walk.typed.value).toBe('2');
    for (let i = 0; i < 5; i++) walk.tally(-1);
    expect(walk.typed.value).toBe('0');
  });

  it('is over after the last stop', async () => {
    const { walk } = await walking();
    walk.goTo(walk.stops.value.length - 1);
    expect(walk.finished.value).toBe(false);
    read(walk, '1');
    expect(walk.finished.value).toBe(true);
    expect(walk.stop.value).toBeNull();
  });
});

describe('where a unit stands, in words', () => {
  const place = (row: number | null, column: number | null) => placeWords(started, { ...started.units[0], row, column });

  it('names the shelf and counts from the left', () => {
    expect(place(1, 1)).toBe('Bench, 1st from the left');
    expect(place(1, 2)).toBe('Bench, 2nd from the left');
    expect(place(1, 11)).toBe('Bench, 11th from the left');
    expect(place(null, null)).toBe('no place on the bench');
  });

  it('names the row on a shelf with several', () => {
    const deep = { ...started, plan: { ...started.plan, bench: [{ name: 'Table', rows: 3, columns: 12, light: 'none' as const }] } };
    expect(placeWords(deep, { ...deep.units[0], row: 2, column: 3 })).toBe('Table, row 2, 3rd from the left');
  });
});
