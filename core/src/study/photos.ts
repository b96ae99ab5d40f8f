import { daysBetween, byCode, readsBlind, type Arm, type Experiment, type Photo, type Study, type Unit } from '../model';
import { livePhotos } from './liveEntries';
import { plural } from '../quantities/plural';
import { inList } from '../quantities/inList';

/**
 * The photos on which a unit is seen: its own, those of its arm, and those of the whole bench.
 * @param unit one of its units
 * @returns in order of days: how it grew
 */
export function photosOfUnit(study: Study, unit: Unit): Photo[] {
  return livePhotos(study).filter(({ units, arms }) =>
    units.length > 0 ? units.includes(unit.code) : arms.length === 0 || arms.includes(unit.arm),
  );
}

/**
 * The days on which there are photos.
 * @returns calendar dates in order
 */
export function photoDays(study: Study): string[] {
  return [...new Set(livePhotos(study).map(({ on }) => on))];
}

/** Photos of one arm on one day; of several arms, or of the whole bench, where `arm` is null. */
export interface PhotosOfArm {
  readonly arm: Arm | null;
  readonly photos: readonly Photo[];
}

/**
 * The photos of a day, arm beside arm.
 * @param on calendar date
 * @returns every arm in order, one without a photo too; then those that belong to no arm alone, where there are any
 */
export function sideBySide(study: Study, on: string): PhotosOfArm[] {
  const { arms } = study.experiment;
  const photos = livePhotos(study).filter((photo) => photo.on === on);
  const own = arms.map((arm) => ({ arm, photos: photos.filter((photo) => armOf(study.experiment, photo) === arm.code) }));
  const others = photos.filter((photo) => armOf(study.experiment, photo) === null);
  return others.length > 0 ? [...own, { arm: null, photos: others }] : own;
}

/** The one arm that a photo shows; null where it shows several. */
function armOf({ units: all }: Experiment, { units, arms }: Photo): string | null {
  const shown = new Set(units.length > 0 ? all.filter(({ code: unit }) => units.includes(unit)).map(({ arm }) => arm) : arms);
  const [first = null] = shown;
  return shown.size === 1 ? first : null;
}

/**
 * What a photo shows, in words.
 * @param photo one of it
 * @param blind leaves out the arms
 * @returns without its caption: "P01, Salt 50 mM, day 9"
 */
export function photoWords(experiment: Experiment, photo: Photo, blind = readsBlind(experiment)): string {
  const { arms, units, plan, startedOn } = experiment;
  const armCode = armOf(experiment, photo);
  const name = byCode(arms, armCode)?.name;
  const named = photo.arms.map((code) => byCode(arms, code)?.name ?? code);
  const whom =
    photo.units.length > 0
      ? photo.units.join(', ')
      : named.length > 0 && !blind
        ? inList(named)
        : `all ${units.length} ${plural(plan.unitNoun)}`;
  const day = startedOn === null ? photo.on : `day ${daysBetween(startedOn, photo.on)}`;
  return [whom, ...(photo.units.length > 0 && name !== undefined && !blind ? [name] : []), day].join(', ');
}
