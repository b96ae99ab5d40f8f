import { escape } from 'lodash-es';
import { sentenceText, type Block } from '@fern/core';
import { colours } from '../look';
import { eachBlock, missing, photoOf, type Materials } from './Materials';
import { ownParagraphs } from './ownText';

/**
 * The report as one page of HTML with its pictures in it.
 * @param materials the report, and how its pictures are drawn
 * @returns a whole document
 */
export async function htmlFile(materials: Materials): Promise<string> {
  const body = await eachBlock(materials, async (block) => [await htmlOf(block, materials)]);
  return `<!doctype html>
<html lang="en-GB">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escape(materials.title)}</title>
<style>${style(materials.paper)}</style>
</head>
<body>
<main>
${body.join('\n')}
</main>
</body>
</html>
`;
}

const style = (paper: Materials['paper']) =>
  `@page{size:${paper};margin:18mm}body{margin:0;color:${colours.ink};font:16px/1.55 'Atkinson Hyperlegible',Verdana,sans-serif}main{max-width:760px;margin:0 auto;padding:24px}h1,h2,h3{font-family:Bitter,Georgia,serif;line-height:1.25;break-after:avoid}table{border-collapse:collapse;width:100%;font-size:14px;margin:0 0 14px}caption{text-align:left;padding:6px 0;color:${colours.soft}}th,td{padding:4px 8px;border-bottom:1px solid ${colours.line};text-align:left;vertical-align:top}.n{text-align:right}tr,figure{break-inside:avoid}thead{display:table-header-group}figure{margin:0 0 18px}img{max-width:100%;height:auto}figcaption{color:${colours.soft};font-size:14px}.caution{border-left:4px solid ${colours.pollen};padding-left:10px}.scroll{overflow-x:auto}`;

async function htmlOf(block: Block, materials: Materials): Promise<string> {
  switch (block.kind) {
    case 'heading':
      return `<h${block.level}>${escape(block.text)}</h${block.level}>`;
    case 'paragraph':
      return `<p>${escape(sentenceText(block.text))}</p>`;
    case 'list': {
      const tag = block.ordered ? 'ol' : 'ul';
      return `<${tag}>${block.items.map((item) => `<li>${escape(sentenceText(item))}</li>`).join('')}</${tag}>`;
    }
    case 'table':
      return table(block.rows, block.numbersFrom, block.head, block.caption);
    case 'bench':
      return `<figure>${table(block.rows, Infinity)}<figcaption>${escape(block.caption)}</figcaption></figure>`;
    case 'figure': {
      const { png, width, height } = await materials.draw(block.picture);
      return image(`data:image/png;base64,${base64(png)}`, block.picture.sentence, block.caption, width, height);
    }
    case 'photos': {
      const all = await Promise.all(
        block.photos.map(async ({ file, caption, width, height }) => {
          const data = await photoOf(materials, file);
          return data === null
            ? `<p>${escape(missing(caption))}</p>`
            : image(`data:image/jpeg;base64,${base64(data)}`, caption, caption, width, height);
        }),
      );
      return all.join('\n');
    }
    case 'caution':
      return `<p class="caution"><b>Take care.</b> ${escape(block.text)}</p>`;
    case 'own':
      return ownParagraphs(block)
        .map(
          ({ label, text, open }) =>
            `<p>${label === '' ? '' : `<b>${label.trim()}</b> `}${open ? `<i>${escape(text)}</i>` : escape(text)}</p>`,
        )
        .join('\n');
  }
}

const image = (source: string, words: string, caption: string, width: number, height: number) =>
  `<figure><img src="${source}" alt="${escape(words)}" width="${width}" height="${height}"><figcaption>${escape(caption)}</figcaption></figure>`;

function table(rows: readonly (readonly string[])[], numbersFrom: number, head: readonly string[] = [], caption = ''): string {
  const mark = (i: number) => (i >= numbersFrom ? ' class="n"' : '');
  const top =
    head.length === 0 ? '' : `<thead><tr>${head.map((cell, i) => `<th scope="col"${mark(i)}>${escape(cell)}</th>`).join('')}</tr></thead>`;
  const body = rows.map((row) => `<tr>${row.map((cell, i) => `<td${mark(i)}>${escape(cell)}</td>`).join('')}</tr>`).join('');
  return `<div class="scroll"><table>${caption === '' ? '' : `<caption>${escape(caption)}</caption>`}${top}<tbody>${body}</tbody></table></div>`;
}

/** Bytes as base64, in the browser as well as without one. */
export function base64(bytes: Uint8Array): string {
  const letters = Array.from({ length: Math.ceil(bytes.length / 8192) }, (_, i) =>
    String.fromCharCode(...bytes.subarray(i * 8192, (i + 1) * 8192)),
  );
  return btoa(letters.join(''));
}
