import fc from 'fast-check';
import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, disposePinia, setActivePinia, type Pinia } from 'pinia';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import { blankOf, measureFields, type Observation, itemAt } from '@fern/core';
import type { News } from '@fern/contract';
import LoadedExperiment from '../layout/LoadedExperiment.vue';
import { useLog } from '../stores/log';
import { useOpening } from '../stores/openExperiment';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import { eventually, fakeServer, startedStudy, testRouter, type FakeServer } from '../testing';
import RecordPage from './RecordPage.vue';

/** What the server tells each page that has the experiment open; it comes when the test says so. */
class FakeStream {
  static all = new Set<FakeStream>();
  static waiting: News[] = [];
  onmessage: ((event: { data: string }) => void) | null = null;
  constructor() {
    FakeStream.all.add(this);
  }
  close(): void {
    FakeStream.all.delete(this);
  }
  static deliver(): void {
    for (const news of FakeStream.waiting.splice(0))
      for (const stream of FakeStream.all) stream.onmessage?.({ data: JSON.stringify(news) });
  }
}

const height = { ...blankOf(measureFields), code: 'height', name: 'Height', unit: 'cm', primary: true, readingDays: [3] };
let server: FakeServer;
let offline = false;
/** In order; each id once. */
let stored: Observation[] = [];

/** Stores what is sent once; refuses what would correct a reading a second time. */
async function post(sent: readonly Observation[]): Promise<Response> {
  const fresh = sent.filter(({ id }) => !stored.some((own) => own.id === id));
  const twice = sent.findIndex(
    (one) => fresh.includes(one) && one.replaces !== null && stored.some(({ replaces }) => replaces === one.replaces),
  );
  if (twice >= 0) {
    const detail = 'This reading was corrected already.';
    return Response.json({ detail, errors: [{ pointer: `/observations/${twice}/replaces`, detail }] }, { status: 422 });
  }
  stored = [...stored, ...fresh];
  server.study = { ...server.study, observations: stored };
  FakeStream.waiting.push({ logged: fresh.map((content) => ({ kind: 'reading', content })) });
  return Response.json({ observations: sent });
}

function start(): void {
  FakeStream.all.clear();
  FakeStream.waiting = [];
  [stored, offline] = [[], false];
  server = fakeServer(startedStudy([], { measures: [height] }));
  const quick = globalThis.fetch;
  vi.stubGlobal('EventSource', FakeStream);
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    if (offline) throw new TypeError('no network');
    if (!url.endsWith('/observations') || init.method !== 'POST') return quick(url, init);
    return post((JSON.parse(String(init.body)) as { observations: Observation[] }).observations);
  });
}

const settle = async () => {
  for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
};

/** One tab on the walk, and what its person has typed since they came to where they stand. */
class Tab {
  private pinia: Pinia = createPinia();
  private page: VueWrapper | null = null;
  private pending = '';

  async open(): Promise<void> {
    this.pinia = createPinia();
    setActivePinia(this.pinia);
    await useSession().load();
    await useOpening().open('x');
    const log = useLog();
    const frame = defineComponent({
      setup: () => () => (log.study ? h(LoadedExperiment, { id: 'x', study: log.study }, () => h(RecordPage, { day: '3' })) : null),
    });
    this.page = mount(frame, { attachTo: document.body, global: { plugins: [this.pinia, testRouter()] } });
    await settle();
  }
  async reload(): Promise<void> {
    this.close();
    await this.open();
  }
  close(): void {
    this.pending = '';
    this.page?.unmount();
    disposePinia(this.pinia);
  }
  private field(): HTMLInputElement | null {
    return this.page?.find<HTMLInputElement>('.entry input').element ?? null;
  }
  private get hasField(): boolean {
    return this.page?.find('.entry input').exists() ?? false;
  }
  private get unit(): string {
    return this.page?.find('[data-testid="unit"]').text() ?? '';
  }
  async pick(which: number): Promise<void> {
    this.pending = '';
    await itemAt(this.page?.findAll('[data-unit]') ?? [], which).trigger('click');
    await settle();
  }
  /** As a browser does: what is selected is replaced, else the digit goes to the end. */
  async key(digit: string): Promise<void> {
    const input = this.hasField ? this.field() : null;
    if (input === null || this.pending.length >= 2) return;
    const [from, to] = [input.selectionStart ?? input.value.length, input.selectionEnd ?? input.value.length];
    input.value = input.value.slice(0, from) + digit + input.value.slice(to);
    input.setSelectionRange(from + 1, from + 1);
    input.dispatchEvent(new Event('input'));
    this.pending += digit;
    await settle();
  }
  /** @returns what was typed, with its unit; null where nothing was */
  async enter(): Promise<{ unit: string; value: number } | null> {
    if (!this.hasField) return null;
    const said = { unit: this.unit, value: Number(this.pending) };
    const isNumber = this.pending !== '';
    this.pending = '';
    for (let i = 0; i < 2 && this.hasField && this.unit === said.unit; i++) {
      // The button, since both pages hear the keys of the one window that a test has.
      await this.page
        ?.findAll('button')
        .find((own) => own.text().startsWith('Next'))
        ?.trigger('click');
      await settle();
    }
    return isNumber ? said : null;
  }
  get aside(): Observation[] {
    return useOutbox(this.pinia).aside.flatMap((item) => (item.kind === 'reading' ? [item.content] : []));
  }
  async send(): Promise<void> {
    await useOutbox(this.pinia).send();
  }
  get waits(): number {
    return useOutbox(this.pinia).count;
  }
}

const tabs = [new Tab(), new Tab()] as const;
afterEach(() => {
  for (const tab of tabs) tab.close();
  document.body.innerHTML = '';
});

/** Few with each push; more by FERN_RUNS. */
const RUNS = Number(process.env.FERN_RUNS ?? 8);

const who = fc.nat(1);
const action = fc.oneof(
  { weight: 6, arbitrary: fc.record({ do: fc.constant('key' as const), who }) },
  { weight: 5, arbitrary: fc.record({ do: fc.constant('enter' as const), who }) },
  { weight: 2, arbitrary: fc.record({ do: fc.constant('pick' as const), who, which: fc.nat(2) }) },
  { weight: 4, arbitrary: fc.record({ do: fc.constant('news' as const), who }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('network' as const), who }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('reload' as const), who }) },
);

describe('two tabs on one walk', () => {
  it('store every number that was typed once, or show that they did not, and nothing that was not typed', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(action, { minLength: 8, maxLength: 40 }), async (actions) => {
        for (const tab of tabs) tab.close();
        document.body.innerHTML = '';
        start();
        for (const tab of tabs) await tab.open();
        // Each of two digits that no other number has at its place.
        const numbers = Array.from({ length: 90 }, (_, i) => String(10 + ((i * 37) % 90)));
        const next = [numbers.shift() ?? '', numbers.shift() ?? ''];
        const pressed = [0, 0];
        const typed: { unit: string; value: number }[] = [];
        const press = async (i: number) => {
          const at = itemAt(pressed, i);
          if (at < 2) {
            pressed[i] = at + 1;
            await itemAt(tabs, i).key(itemAt(itemAt(next, i), at));
          }
        };
        const fresh = (i: number) => {
          if (itemAt(pressed, i) > 0) next[i] = numbers.shift() ?? '';
          pressed[i] = 0;
        };
        for (const step of actions) {
          const tab = itemAt(tabs, step.who);
          if (step.do === 'key') await press(step.who);
          else if (step.do === 'news') FakeStream.deliver();
          else if (step.do === 'network') offline = !offline;
          else if (step.do === 'reload') {
            fresh(step.who);
            await tab.reload();
          } else if (step.do === 'pick') {
            fresh(step.who);
            await tab.pick(step.which);
          } else {
            if (pressed[step.who] === 1) await press(step.who);
            const said = await tab.enter();
            if (said !== null) typed.push(said);
            fresh(step.who);
          }
          await settle();
        }
        offline = false;
        for (const tab of tabs) {
          await tab.send();
          await eventually(() => expect(tab.waits).toBe(0));
        }
        const line = ({ unit, value }: { unit: string; value: number | null }) => `${unit} ${value}`;
        const refused = new Map(tabs.flatMap((tab) => tab.aside).map((reading) => [reading.id, reading]));
        expect([...stored, ...refused.values()].map(line).sort()).toEqual(typed.map(line).sort());
      }),
      { numRuns: RUNS },
    );
  });
});
