import ExcelJS from 'exceljs';
import { unzipSync, strFromU8 } from 'fflate';
import { marked } from 'marked';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  analyse,
  photoPath,
  readingsTable,
  report,
  reportText,
  write,
  writePackage,
  type Block,
  type Study,
  itemAt,
  entryOf,
  tupleOf,
} from '@fern/core';
import { demoExperiments, demoStudy } from '@fern/demo';
import { fern } from './fern';

const demo = itemAt(
  demoExperiments.filter((own) => own.demo.title === 'Salt water and radish sprouting').map((own) => own.demo),
  0,
);
const told = demoStudy(demo, '2026-04-14');
const typed = ['+ we watered by hand', '1. salt pulls water out', 'A <b>guess</b> & *more*: {=sprouts.C.mean} in tap water', '- none'];
const study: Study = {
  ...told,
  experiment: write(told.experiment, {
    discussion: typed.join('\n'),
    names: 'Sphagnum and Moss',
    group: 'Room 12',
    reasons: { ...told.experiment.writing.reasons, discussion: 'salt holds water' },
    sources: { ...told.experiment.writing.sources, discussion: 'our garden book' },
    photos: told.photos.slice(0, 2).map(({ file }) => file),
  }),
};
const blocks = report(study, analyse(study), 'full');
const plain = (text: string) => text.replace(/\s+/g, '');
const whole = process.env.FERN_ALL === '1';
let folder: string;
let path: string;

const fileOf = async (name: string, ...more: string[]): Promise<Buffer> => {
  const file = join(folder, name);
  let err = '';
  const code = await fern(
    [name.endsWith('csv') || name.endsWith('xlsx') ? 'readings' : 'report', path, '-o', file, ...more],
    () => undefined,
    (text) => (err += text),
  );
  expect({ code, err }).toEqual({ code: 0, err: '' });
  return readFileSync(file);
};

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'fern-report-'));
  path = join(folder, 'package');
  mkdirSync(join(path, 'photos'), { recursive: true });
  for (const [name, text] of Object.entries(writePackage(study))) if (text) writeFileSync(join(path, name), text);
  const picture = await sharp({ create: { width: 40, height: 30, channels: 3, background: 'seagreen' } })
    .jpeg()
    .toBuffer();
  for (const file of study.experiment.writing.photos) writeFileSync(join(path, photoPath(file)), picture);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('the report as a file', () => {
  it('Word: real headings, tables with their heads, captions, pictures with words, lists, page numbers', async () => {
    const parts = unzipSync(new Uint8Array(await fileOf('a.docx', '--length', 'full')));
    const xml = strFromU8(entryOf(parts, 'word/document.xml'));
    const count = (pattern: RegExp) => xml.match(pattern)?.length ?? 0;
    const of = (kind: Block['kind']) => blocks.filter((block) => block.kind === kind);
    const levels = [1, 2, 3].map((level) => of('heading').filter((block) => block.kind === 'heading' && block.level === level).length);
    expect([count(/w:val="Title"/g), count(/w:val="Heading1"/g), count(/w:val="Heading2"/g)]).toEqual(levels);
    expect(count(/<w:tbl>/g)).toBe(of('table').length + of('bench').length);
    expect(count(/<w:tblHeader\/>/g)).toBe(of('table').length);
    const pictures =
      of('figure').length + of('photos').reduce((sum, block) => sum + (block.kind === 'photos' ? block.photos.length : 0), 0);
    const words = [...xml.matchAll(/<wp:docPr [^>]*descr="([^"]*)"/g)].map(([, alt]) => alt);
    expect(words).toHaveLength(pictures);
    expect(words.every((alt = '') => alt.length > 10)).toBe(true);
    expect(Object.keys(parts).filter((name) => name.startsWith('word/media/')).length).toBeGreaterThanOrEqual(pictures - 1);
    expect(Object.entries(parts).some(([name, bytes]) => /footer\d/.test(name) && strFromU8(bytes).includes('NUMPAGES'))).toBe(true);
    const decoded = xml
      .replace(/<[^>]+>/g, '')
      .replaceAll('&lt;', '<')
      .replaceAll('&gt;', '>')
      .replaceAll('&quot;', '"')
      .replaceAll('&apos;', "'")
      .replaceAll('&amp;', '&');
    for (const line of reportText(blocks)) expect(plain(decoded)).toContain(plain(line));
  });

  it.each(whole ? ['A4', 'Letter'] : ['A4'])(
    'PDF on %s: its text is the report’s, word for word, in order; tagged, with its title and language',
    async (paper) => {
      const document = await getDocument({ data: new Uint8Array(await fileOf('a.pdf', '--length', 'school', '--paper', paper)) }).promise;
      const pages = await Promise.all(Array.from({ length: document.numPages }, (_, i) => document.getPage(i + 1)));
      const texts = await Promise.all(
        pages.map(async (page, i) => {
          const { items } = await page.getTextContent();
          const words = items.map((item) => ('str' in item ? item.str : '')).join('');
          return plain(words).replace(new RegExp(`${i + 1}/${document.numPages}$`), '');
        }),
      );
      const text = texts.join('');
      for (const line of reportText(report(study, analyse(study), 'school'))) expect(text).toContain(plain(line));
      const [, , width, height] = tupleOf(itemAt(pages, 0).view, 4);
      expect([Math.round(width), Math.round(height)]).toEqual(paper === 'A4' ? [595, 842] : [612, 792]);
      const { info } = await document.getMetadata();
      expect(info).toMatchObject({ Title: study.experiment.title, Language: 'en-GB' });
    },
  );

  it('HTML: one file that asks nothing of a network', async () => {
    const html = (await fileOf('a.html')).toString();
    expect(html).not.toMatch(/(src|href)="(?!data:)/);
    expect(html.match(/<img /g)?.length).toBeGreaterThan(3);
    expect(html).toContain('A &lt;b&gt;guess&lt;/b&gt; &amp; *more*');
  });

  it('Markdown: read back by another program it says the same, and no line of a person became a list', async () => {
    const text = (await fileOf('a.md', '--length', 'full')).toString();
    const html = await marked.parse(text);
    const back = html
      .replace(/<img[^>]*alt="([^"]*)"[^>]*>/g, '$1')
      .replace(/<[^>]+>/g, ' ')
      .replaceAll('&lt;', '<')
      .replaceAll('&gt;', '>')
      .replaceAll('&quot;', '"')
      .replaceAll('&#39;', "'")
      .replaceAll('&amp;', '&');
    for (const line of reportText(blocks)) expect(plain(back)).toContain(plain(line));
    expect(html).toContain('<p>+ we watered by hand</p>');
    expect(html).toContain('<p>1. salt pulls water out</p>');
    expect(html).toContain('<p>- none</p>');
  });

  it.each(whole ? ['html', 'pdf', 'docx'] : ['html'])('a photo that cannot be shown is told of, and stops nothing: %s', async (ending) => {
    const file = join(path, photoPath(itemAt(study.experiment.writing.photos, 0)));
    const good = readFileSync(file);
    writeFileSync(file, 'no picture');
    const made = await fileOf(`d.${ending}`);
    if (ending === 'html') expect(made.toString()).toContain('(The picture is missing.)');
    expect(made.length).toBeGreaterThan(10_000);
    writeFileSync(file, good);
  });

  it('the one page for the youngest is one page', async () => {
    const document = await getDocument({ data: new Uint8Array(await fileOf('b.pdf', '--length', 'page')) }).promise;
    expect(document.numPages).toBe(1);
  });

  it('facts of the study stand in the writer’s words as they are now', async () => {
    const share = itemAt(itemAt(analyse(study).measures, 0).arms, 0).proportion ?? 0;
    expect((await fileOf('c.md')).toString()).toContain(`${Math.round(share * 100)}`);
  });
});

describe('the readings as a file', () => {
  it('a workbook read back has every reading, numbers as numbers, and a codebook', async () => {
    const book = new ExcelJS.Workbook();
    await book.xlsx.load((await fileOf('r.xlsx')).buffer as ArrayBuffer);
    const table = readingsTable(study);
    const sheet = itemAt(book.worksheets, 0);
    const rows = sheet
      .getSheetValues()
      .slice(1)
      .map((row) => table.head.map((_, i) => (row as ExcelJS.CellValue[])[i + 1] ?? null));
    expect(rows[0]).toEqual(table.head);
    expect(rows.slice(1)).toEqual(table.rows);
    expect(itemAt(book.worksheets, 1).getColumn(2).values.slice(2)).toEqual(table.codebook.rows.map(([, name]) => name));
  });

  it('CSV has as many rows, and a codebook beside it that tells of every column', async () => {
    expect((await fileOf('r.csv')).toString().trimEnd().split('\r\n')).toHaveLength(study.observations.length + 1);
    const codebook = readFileSync(join(folder, 'r-codebook.csv'), 'utf8');
    for (const column of readingsTable(study).head) expect(codebook).toContain(column);
  });
});

it('the script for R is written out whole', async () => {
  const file = join(folder, 'figures.R');
  expect(
    await fern(
      ['script', path, '-o', file],
      () => undefined,
      () => undefined,
    ),
  ).toBe(0);
  expect(readFileSync(file, 'utf8')).toContain('Rscript figures.R FOLDER');
});

it('paths are meant from where the person stands, and other words are none', async () => {
  const say = { out: '', err: '' };
  const code = await fern(
    ['report', 'package', '-o', 'here.md', '--length', 'page'],
    (text) => (say.out += text),
    (text) => (say.err += text),
    folder,
  );
  expect([code, say.out, say.err]).toEqual([0, `${join(folder, 'here.md')}\n`, '']);
});

it.each<[string, [string, ...string[]], RegExp]>([
  ['an ending that is none of them', ['report', '-o', 'x.odt'], /expected a name that ends in/],
  ['a length that is none', ['report', '-o', 'x.md', '--length', 'short'], /How to use it/],
  ['a flag of another command', ['readings', '-o', 'x.csv', '--length', 'page'], /How to use it/],
])('%s is refused', async (_, [command, ...rest], words) => {
  let err = '';
  expect(
    await fern(
      [command, path, ...rest],
      () => undefined,
      (text) => (err += text),
    ),
  ).toBe(2);
  expect(err).toMatch(words);
});
