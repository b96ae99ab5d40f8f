import type { PaperSize } from '@fern/core';

const words = { A4: 'A4', letter: 'letter' } as const;

/** A page that holds nothing but the sheets, each on paper of its size, as one file. */
export function pagesAsHtml(title: string, pages: readonly string[], paper: PaperSize): string {
  const plain = title.replace(/[<>&]/g, ' ');
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${plain}</title><style>@page{size:${words[paper.name]};margin:0}body{margin:0}svg{display:block;break-after:page}</style></head><body>${pages.join('')}</body></html>`;
}

/** Prints the sheets as they are, without the app round them. */
export function printPages(title: string, pages: readonly string[], paper: PaperSize): void {
  const frame = document.createElement('iframe');
  frame.title = title;
  frame.style.cssText = 'position:fixed;width:0;height:0;border:0';
  frame.srcdoc = pagesAsHtml(title, pages, paper);
  frame.onload = () => {
    frame.contentWindow?.print();
    setTimeout(() => frame.remove(), 60_000);
  };
  document.body.append(frame);
}
