import { describe, expect, it } from 'vitest';
import { credentialsSchema, newAccountSchema } from './account';
import { fieldErrors } from './messages';
import { careSchema, incidentSchema, MOST_ROWS, observationsSchema, unitStatusSchema } from './observation';

const reading = { id: 'r1', unit: 'D01', measure: 'sprouts', observedOn: '2026-04-14', value: 12 };
const wrong = (
  schema: { validate: (value: unknown, options: object) => { error?: Parameters<typeof fieldErrors>[0] } },
  value: unknown,
) => {
  const { error } = schema.validate(value, { abortEarly: false });
  return error ? fieldErrors(error)[0] : null;
};
const one = (change: object) => ({ observations: [{ ...reading, ...change }] });

describe('readings', () => {
  it('are filled up with what is usual', () => {
    expect(observationsSchema.validate({ observations: [reading] }).value?.observations[0]).toMatchObject({
      plant: null,
      category: null,
      observer: null,
      blinded: false,
      source: 'hand',
      note: null,
      replaces: null,
    });
  });

  it.each<[string, object, string, RegExp]>([
    ['a missing id', { id: undefined }, '/observations/0/id', /missing/],
    ['a value as text', { value: '12' }, '/observations/0/value', /number/],
    ['a value that is none', { value: Number.NaN }, '/observations/0/value', /number/],
    ['an absurd value', { value: 1e13 }, '/observations/0/value', /too large/],
    ['a date that does not exist', { observedOn: '2026-04-31' }, '/observations/0/observedOn', /not a date/],
    ['an unknown source', { source: 'dream' }, '/observations/0/source', /one of/],
    ['something unknown', { weather: 'fine' }, '/observations/0/weather', /not known/],
  ])('refuses %s and names the place', (_, change, pointer, detail) => {
    expect(wrong(observationsSchema, one(change))).toMatchObject({ pointer, detail: expect.stringMatching(detail) });
  });

  it('must be some, not too many, and each with its own id', () => {
    expect(wrong(observationsSchema, { observations: [] })?.detail).toMatch(/at least 1/);
    const many = Array.from({ length: MOST_ROWS + 1 }, (_, i) => ({ ...reading, id: `r${i}` }));
    expect(wrong(observationsSchema, { observations: many })?.detail).toMatch(/at most/);
    expect(wrong(observationsSchema, { observations: [reading, reading] })?.pointer).toBe('/observations/1');
  });
});

describe('events, care and status', () => {
  it('an event has a day and a kind', () => {
    const event = { id: 'h', on: '2026-04-14', kind: 'equipment', arms: [], units: ['D01'], note: '' };
    expect(wrong(incidentSchema, event)).toBeNull();
    expect(wrong(incidentSchema, { ...event, kind: 'ghost' })?.pointer).toBe('/kind');
    expect(wrong(incidentSchema, { ...event, units: ['D 01'] })?.pointer).toBe('/units/0');
  });

  it('care has an amount of nought or more', () => {
    const care = { id: 'c', on: '2026-04-14', units: [], arms: ['C'], kind: 'water', amount: 60, amountUnit: 'mL', note: null };
    expect(wrong(careSchema, care)).toBeNull();
    expect(wrong(careSchema, { ...care, amount: -1 })?.pointer).toBe('/amount');
  });

  it('a unit is active, lost, excluded or ended', () => {
    expect(wrong(unitStatusSchema, { status: 'lost', statusReason: null })).toBeNull();
    expect(wrong(unitStatusSchema, { status: 'gone', statusReason: null })?.detail).toMatch(/one of .*active, lost, excluded, ended/);
  });
});

describe('accounts', () => {
  it('need a name and eight characters', () => {
    expect(wrong(newAccountSchema, { name: ' ', password: 'moss and fern' })).toMatchObject({ pointer: '/name', detail: 'Type a name.' });
    expect(wrong(newAccountSchema, { name: 'M', password: 'short' })?.detail).toBe('Use at least 8 characters.');
    expect(wrong(newAccountSchema, { name: 'M', password: 'moss and fern' })).toBeNull();
  });

  it('signing in does not tell how long a password must be', () => {
    expect(wrong(credentialsSchema, { name: 'M', password: 'x' })).toBeNull();
    expect(wrong(credentialsSchema, { name: 'M', password: '' })?.pointer).toBe('/password');
  });
});
