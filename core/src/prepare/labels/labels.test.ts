import { itemAt } from '../../invariant';
import jsQR from 'jsqr';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../../ask/experimentFrom';
import { questions } from '../../ask/questions';
import type { Experiment } from '../../model';
import { redesign } from '../../plan/redesign';
import { labelPages } from './labelPages';
import { labelsOf } from './labelsOf';
import { labelSheetOf, labelSheets, labelsPerPage, type LabelSheet } from './LabelSheet';
import { shelfStrips } from './shelfStrips';

const question = questions.find(({ id }) => id === 'hard-coat') ?? itemAt(questions, 0);
const plan: Experiment = experimentFrom(question, { created: '2027-01-02', startOn: '2027-03-28', seed: 5 });
const address = 'http://192.168.178.40:4173/u/0198f0e2-7a52-7c8e-9a39-1f2b3c4d5e6f/';
const wish = { address, showsArms: true };
const DOTS_PER_MM = 12;

/** What the QR code of one label says, read from the sheet as it is printed at 300 dots an inch. */
async function readBack(page: string, sheet: LabelSheet, place: number): Promise<string | undefined> {
  const [column, row] = [place % sheet.columns, Math.floor(place / sheet.columns)];
  const box = {
    left: Math.floor((sheet.left + column * sheet.across) * DOTS_PER_MM),
    top: Math.floor((sheet.top + row * sheet.down) * DOTS_PER_MM),
    width: Math.floor(sheet.width * DOTS_PER_MM),
    height: Math.floor(sheet.height * DOTS_PER_MM),
  };
  const { data, info } = await sharp(Buffer.from(page.replaceAll('mm"', '"')), { density: 72 * DOTS_PER_MM })
    .extract(box)
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return jsQR(new Uint8ClampedArray(data), info.width, info.height)?.data;
}

describe('sheets of labels', () => {
  it.each(labelSheets)('$title: the QR codes are read back from the sheet, first and last', async (sheet) => {
    const labels = labelsOf(plan, wish);
    const page = itemAt(labelPages(labels, sheet), 0);
    const last = Math.min(labels.length, labelsPerPage(sheet)) - 1;
    expect(await readBack(page, sheet, 0)).toBe(`${address}${itemAt(labels, 0).code}`);
    expect(await readBack(page, sheet, last)).toBe(`${address}${itemAt(labels, last).code}`);
  });

  it.each(labelSheets)('$title: nothing lies outside the paper', ({ page, left, top, columns, rows, across, down, width, height }) => {
    expect(left).toBeGreaterThanOrEqual(0);
    expect(top).toBeGreaterThanOrEqual(0);
    expect(left + (columns - 1) * across + width).toBeLessThanOrEqual(page.width + 1e-6);
    expect(top + (rows - 1) * down + height).toBeLessThanOrEqual(page.height + 1e-6);
  });

  it('400 labels are all there, each once, in the order of the bench', () => {
    const many = redesign(plan, { unitsPerArm: 100 });
    const labels = labelsOf(many, wish);
    const pages = labelPages(labels, labelSheetOf('a4-plain'));
    expect(labels).toHaveLength(400);
    expect(pages).toHaveLength(Math.ceil(400 / 27));
    for (const { code } of labels) expect(pages.filter((page) => page.includes(`>${code}</text>`))).toHaveLength(1);
  });

  it('one is reprinted on the place that is free on a sheet begun', async () => {
    const sheet = labelSheetOf('a4-24');
    const pages = labelPages(labelsOf(plan, { ...wish, only: ['P07'] }), sheet, 5);
    expect(pages).toHaveLength(1);
    const page = itemAt(pages, 0);
    expect(await readBack(page, sheet, 5)).toBe(`${address}P07`);
    expect(await readBack(page, sheet, 0)).toBeUndefined();
    expect(labelPages([], sheet)).toEqual([]);
  });

  it('for whoever reads blind have no arm on them, and the strips have none', () => {
    const names = plan.arms.map(({ name }) => name);
    const [page] = labelPages(labelsOf(plan, { ...wish, showsArms: false }), labelSheetOf('a4-plain'));
    for (const name of names) expect(page).not.toContain(name.slice(0, 10));
    const [strip] = shelfStrips(plan, labelSheetOf('a4-plain').page, false);
    expect(strip).toContain('>P01</text>');
    expect(strip).not.toContain('>C</text>');
    expect(shelfStrips(plan, labelSheetOf('a4-plain').page, true)[0]).toContain('>C</text>');
  });

  it('long names are cut, signs are escaped, and the file can be read', async () => {
    const odd = { ...plan, arms: plan.arms.map((arm) => ({ ...arm, name: `<b>&"' ${'very '.repeat(20)}\u0007` })) };
    const page = itemAt(labelPages(labelsOf(odd, wish), labelSheetOf('a4-65')), 0);
    expect(page).not.toContain('<b>');
    expect(page).toContain('…');
    expect((await sharp(Buffer.from(page)).metadata()).width).toBeGreaterThan(500);
  });

  it('every place of the bench stands on one strip', () => {
    const pages = shelfStrips(redesign(plan, { unitsPerArm: 40 }), labelSheetOf('letter-plain').page, true).join('');
    expect(pages.match(/>P\d+<\/text>/g)).toHaveLength(160);
  });
});
