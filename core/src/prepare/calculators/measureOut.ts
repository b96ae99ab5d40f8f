import { convert } from '../../quantities/units';
import { num } from './makers';

/** What people have at hand to measure with. */
export const tools = [
  { id: 'spoons', label: 'spoons and cups' },
  { id: 'syringe', label: 'a 5 mL syringe' },
  { id: 'jug', label: 'a jug with marks of 50 mL' },
  { id: 'balance-1', label: 'a balance to 1 g' },
  { id: 'balance-0.1', label: 'a balance to 0.1 g' },
] as const;
export type Tool = (typeof tools)[number]['id'];

/** How one would measure it, and by how much that may be off. */
export interface MeasuringWay {
  readonly tool: Tool;
  readonly words: string;
  /** Share by which it misses what was wanted at worst. */
  readonly off: number;
}

/** Off by more than this is worth a word. */
const TOO_FAR = 0.1;
const SYRINGE = 5;
const SYRINGE_STEP = 0.2;
const JUG_STEP = 50;

/**
 * What a person would weigh or pour with what they have. A way that misses by more than a tenth says so, and what would do better.
 * @param value above 0
 * @param unit mL or g, or another of their dimension
 * @param have the tools at hand; all by default
 * @returns a way for each tool that fits, the closest first; none for what is neither poured nor weighed
 */
export function measureOut(value: number, unit: string, have: readonly Tool[] = tools.map(({ id }) => id)): MeasuringWay[] {
  const [volume, mass] = [convert(value, unit, 'mL'), convert(value, unit, 'g')];
  const ways = have.flatMap((tool) => (volume !== null ? poured(volume, tool) : mass !== null ? weighed(mass, tool) : []));
  return ways.sort((a, b) => a.off - b.off);
}

function poured(volume: number, tool: Tool): MeasuringWay[] {
  if (volume <= 0) return [];
  if (tool === 'syringe' && volume <= 60) return [bySyringe(volume)];
  if (tool === 'jug' && volume >= 2 * JUG_STEP) {
    const marked = Math.round(volume / JUG_STEP) * JUG_STEP;
    return [way(tool, volume, marked, `jug: to the ${num(marked)} mL mark`, 'A smaller measure comes closer.')];
  }
  return tool === 'spoons' ? [bySpoon(volume)] : [];
}

function bySyringe(volume: number): MeasuringWay {
  const drawn = Math.round(volume / SYRINGE_STEP) * SYRINGE_STEP;
  const [full, rest] = [Math.floor(drawn / SYRINGE + 1e-9), drawn - Math.floor(drawn / SYRINGE + 1e-9) * SYRINGE];
  const parts = [
    ...(full > 0 ? [full === 1 ? 'once full' : `${full} times full`] : []),
    ...(rest > 0.01 ? [`${full > 0 ? 'and once ' : ''}to ${num(rest)} mL`] : []),
  ];
  const words = drawn === 0 ? 'too little for a syringe' : `syringe: ${parts.join(' ')}`;
  return way('syringe', volume, drawn, words, 'Make a stock ten times weaker and take ten times as much.');
}

const spoons = [
  ['gal', 'gallon'],
  ['cup', 'cup'],
  ['tbsp', 'tbsp'],
  ['tsp', 'tsp'],
] as const;

/** The fewest level spoons that come close: whole ones of the larger, quarters of the smallest that is used. */
function bySpoon(volume: number): MeasuringWay {
  let rest = volume;
  const parts: string[] = [];
  let measured = 0;
  for (const [unit, name] of spoons) {
    const each = convert(1, unit, 'mL') ?? 1;
    const last = unit === 'tsp' || (unit === 'cup' && volume > 12 * each);
    const step = unit === 'gal' || unit === 'tbsp' ? 1 : 0.25;
    const many = last ? Math.round(rest / each / step) * step : Math.floor(rest / each / step + 1e-6) * step;
    if (many === 0) continue;
    parts.push(`${quarters(many)} ${name}${many > 1 && (name === 'cup' || name === 'gallon') ? 's' : ''}`);
    measured += many * each;
    rest -= many * each;
    if (last) break;
  }
  return way('spoons', volume, measured, measured === 0 ? 'less than ¼ tsp' : `level: ${parts.join(' + ')}`, 'A syringe comes closer.');
}

function quarters(many: number): string {
  const whole = Math.floor(many);
  const part = { 0: '', 0.25: '¼', 0.5: '½', 0.75: '¾' }[many - whole] ?? '';
  return whole === 0 ? part : `${whole}${part}`;
}

function weighed(mass: number, tool: Tool): MeasuringWay[] {
  if (tool !== 'balance-1' && tool !== 'balance-0.1') return [];
  const step = tool === 'balance-1' ? 1 : 0.1;
  const shown = Math.round(mass / step) * step;
  const words = shown === 0 ? `too little for a balance to ${step} g` : `balance: ${num(shown)} g`;
  // What the last digit hides counts as well as what was rounded.
  const off = Math.max(Math.abs(shown - mass), step / 2) / mass;
  return [
    {
      tool,
      off,
      words:
        off > TOO_FAR
          ? `${words}. It may be off by ${percentOff(off)}: weigh ten times as much, dissolve or mix it, and take a tenth.`
          : words,
    },
  ];
}

function way(tool: Tool, wanted: number, measured: number, words: string, better: string): MeasuringWay {
  const off = Math.abs(measured - wanted) / wanted;
  return { tool, off, words: off > TOO_FAR ? `${words}, off by ${percentOff(off)}. ${better}` : words };
}

const percentOff = (off: number) => `${Math.min(100, Math.round(off * 100))}%`;
