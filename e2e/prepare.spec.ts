import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import ICAL from 'ical.js';
import jsQR from 'jsqr';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import {
  addDays,
  blankOf,
  experimentFrom,
  questions,
  redesign,
  setSowing,
  setTiming,
  stageFields,
  startOn,
  type Experiment,
  type Stage,
  type Study,
} from '@fern/core';
import { textWidth } from '../core/src/prepare/labels/textWidth';
import { OTHER } from './copy';
import { enterDemo, signIn } from './enter';

const today = new Date().toISOString().slice(0, 10);
const stage = (name: string, more: Partial<Stage>): Stage => ({ ...blankOf(stageFields), name, ...more });

/** Hard seed: vinegar, a rinse, five weeks of cold, all potted together. */
function coats(startsOn: string, unitsPerArm = 4): Experiment {
  const question = questions.find(({ id }) => id === 'heat-and-acid') ?? questions[0];
  const draft = experimentFrom({ ...question, unitsPerArm }, { created: new Date().toISOString(), startOn: startsOn, seed: 4 });
  const stages = [
    stage('a day in vinegar', { kind: 'soak', arms: ['A', 'HA'], hours: 24, hazards: ['chemical'], tested: true }),
    stage('a day in water', { kind: 'soak', arms: ['C', 'H'], hours: 24 }),
    stage('rinsed', { kind: 'handle' }),
    stage('4 °C in moist mix', { kind: 'cold', hours: 840, hoursMost: 1008 }),
  ];
  const plan = { ...draft, title: 'Hard coats of lupin seed', plan: { ...draft.plan, stages } };
  return setTiming(setSowing(plan, startsOn, '10:00'), { zone: 'UTC' });
}
async function made(page: Page, experiment: Experiment): Promise<string> {
  const reply = await page.request.post('/api/experiments', { data: experiment, headers: { 'x-fern-test': '2' } });
  return ((await reply.json()) as { id: string }).id;
}
const studyOf = async (page: Page, id: string) => (await (await page.request.get(`/api/experiments/${id}/study`)).json()) as Study;
async function noSeriousFaults(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa']).analyze();
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([]);
}

test(
  'calculators: typed as people write, beside an experiment and alone, and into the kit with one press',
  { tag: '@all' },
  async ({ page }) => {
    await enterDemo(page, OTHER);
    await page.goto('/calculators/one-in-many');
    await page.getByLabel('Ratio').fill('1:500');
    await page.getByLabel('Solution in all').fill('1/2 cup');
    const out = page.getByRole('status', { name: 'What comes out' });
    await expect(out).toContainText('0.237 mL');
    await page.getByLabel('Solution in all').fill('5 smidgens');
    await expect(page.getByRole('alert')).toContainText('No unit “smidgens” is known here');
    await page.getByPlaceholder('Find: ppm, cups, lamp').fill('survey');
    await page.getByRole('link', { name: 'A survey of the light' }).click();
    await page.getByLabel('Row 1, place 1', { exact: true }).fill('60');
    await page.getByLabel('Row 1, place 1', { exact: true }).press('Enter');
    await expect(page.getByLabel('Row 1, place 2', { exact: true })).toBeFocused();
    await expect(out).toContainText('147 µmol');
    await noSeriousFaults(page);
    const id = await made(page, coats(addDays(today, 40)));
    await page.goto(`/experiments/${id}/prepare/calculators/seeds-to-sow`);
    await expect(page.getByLabel('Plants wanted')).toHaveValue('16');
    await page.getByRole('button', { name: 'Put it into the kit' }).click();
    await page.getByRole('link', { name: 'Kit', exact: true }).click();
    await expect(page.getByRole('region', { name: 'And besides' })).toContainText('How many to sow or to stick');
  },
);

test(
  'steps: worked back from the sowing, dragged, begun, timed through a reload and in a second tab, ended late and told of',
  { tag: '@all' },
  async ({ page, context }) => {
    await enterDemo(page, OTHER);
    const draft = coats(addDays(today, 45));
    const id = await made(page, draft);
    await page.goto(`/experiments/${id}/prepare`);
    await noSeriousFaults(page);
    const cold = page.getByLabel(/^4 °C in moist mix, group C/);
    const before = await cold.getAttribute('aria-label');
    const box = await cold.boundingBox();
    if (!box) throw new Error('no bar');
    await page.mouse.move(box.x + 40, box.y + 10);
    await page.mouse.down();
    await page.mouse.move(box.x + 100, box.y + 10, { steps: 5 });
    await page.mouse.up();
    await expect(cold).not.toHaveAttribute('aria-label', before ?? '');
    await expect.poll(async () => (await studyOf(page, id)).experiment.startedOn).not.toBe(draft.startedOn);

    // Under way: the day in vinegar is due now.
    const started = startOn(coats(addDays(today, 36)), addDays(today, 36), today);
    const running = await made(page, { ...started, title: 'Coats under way' });
    await page.goto(`/experiments/${running}/prepare`);
    const vinegar = page.getByRole('listitem').filter({ hasText: 'a day in vinegar' });
    await expect(vinegar).toContainText('goggles');
    await vinegar.getByRole('button', { name: 'Begin now' }).click();
    await expect(page.getByRole('timer')).toHaveText(/(1 d 00:00:00|23:59:\d\d) left/);
    await page.reload();
    await expect(page.getByRole('timer')).toHaveText(/23:59:\d\d left/);
    const second = await context.newPage();
    await second.goto('/');
    await expect(second.getByRole('link', { name: /a day in vinegar ends in 23:5/ })).toBeVisible();
    await expect(second.getByRole('region', { name: 'Running now' })).toContainText('a day in vinegar, 8 pots');
    await second.close();
    // It was forgotten over night: the entry is put right, and the check tells by how much it was too long.
    const [entry] = (await studyOf(page, running)).care;
    const late = {
      ...entry,
      id: crypto.randomUUID(),
      replaces: entry.id,
      began: `${addDays(today, -2)}T08:00:00Z`,
      ended: `${addDays(today, -1)}T10:00:00Z`,
      on: addDays(today, -2),
    };
    await page.request.post(`/api/experiments/${running}/care`, { data: late, headers: { 'x-fern-test': '2' } });
    await page.reload();
    await expect(page.getByRole('timer')).toHaveCount(0);
    await page
      .getByRole('navigation', { name: 'The six steps' })
      .getByRole('link', { name: /^Write up/ })
      .click();
    await expect(page.getByText(/A day in vinegar from 08:00 to 10:00, 26 h/i)).toBeVisible();
    await expect(page.getByText(/was 2 h too long/).first()).toBeVisible();
  },
);

test('the calendar is read by another library, and the wall page stands on two pages at most', async ({ page }) => {
  await enterDemo(page, OTHER);
  const id = await made(page, coats(addDays(today, 45)));
  await page.goto(`/experiments/${id}/prepare`);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar' }).click();
  const events = new ICAL.Component(
    ICAL.parse(readFileSync(await (await download).path(), 'utf8')) as [string, unknown[], unknown[]],
  ).getAllSubcomponents('vevent');
  expect(events.map((event) => String(event.getFirstPropertyValue('summary')))).toContain(
    'A day in vinegar (cool water, then vinegar and hot water, then vinegar)',
  );
  await page.getByRole('button', { name: 'Wall page' }).click();
  await expect(page.getByRole('heading', { name: 'Who does what' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'School safety rules' })).toBeVisible();
  for (const format of ['A4', 'Letter']) {
    const pdf = (await page.pdf({ format })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b(?!s)/g)?.length, format).toBeLessThanOrEqual(2);
  }
});

test(
  '400 labels are drawn without holding the page up; a scanned one opens its own log and is ticked',
  { tag: '@all' },
  async ({ page }) => {
    await enterDemo(page, OTHER);
    const many = redesign(coats(addDays(today, 45)), { unitsPerArm: 100 });
    const id = await made(page, many);
    await page.goto(`/experiments/${id}/prepare/labels`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('400 labels on 15 sheets');
    const sheet = page.getByAltText('Sheet 1 as it is printed');
    await expect(sheet).toBeVisible();
    await noSeriousFaults(page);
    // The page answers while sheets are drawn anew.
    await page.getByLabel('Sheet', { exact: true }).selectOption('a4-65');
    await page.getByLabel('with the group').uncheck();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('400 labels on 7 sheets');
    await page.getByLabel('Sheet', { exact: true }).selectOption('letter-plain');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('400 labels on 17 sheets');
    await page.getByLabel('Which pots').selectOption('P007');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('The label of P007 again');
    await expect.poll(async () => decodeURIComponent((await sheet.getAttribute('src')) ?? '').match(/>P\d+<\/text>/g)?.length).toBe(1);
    const svg = decodeURIComponent(((await sheet.getAttribute('src')) ?? '').split(',').slice(1).join(','));
    const { data, info } = await sharp(Buffer.from(svg.replaceAll('mm"', '"')), { density: 72 * 12 })
      .extract({ left: 120, top: 120, width: 900, height: 560 })
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const link = jsQR(new Uint8ClampedArray(data), info.width, info.height)?.data ?? '';
    expect(link).toMatch(new RegExp(`/u/${id}/P007$`));
    await page.goto(link);
    await expect(page.getByRole('dialog')).toContainText('What about P007?');
    await page.getByRole('button', { name: 'It stands in its place' }).click();
    await page.goto(`/experiments/${id}/prepare/put-out`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('399 of 400 pots to put out');
    await expect(page.getByLabel('P007 stands')).toBeChecked();
  },
);

test('blind: spoken codes, the key for another, sealed everywhere, opened with a reason that the report tells', async ({ page }) => {
  await enterDemo(page, OTHER);
  const question = questions.find(({ id }) => id === 'rooting-aid') ?? questions[0];
  const draft = experimentFrom(question, { created: new Date().toISOString(), startOn: today, seed: 4 });
  const id = await made(page, draft);
  await page.goto(`/experiments/${id}/prepare/labels`);
  await page.getByRole('button', { name: 'Give codes that say nothing' }).click();
  await expect.poll(async () => (await studyOf(page, id)).experiment.units.every(({ code: unit }) => /^[A-Z]{4}$/.test(unit))).toBe(true);
  await page.getByRole('button', { name: 'Show the key' }).click();
  await expect(page.getByRole('table')).toContainText('The key to');
  await page.getByRole('navigation', { name: 'The six steps' }).getByRole('link', { name: /^Plan/ }).click();
  await page.getByRole('button', { name: 'Start the experiment' }).click();
  await page.getByRole('button', { name: 'Start and freeze the plan' }).click();
  await page.getByRole('link', { name: 'Labels', exact: true }).click();
  await page.getByRole('button', { name: 'Seal the key' }).click();
  await expect(page.getByLabel('with the group')).toHaveCount(0);
  const names = draft.arms.map(({ name }) => name);
  for (const path of ['weigh', 'write', 'prepare/put-out']) {
    await page.goto(`/experiments/${id}/${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('The key is sealed');
  }
  await page.goto(`/experiments/${id}/log`);
  await expect(page.getByRole('heading', { name: 'The bench' })).toBeVisible();
  for (const name of names) await expect(page.getByText(name, { exact: true })).toHaveCount(0);
  await page.goto(`/experiments/${id}/write`);
  await page.getByRole('button', { name: 'Open the key' }).click();
  await expect(page.getByRole('alert')).toContainText('Say why it is opened');
  await page.getByLabel('Why the key is opened').fill('all cuttings are lifted');
  await page.getByRole('button', { name: 'Open the key' }).click();
  await expect(page.getByText(/The groups were hidden on .*and revealed on .*all cuttings are lifted/)).toBeVisible();
});

const pages = ['', '/kit', '/labels', '/put-out', '/wall', '/calculators'];
const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };

for (const [which, own] of [
  ['first', pages.slice(0, 3)],
  ['other', pages.slice(3)],
] as const)
  test(
    `on a phone the ${which} pages of Prepare have no serious fault, and nothing hangs over their edge`,
    { tag: '@all' },
    async ({ browser }) => {
      const context = await browser.newContext({ ...phone, serviceWorkers: 'block' });
      const page = await context.newPage();
      await signIn(page, OTHER);
      const id = await made(page, coats(addDays(today, 45)));
      for (const path of own) {
        await page.goto(`/experiments/${id}/prepare${path}`);
        await expect(page.getByRole('navigation', { name: 'Prepare' })).toBeVisible();
        await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
        await noSeriousFaults(page);
      }
      await context.close();
    },
  );

test(
  'on a phone and without a network: kit, steps, labels, put out and the wall page, once they were opened',
  { tag: '@all' },
  async ({ browser }) => {
    const context = await browser.newContext({ ...phone, serviceWorkers: 'allow' });
    const page = await context.newPage();
    await enterDemo(page, OTHER);
    const id = await made(page, coats(addDays(today, 45)));
    await page.goto(`/experiments/${id}/prepare`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    for (const path of pages) {
      await page.goto(`/experiments/${id}/prepare${path}`);
      await expect(page.getByRole('heading', { level: 1 }).first(), path).toBeVisible();
    }
    await context.setOffline(true);
    for (const path of pages) {
      await page.goto(`/experiments/${id}/prepare${path}`);
      await expect(page.getByRole('heading', { level: 1 }).first(), path).toBeVisible();
    }
    await page.goto(`/experiments/${id}/prepare/labels`);
    await expect(page.getByAltText('Sheet 1 as it is printed')).toBeVisible();
    await page.goto(`/experiments/${id}/prepare/put-out`);
    await page.getByRole('button', { name: 'It stands' }).tap();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('15 of 16 pots to put out');
    await context.setOffline(false);
    await expect.poll(async () => (await studyOf(page, id)).care.length, { timeout: 30_000 }).toBe(1);
    await context.close();
  },
);

test('a label reckons with the letters in which it is printed', { tag: '@all' }, async ({ page }) => {
  await enterDemo(page, OTHER);
  const texts = ['Control, tap water only', 'WIDE MAMMOTH AMARANTH 25%', 'illicit little ill-lit lilies', '“Ærlig” Größe – 10 °C'];
  const fonts = [
    { family: 'Atkinson Hyperlegible', weight: 400, mono: false },
    { family: 'Atkinson Hyperlegible', weight: 700, mono: false },
    { family: 'IBM Plex Mono', weight: 500, mono: true },
  ];
  for (const { family, weight, mono } of fonts) {
    const font = `${weight} 100px '${family}'`;
    const measured = await page.evaluate(
      async (asked) => {
        await document.fonts.load(asked.font);
        const ctx = document.createElement('canvas').getContext('2d');
        if (!ctx) throw new Error('There is no canvas.');
        ctx.font = asked.font;
        ctx.fontKerning = 'none';
        return asked.texts.map((text) => ctx.measureText(text).width / 100);
      },
      { texts, font },
    );
    expect(measured.map((width) => width.toFixed(1))).toEqual(texts.map((text) => textWidth(text, weight, mono).toFixed(1)));
  }
});
