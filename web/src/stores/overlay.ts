import { addReadings, type Study } from '@fern/core';
import type { LoggedNews } from '@fern/contract';
import type { Logged } from './pendingSync';

/** A study with what was logged since, in order: what waits to be sent is shown like the rest. */
export function withLogged(study: Study, logged: readonly (Logged | LoggedNews)[]): Study {
  if (logged.length === 0) return study;
  const readings = logged.flatMap((item) => (item.kind === 'reading' ? [item.content] : []));
  const incidents = logged.flatMap((item) => (item.kind === 'incident' ? [item.content] : []));
  const care = logged.flatMap((item) => (item.kind === 'care' ? [item.content] : []));
  const photos = logged.flatMap((item) => (item.kind === 'photo' ? [item.content] : []));
  const states = new Map(logged.flatMap((item) => (item.kind === 'unit' ? [[item.content.unit, item.content] as const] : [])));
  const sown = new Map(logged.flatMap((item) => (item.kind === 'sown' ? [[item.content.unit, { sown: item.content.sown }] as const] : [])));
  const known = new Set([...study.incidents, ...study.care, ...study.photos].map(({ id }) => id));
  const units = study.experiment.units.map((unit) => {
    const state = { ...states.get(unit.code), ...sown.get(unit.code) };
    return Object.keys(state).length > 0 ? { ...unit, ...state } : unit;
  });
  return addReadings(
    {
      ...study,
      experiment: states.size + sown.size === 0 ? study.experiment : { ...study.experiment, units },
      incidents: [...study.incidents, ...incidents.filter(({ id }) => !known.has(id))],
      care: [...study.care, ...care.filter(({ id }) => !known.has(id))],
      photos: [...study.photos, ...photos.filter(({ id }) => !known.has(id))],
    },
    readings,
  );
}
