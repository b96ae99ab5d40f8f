import { primaryOf, type Experiment } from '../model';
import { hasOpenX } from './openX';
import { vagueIn, type Vague } from './vague';
import { otherNames } from '../data/otherNames';
import { sharesWord } from '../quantities/sharesWord';
import { hypothesisAsks } from '../words/hypothesisAsks';

/** What a sentence that could turn out wrong says. */
export type HypothesisPart = 'plant' | 'treatment' | 'comparison' | 'measure' | 'direction' | 'time';

export interface HypothesisCheck {
  readonly said: readonly HypothesisPart[];
  /** What is not said, each with what to ask. */
  readonly open: readonly { readonly part: HypothesisPart; readonly ask: string }[];
  readonly vague: readonly Vague[];
  /** The X of an empty frame still stands in it. */
  readonly hasX: boolean;
}

const COMPARED = /\b(than|compared|against|instead of|unlike|the same|as (many|much|few|little|tall|heavy|high|soon|long)|without)\b/i;
const WHICH_WAY =
  /\b(more|less|fewer|another|(tall|short|heavi|light|high|low|larg|small|bigg|long|wid|thick|thinn|deep|earli|lat|soon)e?r|increas\w*|decreas\w*|reduc\w*|doubl\w*|twice|half|halves|differ\w*|no difference|the same)\b/i;
/** What is counted, measured or weighed under any name that a sentence may give it. */
const READ =
  /\b(sprout|germinat|come up|comes up|are up|flower|fruit|leaf|leaves|root|mass|weigh|heavier|lighter|height|taller|shorter|long|length|lean|lose|loses|yield|harvest|pod|symptom|worm|number|share|sooner|earlier|later)\w*/i;
const WHEN =
  /\b(days?|weeks?|months?|hours?|minutes?|h|season|spring|summer|autumn|fall|harvest|total|when (lifted|cut|ripe)|at the end)\b/i;

/**
 * Whether a hypothesis says what it must, for what it says and not for being there: which plant, what is done, against what, what is read,
 * which way, and when.
 * @param experiment with its plan, arms and measures, by whose words the sentence is read
 * @returns what it says, what it leaves open with the question that asks for it, and words that no two people read the same
 */
export function checkHypothesis({ hypothesis, plan, arms, measures }: Experiment): HypothesisCheck {
  const primary = primaryOf(measures);
  const speaksOf = (...texts: readonly string[]) => texts.some((text) => sharesWord(hypothesis, text));
  const treatments = arms.filter(({ role }) => role !== 'control').map(({ name }) => name);
  const hasX = hasOpenX(hypothesis);
  const day = primary?.readingDays.at(-1);
  const parts: readonly (readonly [HypothesisPart, boolean, string])[] = [
    ['plant', plan.plant.trim() === '' || speaksOf(plan.plant, ...namesOf(plan.plant)), hypothesisAsks.plant(plan.plant)],
    ['treatment', hasX || speaksOf(plan.changed, ...arms.map(({ name }) => name)), hypothesisAsks.treatment(treatments[0])],
    ['comparison', COMPARED.test(hypothesis), hypothesisAsks.comparison],
    ['measure', READ.test(hypothesis) || (primary !== undefined && speaksOf(primary.name)), hypothesisAsks.measure(primary?.name)],
    ['direction', WHICH_WAY.test(hypothesis), hypothesisAsks.direction],
    ['time', WHEN.test(hypothesis), hypothesisAsks.time(day)],
  ];
  return {
    said: parts.filter(([, isSaid]) => isSaid).map(([part]) => part),
    open: parts.filter(([, isSaid]) => !isSaid).map(([part, , ask]) => ({ part, ask })),
    vague: vagueIn(hypothesis),
    hasX,
  };
}

/** Other names of what a text speaks of. */
function namesOf(text: string): readonly string[] {
  return otherNames.filter((names) => names.some((name) => sharesWord(name, text))).flat();
}
