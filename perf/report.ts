import { analyse } from '../core/src/analyse';
import { experimentFrom } from '../core/src/ask/experimentFrom';
import { questions } from '../core/src/ask/questions/index';
import { simulationDefaults } from '../core/src/ask/simulationDefaults';
import type { Experiment } from '../core/src/model';
import { redesign } from '../core/src/plan/redesign';
import { simulateStudy } from '../core/src/simulate/simulateStudy';
import { report } from '../core/src/words/write/report';
import { textCheck } from '../core/src/write/proofread/checkText';
import { wordFile } from '../paper/src/files/word';
import { drawOnCanvas } from '../server/src/cli/drawOnCanvas';
import { reportRatio } from './table';

const BOUND = 3000;
const KEYSTROKE = 50;

/** A plan of twelve arms and three measures. */
function wide(): Experiment {
  const question = questions.find(({ id }) => id === 'salt-dose') ?? questions[0];
  const draft = experimentFrom(question, { created: '2027-01-02T08:00:00Z', startOn: '2027-03-10', seed: 3 });
  const arms = Array.from({ length: 12 }, (_, i) => ({
    ...draft.arms[Math.min(i, 1)],
    code: i === 0 ? draft.arms[0].code : `T${i}`,
    name: i === 0 ? draft.arms[0].name : `${i * 10} mM salt in the water`,
    dose: i * 10,
  }));
  const [first] = draft.measures;
  const more = [1, 2].map((i) => ({ ...first, code: `${first.code}${i}`, name: `${first.name} ${i}`, primary: false }));
  return redesign({ ...draft, arms, measures: [first, ...more] }, { unitsPerArm: 6 });
}

/** The full report as a Word file, and the look through a page of the writer's words, as shares of what a person waits for. */
export async function reporting(): Promise<void> {
  const question = questions.find(({ id }) => id === 'salt-dose') ?? questions[0];
  const experiment = wide();
  const { study } = simulateStudy({ ...experiment, plan: { ...experiment.plan, lockedOn: '2027-03-10' } }, simulationDefaults(question), {
    seed: 1,
  });
  const result = analyse(study);
  const started = performance.now();
  const blocks = report(study, result, 'full');
  await wordFile({ title: 'wide', blocks, paper: 'A4', draw: drawOnCanvas, photo: async () => null });
  reportRatio('a full report of 12 arms and 3 measures as Word, as a share of 3 s', (performance.now() - started) / BOUND, { most: 1 });
  const check = textCheck(study, result);
  const text = 'In tap water 58% sprouted, and with 50 mM salt in the water there were 30 points fewer.\n'.repeat(20);
  const looked = performance.now();
  check(text);
  reportRatio('a page of the writer’s words looked through, as a share of 50 ms', (performance.now() - looked) / KEYSTROKE, { most: 1 });
}
