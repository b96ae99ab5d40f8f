import { entryOf } from '@fern/core';
import { ref, type Ref } from 'vue';
import type { Unit } from '@fern/core';
import type { BenchGeometry, Point } from './benchGeometry';

interface Bench {
  readonly svg: Ref<SVGSVGElement | null>;
  readonly geometry: () => BenchGeometry;
  readonly placed: () => readonly Unit[];
  readonly movable: () => boolean;
  readonly pickable: () => boolean;
  readonly move: (unit: string, row: number, column: number) => void;
  readonly pick: (unit: string) => void;
  readonly barrier: (row: number, column: number) => unknown;
}

const steps: Readonly<Record<string, readonly [down: number, right: number]>> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
};

/** Units moved by mouse, touch or keyboard. */
export function useBenchMoves(bench: Bench) {
  const drag = ref<{ readonly unit: Unit; readonly x: number; readonly y: number } | null>(null);
  const held = ref<string | null>(null);
  /** The unit that had the focus last. */
  const entry = ref<string | null>(null);

  function point(event: PointerEvent): Point {
    const matrix = bench.svg.value?.getScreenCTM()?.inverse();
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { x: at.x, y: at.y };
  }

  function press(unit: Unit, event: PointerEvent): void {
    if (!bench.movable() || event.button > 0) return;
    event.preventDefault();
    (event.currentTarget as Element).closest('g')?.focus();
    bench.svg.value?.setPointerCapture(event.pointerId);
    drag.value = { unit, ...point(event) };
  }
  function glide(event: PointerEvent): void {
    if (drag.value) drag.value = { unit: drag.value.unit, ...point(event) };
  }
  function release(event: PointerEvent): void {
    if (!drag.value) return;
    const { unit } = drag.value;
    drag.value = null;
    const place = bench.geometry().placeAt(point(event));
    if (place && (place.row !== unit.row || place.column !== unit.column)) bench.move(unit.code, place.row, place.column);
  }

  /** Arrow keys go from unit to unit; Enter or Space takes one up, and then the arrows move it; b sets a barrier to its right. */
  function key(unit: Unit, event: KeyboardEvent): void {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      if (bench.movable()) held.value = held.value === unit.code ? null : unit.code;
      else if (bench.pickable()) bench.pick(unit.code);
    } else if (event.key === 'Escape' && held.value !== null) {
      event.stopPropagation();
      held.value = null;
    } else if (event.key === 'b' && bench.movable()) bench.barrier(unit.row ?? 1, unit.column ?? 1);
    else if (event.key === 'Home') focusOn(bench.placed()[0]);
    else if (event.key === 'End') focusOn(bench.placed().at(-1));
    else if (Object.hasOwn(steps, event.key)) {
      event.preventDefault();
      step(unit, entryOf(steps, event.key));
    }
  }

  function step(unit: Unit, [down, right]: readonly [number, number]): void {
    if (unit.row === null || unit.column === null) return;
    const [row, column] = [unit.row + down, unit.column + right];
    const { rows, columns } = bench.geometry();
    if (row < 1 || row > rows || column < 1 || column > columns) return;
    if (held.value === unit.code) return bench.move(unit.code, row, column);
    focusOn(nextIn(bench.placed(), { row: unit.row, column: unit.column }, down, right));
  }

  function focusOn(unit: Unit | undefined): void {
    if (unit) bench.svg.value?.querySelector<SVGGElement>(`[data-unit="${CSS.escape(unit.code)}"]`)?.focus();
  }
  const enter = (unit: Unit) => (entry.value = unit.code);
  /** A unit that is taken up is put down where it stands when one goes elsewhere. */
  function leave({ relatedTarget }: FocusEvent): void {
    if (!(relatedTarget instanceof Node) || !bench.svg.value?.contains(relatedTarget)) held.value = null;
  }

  return { drag, held, entry, press, glide, release, key, enter, leave };
}

/** The nearest unit that way, over empty places. */
function nextIn(placed: readonly Unit[], from: { row: number; column: number }, down: number, right: number): Unit | undefined {
  const along = placed.flatMap((unit) => {
    const [rows, columns] = [(unit.row ?? 0) - from.row, (unit.column ?? 0) - from.column];
    const steps = down === 0 ? columns * right : rows * down;
    const isOnLine = down === 0 ? rows === 0 : columns === 0;
    return isOnLine && steps > 0 ? [{ unit, steps }] : [];
  });
  return along.sort((a, b) => a.steps - b.steps)[0]?.unit;
}
