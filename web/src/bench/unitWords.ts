import { byCode, type Arm, type Unit } from '@fern/core';

/** How units stand on the bench, beside what the plan says of them. */
export interface Standing {
  readonly arms: readonly Arm[];
  readonly blind: boolean;
  readonly done: ReadonlySet<string>;
  /** What a unit that is done was: read, or put out. */
  readonly doneWord: string;
  readonly heat: ReadonlyMap<string, number> | null;
}

/** A unit on the bench in words: its arm unless nobody may know, and what came of it. */
export function unitNouns(unit: Unit, { arms, blind, done, doneWord, heat }: Standing): string[] {
  const off = heat?.get(unit.code);
  return [
    ...(blind ? [] : [byCode(arms, unit.arm)?.name ?? unit.arm]),
    ...(unit.status === 'active' ? [] : [unit.status]),
    ...(done.has(unit.code) ? [doneWord] : []),
    ...(off === undefined ? [] : [off > 0 ? 'above its group' : off < 0 ? 'below its group' : 'as its group']),
  ];
}
