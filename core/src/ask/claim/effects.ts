import { entryOf, itemAt } from '../../invariant';
import type { Token } from './language';
import { sayings } from './sayings';

export type Direction = 'more' | 'less' | 'different';

/** One thing that a claim says of the plants. */
export interface ClaimedEffect {
  /** A measure's id. */
  readonly id: string;
  /** Null where the claim says of it neither more nor less. */
  readonly direction: Direction | null;
}

const UP =
  /^(more|increas\w*|boosts?|boosted|rais(e|es|ed|ing)|improv\w*|doubl\w*|tripl\w*|quadrupl\w*|twice|times|extra|better|best|bigger|larger|longer|higher|greater|heavier|stronger|most|maximi[sz]\w*|enhanc\w*|promot\w*|encourag\w*|stimulat\w*|help(s|ed)?|good|wonders|well|plenty|lots|loads|abundant|massive|huge|attracts?|draws?|brings?|gives?|gave|produces?|sets?|bears?|sooner|earlier|faster|quicker|quickly|strengthens?|prolongs?|extends?|lengthens?|thickens?|deepens?|positively|favou?rs|wins?|beats?|needs?|likes?|loves?|requires?|prefers?|supports?|aids?|full|lush|makes?|holds?|retains?|stores?|absorbs?|keeps?|protects|crave|triggers?|induces?|causes?|forces?|goes|gets?|becomes?|turns?|suffers?|go)$/;
const DOWN =
  /^(less|fewer|lower(s|ed|ing)?|reduc\w*|decreas\w*|cut(s|ting)?|hal(f|ves|ved|ving|ve)|hurts?|harm(s|ed|ful)?|ruin\w*|damag\w*|worse|worst|poor|poorer|poorly|badly|weak(er|ens?)?|inhibit\w*|suppress\w*|limits?|hinder\w*|negatively|least|fail(s|ed)?|los(e|es|ing)|hardly|barely|prevent\w*|stop(s|ped|ping)?|avoid\w*|repel\w*|deter(s|red|ring)?|discourag\w*|scar(e|es|ing)|ward(s|ing)?|banish\w*|away|off|no|not|never|without|rarely|seldom|neither|kill(s|ed|ing)?|slow(s|ed|er|ly|ing)?|delay(s|ed|ing)?|stunt\w*|shorten\w*|thinner|free|against|rids?|out|bad|minimi[sz]\w*|lessen\w*|hates?|dislikes?|protects?|smaller|combats?|fights?|curbs?|controls?|cures?|eliminat\w*|eradicat\w*|smothers?|tame[sd]?|few|bothers|only|postpon\w*|spoils?|block(s|ed)?|wipes?|destroys?|resist\w*|checks?)$/;
/** Before what happens, these say that it does not. */
const TURNS =
  /^(not|never|no|stop(s|ped)?|prevent\w*|avoid\w*|without|fail(s|ed)?|hardly|rarely|seldom|less|fewer|against|protects?|reduc\w*|lower(s|ed)?|delay(s|ed)?|slow(s|ed)?|inhibit\w*|suppress\w*|hinder\w*|only|few|least|neither|cuts|hal(f|ves|ved)|harms?|hurts?|saves?|resist\w*|block(s|ed)?|cures?|minimi[sz]\w*|decreas\w*|damages?|ruins?|limits?|combats?|fights?|barely|kills?|negatively|postpon\w*|refuse[sd]?|unable|cannot|hates?)$/;
const TURNS_AFTER = /^(less|poorly|badly|worse|rarely|seldom|never|slowly|slower|later|late|away|hardly|not|fewer|falls?|drops?)$/;
const CHANGES =
  /^(affects?|affected|changes?|changed|influences?|influenced|matters?|matter|alters?|differ(s|ent|ence|ently)?|depends?|effect|impacts?)$/;
const SOONER = /^(sooner|earlier|faster|quicker|quickly|early|speeds?|accelerat\w*|hasten\w*|rapidly|fast|quick|swiftly)$/;
const LATER = /^(slower|slowly|later|late|delay(s|ed|ing)?|slow(s|ed|ing)?|retard\w*|longer|postpon\w*|behind)$/;
const NONE =
  /\b(makes? no difference|no difference|does nothing|do nothing|no effect|not matter|makes? not? any difference|no better|no worse|just as (well|good|tall|many|much)|as well as|(is|are|grows?|do|does|comes?|stays?) (just |exactly |about )?the same|as (good|effective|useful|bad)|not (\w+ ){0,2}any (better|more|faster|taller|sooner|worse|different|heavier))\b/;

const COMPARATIVE = /er\b/;

const BEFORE = 7;
const AFTER = 5;

interface Hit {
  readonly id: string;
  readonly kind: 'more' | 'less' | 'does' | 'of';
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

/**
 * What a claim says would come of it, in the order in which it says it.
 * @param effect words of it, without what is done
 * @returns each measure once, with its direction; the direction alone where nothing is said that could be measured
 */
export function effectsOf(effect: readonly Token[]): { readonly effects: readonly ClaimedEffect[]; readonly overall: Direction | null } {
  const clauses = clausesOf(effect);
  const effects: ClaimedEffect[] = [];
  for (const words of clauses)
    for (const hit of hitsIn(words)) {
      const read = readHit(words, hit);
      const known = effects.findIndex(({ id }) => id === read.id);
      if (known < 0) effects.push(read);
      // "Taste sweeter": the second says which way.
      // "Turns yellow leaves green": what comes of it stands last.
      else if (itemAt(effects, known).direction === null || (read.id === 'leaf-colour' && read.direction !== null)) effects[known] = read;
    }
  const all = clauses.flat();
  return { effects, overall: overallOf(all) };
}

/** Parts that each say one thing: cut at commas, "but", and at an "and" that a verb follows. */
function clausesOf(effect: readonly Token[]): string[][] {
  const clauses: string[][] = [[]];
  effect.forEach(({ word, pause }, i) => {
    const next = effect[i + 1]?.word ?? '';
    if (
      /^(but|while|whereas)$/.test(word) ||
      (word === 'and' && (TURNS.test(next) || /^(gives?|makes?|keeps?|stops?|brings?|they|it)$/.test(next)))
    )
      clauses.push([]);
    else clauses.at(-1)?.push(word);
    if (pause !== '') clauses.push([]);
  });
  return clauses.filter((words) => words.length > 0);
}

function hitsIn(words: readonly string[]): Hit[] {
  const text = words.join(' ');
  const found: Hit[] = [];
  for (const [id, said] of Object.entries(sayings))
    for (const kind of ['more', 'less', 'does', 'of'] as const)
      for (const match of said[kind] ? text.matchAll(said[kind]) : [])
        found.push({ id, kind, from: match.index, to: match.index + match[0].length, text: match[0] });
  return (
    found
      .filter(
        (hit) =>
          !found.some(
            (other) =>
              other !== hit &&
              other.from <= hit.from &&
              other.to >= hit.to &&
              (other.to - other.from > hit.to - hit.from || found.indexOf(other) < found.indexOf(hit)),
          ),
      )
      .sort((a, b) => a.from - b.from)
      // "The leaves greener": the leaves only carry what is said.
      .filter((hit, i, all) => !(hit.kind === 'of' && (all[i + 1]?.kind ?? 'of') !== 'of' && itemAt(all, i + 1).from <= hit.to + 1))
      // "Flowers in a vase stay fresh": there the flowers are what it is about.
      .filter((hit, _, all) => !(hit.id === 'flowers' && hit.from === 0 && all.length > 1))
      // "Kills weeds": it is the weeds that die.
      .filter(
        (hit, i, all) =>
          !(
            hit.id === 'alive' &&
            hit.kind === 'less' &&
            /^(pests|weeds|worms|disease)$/.test(all[i + 1]?.id ?? '') &&
            itemAt(all, i + 1).from <= hit.to + 1
          ),
      )
      .map((hit) => ({ ...hit, from: wordAt(text, hit.from), to: wordAt(text, hit.to) + 1 }))
  );
}

const wordAt = (text: string, at: number) => text.slice(0, at).split(' ').length - 1;

function readHit(words: readonly string[], { id, kind, from, to, text }: Hit): ClaimedEffect {
  const before = words.slice(Math.max(0, from - BEFORE), from);
  const after = words.slice(to, to + AFTER);
  const near = [...before, ...words.slice(from, to), ...after];
  const { sooner } = entryOf(sayings, id);
  if (
    sooner &&
    (kind === 'does' || kind === 'of') &&
    !/^(more|fewer|less)$/.test(words[from - 1] ?? '') &&
    !/^(more|fewer|many)/.test(text)
  ) {
    const timed = timeOf(near, words);
    if (timed) return { id: sooner, direction: timed };
  }
  if (id === 'ripe' || id === 'first-flower' || id === 'first-sprout')
    return {
      id,
      direction:
        timeOf(near, words) ??
        (NONE.test(words.join(' '))
          ? 'different'
          : /\bnot|never|stop|prevent/.test(words.join(' '))
            ? 'less'
            : kind === 'does'
              ? 'more'
              : null),
    };
  if (NONE.test(words.join(' '))) return { id, direction: 'different' };
  if (kind === 'of') return { id, direction: ofNear(before, after) };
  const turned =
    before.filter(
      (word, i) =>
        (TURNS.test(word) && !(word === 'only' && /^(half|few)$/.test(before[i + 1] ?? ''))) ||
        (/^(keeps?|keeping|kept)$/.test(word) && before.indexOf('from', i) > i),
    ).length + (after.some((word) => TURNS_AFTER.test(word)) && (kind === 'does' || (kind === 'less' && !COMPARATIVE.test(text))) ? 1 : 0);
  if (kind !== 'does' && COMPARATIVE.test(text) && before.some((word) => /^(not|no|never|cannot)$/.test(word)) && turned % 2 === 1)
    return { id, direction: 'different' };
  const isChange = kind === 'does' && words.some((word) => CHANGES.test(word)) && turned === 0 && !near.some((word) => UP.test(word));
  if (isChange) return { id, direction: 'different' };
  const up = (kind !== 'less') === (turned % 2 === 0);
  return { id, direction: up ? 'more' : 'less' };
}

/** Sooner is more, later is less; null where nothing is said of time. */
function timeOf(near: readonly string[], words: readonly string[]): Direction | null {
  const text = words.join(' ');
  if (/\b(in half the time|less time|in less than|takes? half|(days?|weeks?|months?) (before|ahead))\b/.test(text)) return 'more';
  if (/\b(more time|takes? longer|twice as long)\b/.test(text)) return 'less';
  const isTurned = /\b(keeps?|stops?|prevents?) .*\bfrom\b/.test(text);
  if (near.some((word) => LATER.test(word) && word !== 'longer')) return isTurned ? 'more' : 'less';
  return near.some((word) => SOONER.test(word)) ? (isTurned ? 'less' : 'more') : null;
}

/** The nearest word that says more or less of a thing. */
function ofNear(before: readonly string[], after: readonly string[]): Direction | null {
  const placed = [...before.map((word, i) => ({ word, far: before.length - i })), ...after.map((word, i) => ({ word, far: i + 1.5 }))].sort(
    (a, b) => a.far - b.far,
  );
  const isChange = placed.some(({ word }) => CHANGES.test(word));
  // "Keeps slugs away", "protects from mildew": the second word tells.
  if (
    before.some((word) => /^(keep|keeps|kept|keeping|stay|stays|draws?|drives?|lures?|sends?)$/.test(word)) &&
    [...before, ...after].some((word) => /^(away|off|out|from|free|down)$/.test(word))
  )
    return 'less';
  if (before.some((word) => /^(protects?|guards?|saves?|against|shields?|wards?|rids?|drives?|scares?|chases?)$/.test(word))) return 'less';
  const telling = placed.filter(({ word }) => UP.test(word) || DOWN.test(word));
  const strong =
    telling.find(
      ({ word }) =>
        DOWN.test(word) ||
        !/^(gives?|makes?|brings?|produces?|sets?|bears?|keeps?|holds?|helps?|needs?|out|goes|gets?|becomes?|turns?|go)$/.test(word),
    ) ?? telling[0];
  if (!strong) return isChange ? 'different' : null;
  if (isChange && !/^(negatively|positively|badly|worse|better|more|less)$/.test(strong.word)) return 'different';
  return DOWN.test(strong.word) && !UP.test(strong.word) ? 'less' : 'more';
}

/** Which way a claim goes that says nothing that could be measured. */
function overallOf(words: readonly string[]): Direction | null {
  const text = words.join(' ');
  if (NONE.test(text)) return 'different';
  if (/\b(not|never) (harm|hurt|damage|affect|kill|stunt)/.test(text)) return null;
  if (/\b(negatively|badly)\b/.test(text)) return 'less';
  const less = words.findIndex((word) =>
    /^(harm\w*|hurts?|ruin\w*|damag\w*|worse|poor\w*|stunt\w*|slow\w*|kill\w*|bad|less|weak\w*|hates?|delay\w*|suffers?|never|smaller|not)$/.test(
      word,
    ),
  );
  const more = words.findIndex((word) =>
    /^(help\w*|better|best|boost\w*|improv\w*|faster|healthier|stronger|good|more|thriv\w*|well|happier|benefit\w*|sweeter|quicker|longer|earlier|sooner|fuller|grows?|wonders|miracle)$/.test(
      word,
    ),
  );
  // "Grow slower": that they grow says less than how.
  const onlyGrows = more >= 0 && /^grows?$/.test(words[more] ?? '');
  if (less >= 0 && (more < 0 || onlyGrows || less < more || words[less] === 'not')) return 'less';
  if (words.some((word) => CHANGES.test(word)) || /\bmakes? a difference\b/.test(text)) return 'different';
  return more >= 0 ? 'more' : null;
}
