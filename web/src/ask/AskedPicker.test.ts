import { expect, it } from 'vitest';
import { addArm, anySprouting, comparisonsOf, experimentFrom, itemAt, type Experiment } from '@fern/core';
import { useDocument } from '../stores/document';
import { fakeServer, mountLoaded } from '../testing';
import AskedPicker from './AskedPicker.vue';

const two = experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 4 });
const three = addArm(two);
const now = () => useDocument().experiment as Experiment;

async function open(experiment: Experiment) {
  fakeServer({ experiment, observations: [], incidents: [], care: [], photos: [] });
  return mountLoaded(AskedPicker);
}

it('is not there where only one comparison can be asked', async () => {
  expect((await open(two)).text()).toBe('');
});

it('tells what was asked once the plan is locked', async () => {
  const locked = { ...three, plan: { ...three.plan, lockedOn: '2026-04-01' } };
  const page = await open({ ...locked, asked: [itemAt(comparisonsOf(three.arms), 1)] });
  expect(page.findAll('input')).toHaveLength(0);
  expect(page.findAll('p').map((own) => own.text())).toEqual([`${itemAt(three.arms, 2).name} against ${itemAt(three.arms, 0).name}`]);
});

it('chooses which comparison leads, in the order of the plan; none chosen asks all', async () => {
  const page = await open(three);
  const [control, first, second] = three.arms.map(({ code }) => code);
  expect(page.findAll('label').map((own) => own.text())).toEqual(
    three.arms.slice(1).map(({ name }) => `${name} against ${itemAt(three.arms, 0).name}`),
  );
  const tick = (at: number) => page.findAll('input')[at]?.trigger('change');
  await tick(1);
  expect(now().asked).toEqual([{ factor: null, group: second, against: control }]);
  await tick(0);
  expect(now().asked.map(({ group }) => group)).toEqual([first, second]);
  await tick(0);
  await tick(1);
  expect(now().asked).toEqual([]);
});

it('two treatments are chosen from a list, and all groups are then compared in pairs', async () => {
  const page = await open(three);
  const [, first, second] = three.arms.map(({ code }) => code);
  const pairs = page.find('select');
  expect(pairs.findAll('option').map((own) => own.text())).toEqual([
    'two treatments …',
    `${itemAt(three.arms, 2).name} against ${itemAt(three.arms, 1).name}`,
  ]);
  await pairs.setValue(`/${second}/${first}`);
  expect([now().asked, now().comparison]).toEqual([[{ factor: null, group: second, against: first }], 'all-pairs']);
  expect(page.findAll('label')).toHaveLength(3);
  expect(page.text()).toContain('compared in pairs');
  await page.findAll('input')[2]?.trigger('change');
  expect([now().asked, now().comparison]).toEqual([[], 'control']);
});
