import { entryOf } from '../invariant';
import { experimentFields, type Experiment } from './experiment';
import type { Field } from './fields';

/**
 * What a person calls a place in an experiment.
 * @param experiment in which it is
 * @param pointer JSON pointer (RFC 6901)
 * @returns as "measure leaves, the unit"; as far as the place is known
 */
export function placeName(experiment: Experiment, pointer: string): string {
  const said: string[] = [];
  let [fields, value]: [Readonly<Record<string, Field>>, unknown] = [experimentFields, experiment];
  const path = pointer.split('/').slice(1);
  while (path.length > 0) {
    const name = path.shift() ?? '';
    if (!Object.hasOwn(fields, name)) break;
    const { shape, words } = entryOf(fields, name);
    value = (value as Readonly<Record<string, unknown>>)[name];
    if (shape.type === 'list' && shape.of.type === 'record') {
      const item = (value as readonly Readonly<Record<string, unknown>>[]).at(Number(path.shift() ?? NaN));
      said.push(item && typeof shape.each === 'string' ? `${words} ${String(item[shape.each])}` : words);
      if (!item) break;
      [fields, value] = [shape.of.fields, item];
    } else {
      said.push(words);
      if (shape.type !== 'record' || value === null) break;
      fields = shape.fields;
    }
  }
  return said.filter((words) => words !== '').join(', ');
}
