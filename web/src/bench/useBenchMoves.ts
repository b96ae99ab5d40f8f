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
    if (place && (place.row !== unit.row || place.column !== unit.column)) bench.move(unit.unit, place.row, place.column);
  }

  /** Arrow keys go from unit to unit; Enter or Space takes one up, and then the arrows move it. */
  function key(unit: Unit, event: KeyboardEvent): void {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      if (bench.movable()) held.value = held.value === unit.unit ? null : unit.unit;
      else if (bench.pickable()) bench.pick(unit.unit);
    } else if (event.key === 'Escape') held.value = null;
    else if (Object.hasOwn(steps, event.key)) {
      event.preventDefault();
      step(unit, steps[event.key]);
    }
  }

  function step(unit: Unit, [down, right]: readonly [number, number]): void {
    if (unit.row === null || unit.column === null) return;
    const [row, column] = [unit.row + down, unit.column + right];
    const { rows, columns } = bench.geometry();
    if (row < 1 || row > rows || column < 1 || column > columns) return;
    if (held.value === unit.unit) return bench.move(unit.unit, row, column);
    const next = bench.placed().find((other) => other.row === row && other.column === column);
    if (next) bench.svg.value?.querySelector<SVGGElement>(`[data-unit="${CSS.escape(next.unit)}"]`)?.focus();
  }

  return { drag, held, press, glide, release, key };
}
