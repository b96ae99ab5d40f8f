import { upperFirst } from 'lodash-es';
import { careWords } from '../../log/careWords';
import { byCode, isValued, longDate, type Observation, type Study } from '../../model';
import { inList } from '../../quantities/inList';
import { plural } from '../../quantities/plural';
import { rounded } from '../../quantities/roundTo';
import { careTotals } from '../../study/careTotals';
import { careToTell, earlierWords, liveIncidents, livePhotos } from '../../study/liveEntries';
import { photoWords } from '../../study/photos';
import type { Block } from '../../write/Block';
import { listBlock, section } from '../../write/makers';
import { withoutStop } from '../../quantities/withoutStop';
import { eventWords } from '../findings';

/** Something on a day; '' where the day is not known. */
interface Told {
  readonly on: string;
  readonly text: string;
}

const byDay = (all: readonly Told[]) => [...all].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
const lines = (all: readonly Told[]) => byDay(all).map(({ on, text }) => (on === '' ? upperFirst(text) : `${longDate(on)}: ${text}`));

/**
 * What was not in the plan: each mishap with what it touched and what was believed of it, each loss with its day and reason, each change of the
 * plan after the start.
 * @returns a section, or nothing where nothing happened
 */
export function incidentsSection(study: Study): Block[] {
  return section('Problems and changes', [listBlock(lines([...mishaps(study), ...losses(study), ...amendments(study)]))].filter(notEmpty));
}

const notEmpty = (block: Block) => block.kind !== 'list' || block.items.length > 0;

function mishaps(study: Study): Told[] {
  return liveIncidents(study).map((entry) => {
    const { on, kind, arms, units, note, effect } = entry;
    const names = arms.map((code) => byCode(study.experiment.arms, code)?.name ?? code);
    const whom = [...names, ...units];
    const words = [withoutStop(note) || eventWords[kind], effect.trim() === '' ? '' : `possible effect: ${effect.trim()}`];
    const before = earlierWords(study.incidents, entry).map(({ note: old }) => `“${old}”`);
    const mended = before.length === 0 ? '' : ` Originally recorded as ${inList(before)}.`;
    const touched = whom.length === 0 ? '' : ` (${whom.join(', ')})`;
    return { on, text: `${words.filter((part) => part !== '').join('; ')}${touched}.${mended}` };
  });
}

/** Units that were lost or do not count; one whose loss is told among the mishaps only where its reason says something more. */
function losses(study: Study): Told[] {
  const told = liveIncidents(study).filter(({ kind }) => kind === 'loss');
  const ended = { lost: 'was lost', excluded: 'was excluded' } as const;
  return study.experiment.units.flatMap(({ code: unit, status, statusReason, lostOn }) => {
    if (status !== 'lost' && status !== 'excluded') return [];
    const reason = (statusReason ?? '').trim();
    const known = told.some(({ units, note }) => units.includes(unit) && note.toLowerCase().includes(reason.toLowerCase()));
    return known ? [] : [{ on: lostOn ?? '', text: `${unit} ${ended[status]}${reason === '' ? '' : `: ${reason}`}.` }];
  });
}

function amendments({ experiment }: Study): Told[] {
  return experiment.plan.amendments.map(({ on, what, reason, changes }) => {
    const listed = changes.map(({ what: field, before, after }) => `${field} from “${before}” to “${after}”`).join('; ');
    return { on, text: `the plan was changed: ${what} (${reason})${listed === '' ? '' : `: ${listed}`}.` };
  });
}

/**
 * What was put right in the readings, and the notes that were written beside them.
 * @param withNotes also what was written beside a reading
 * @returns a section, or nothing
 */
export function correctionsSection(study: Study, withNotes: boolean): Block[] {
  const byId = new Map(study.observations.map((seen) => [seen.id, seen]));
  const name = (code: string) => byCode(study.experiment.measures, code)?.name ?? code;
  const shown = (seen: Observation) => (isValued(seen) ? String(seen.value) : 'no value');
  const corrections = study.observations.flatMap((seen): Told[] => {
    const old = seen.replaces === null ? undefined : byId.get(seen.replaces);
    if (!old) return [];
    const why = seen.note ? ` (${seen.note})` : '';
    return [
      {
        on: seen.observedOn.slice(0, 10),
        text: `${name(seen.measure)} of ${seen.unit} was corrected from ${shown(old)} to ${shown(seen)}${why}.`,
      },
    ];
  });
  const notes = study.observations.flatMap((seen): Told[] =>
    seen.note && seen.replaces === null
      ? [{ on: seen.observedOn.slice(0, 10), text: `${seen.unit}, ${name(seen.measure).toLowerCase()}: ${seen.note}` }]
      : [],
  );
  return [
    ...section('Corrected readings', corrections.length === 0 ? [] : [listBlock(lines(corrections))], 3),
    ...section('Notes beside the readings', notes.length === 0 || !withNotes ? [] : [listBlock(lines(notes))], 3),
  ];
}

/**
 * What each arm was given in all, and every step that was done with its day.
 * @param study with its care
 * @returns a section, or nothing
 */
export function careSection(study: Study): Block[] {
  const { experiment } = study;
  const totals = (['water', 'feed'] as const).flatMap((kind) => {
    const found = careTotals(study, kind);
    if (found === null) return [];
    const each = found.arms.map((arm) => `${arm.name} ${rounded(arm.each, null)} ${found.unit} each`);
    return [`${upperFirst(kind)} in all: ${each.join(', ')}.`];
  });
  const done = careToTell(study).filter(({ kind, step }) => step !== null || kind === 'other');
  const all = [...totals, ...done.map((care) => `${longDate(care.on)}: ${careWords(experiment, care)}`)];
  return section('Care', all.length === 0 ? [] : [listBlock(all)]);
}

/**
 * The photos that the writer chose, in order of days. A withdrawn one is not among them.
 * @param files names of their pictures
 * @returns one block, or none
 */
export function photoBlocks(study: Study, files: readonly string[]): Block[] {
  const chosen = new Set(files);
  const photos = livePhotos(study).flatMap((photo) => {
    const words = photoWords(study.experiment, photo, false);
    const caption = photo.note === null ? words : `${photo.note} (${words})`;
    return chosen.has(photo.file) ? [{ file: photo.file, caption, width: photo.width, height: photo.height }] : [];
  });
  return photos.length === 0 ? [] : [{ kind: 'photos', photos }];
}

/**
 * Who read, how often, and whether without knowing the arms.
 * @returns a sentence or two; nothing where nothing was read
 */
export function observersSentence({ experiment, observations }: Study): string {
  if (observations.length === 0) return '';
  const live = observations.filter(({ replaces }) => replaces === null);
  const counts = new Map<string, number>();
  for (const { observer } of live) if (observer !== null) counts.set(observer, (counts.get(observer) ?? 0) + 1);
  const people = [...counts].sort((a, b) => b[1] - a[1]).map(([name, times]) => `${name} (${times})`);
  const whom = people.length === 0 ? '' : ` by ${inList(people)}`;
  const blind = live.filter(({ blinded }) => blinded).length;
  const how = blind === 0 ? '' : blind === live.length ? ', all with the groups hidden' : `, ${blind} of them with the groups hidden`;
  const word = live.length === 1 ? 'reading was' : `${plural('reading')} were`;
  return `${live.length} ${word} taken${whom}${how}.${experiment.blinded && blind === 0 ? ' The plan was to hide the groups while recording.' : ''}`;
}
