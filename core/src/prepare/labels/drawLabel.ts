import type { LabelText } from './labelsOf';
import type { LabelSheet } from './LabelSheet';
import { qrCode } from './qrPath';
import { broken, mm, textLine } from './svg';

const PAD = 1.5;

/** One label at its place: the QR code on the left, what a person reads on the right. */
export function drawLabel(label: LabelText, x: number, y: number, { width, height }: Pick<LabelSheet, 'width' | 'height'>): string {
  const qr = Math.min(height - 2 * PAD, width * 0.46);
  const left = x + PAD + qr + 1;
  const room = width - qr - 2 * PAD - 1;
  const arm = label.armName === '' ? [] : broken(`${label.arm} ${label.armName}`, room, (height - 2 * PAD) * 0.17, 700);
  const lines = [
    { text: label.code, share: 1.35, weight: 700, mono: true },
    ...arm.map((text) => ({ text, share: 0.8, weight: 700 })),
    { text: label.plant, share: 0.75 },
    { text: label.date, share: 0.72 },
  ].filter(({ text }) => text !== '');
  const step = (height - 2 * PAD) / (lines.length + 0.55);
  const texts = lines.map(({ share, ...line }, i) =>
    textLine({ ...line, size: step * share, x: left, y: y + PAD + step * (1.15 + i), room }),
  );
  return [qrCode(label.link, x + PAD, y + (height - qr) / 2, qr), ...texts].join('');
}

/** A stake: a slim tag with a pointed foot, upright, to be cut out. */
export function drawStake(label: LabelText, x: number, y: number, { width, height }: Pick<LabelSheet, 'width' | 'height'>): string {
  const foot = width * 0.9;
  const outline = `M${mm(x)} ${mm(y)}h${mm(width)}v${mm(height - foot)}l${mm(-width / 2)} ${mm(foot)}l${mm(-width / 2)} ${mm(-foot)}z`;
  const qr = width - 2 * PAD;
  const middle = x + width / 2;
  const down = y + qr + 2 * PAD;
  const turned = (text: string, at: number, size: number, weight: number) =>
    `<g transform="translate(${mm(at)} ${mm(down + 8)}) rotate(90)">${textLine({ x: 0, y: 0, room: height - foot - qr - 16, size, text, weight })}</g>`;
  return [
    `<path d="${outline}" fill="none" stroke="#777" stroke-width="0.2" stroke-dasharray="1.5 1"/>`,
    qrCode(label.link, x + PAD, y + PAD, qr),
    textLine({ x: middle, y: down + 3.5, room: width - 2 * PAD, size: 5.5, text: label.code, weight: 700, mono: true, middle: true }),
    turned(label.armName === '' ? '' : `${label.arm}  ${label.armName}`, x + width * 0.62, 5, 700),
    turned([label.plant, label.date].filter((text) => text !== '').join(' · '), x + width * 0.32, 4, 400),
  ].join('');
}
