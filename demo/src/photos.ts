import { addDays, blankOf, drawPhoto, byCode, photoFields, unitCurve, type Photo, type Study, type Unit } from '@fern/core';
import type { DemoExperiment } from './DemoExperiment';

/** As `drawPhoto` draws them. */
const size = { width: 960, height: 720 };

/** The first unit of each arm, photographed side by side on each of the camera's days. */
function shots({ camera }: DemoExperiment, study: Study): { readonly unit: Unit; readonly day: number; readonly photo: Photo }[] {
  const { arms, units, startedOn } = study.experiment;
  const chosen = arms.flatMap(({ code: arm }) => units.find((unit) => unit.arm === arm && unit.status === 'active') ?? []);
  return (camera?.days ?? []).flatMap((day) =>
    chosen.map((unit) => {
      const id = `photo-${unit.code}-${day}`;
      const photo = { ...blankOf(photoFields), ...size, id, on: addDays(startedOn ?? '', day), units: [unit.code], file: `${id}.jpg` };
      return { unit, day, photo };
    }),
  );
}

/** What the camera took. */
export const photosOf = (demo: DemoExperiment, study: Study): Photo[] => shots(demo, study).map(({ photo }) => photo);

/**
 * The pictures of a demo experiment's photos.
 * @param demo that the study was made from
 * @param study of the demo
 * @returns SVG by the name of the file
 */
export function demoPictures(demo: DemoExperiment, study: Study): Map<string, string> {
  const { camera, seed } = demo;
  if (!camera) return new Map();
  return new Map(
    shots(demo, study).map(({ unit, day, photo }) => [photo.file, drawPhoto(camera.scene(study, unit, day), seed + unitNumber(unit))]),
  );
}

const unitNumber = ({ code: unit }: Unit) => Number(unit.replace(/\D/g, ''));

/** What a measure of a unit had come to by a day; 0 before its first reading. */
export function readBy(study: Study, code: string, unit: Unit, day: number): number {
  const measure = byCode(study.experiment.measures, code);
  return measure ? (unitCurve(study, measure, unit).findLast((point) => point.day <= day)?.value ?? 0) : 0;
}
