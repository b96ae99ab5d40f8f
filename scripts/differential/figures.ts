import type { MeasureResult, Result } from '@fern/core';

/** Every figure of a result under a name of its own; what cannot be calculated is left out. */
export type Figures = Readonly<Record<string, number | string>>;

type Loose = Record<string, number | string | null | undefined>;
type Interval = readonly [number, number] | null | undefined;
const between = (name: string, ci95: Interval): Loose => ({ [`${name} lo`]: ci95?.[0], [`${name} hi`]: ci95?.[1] });

/**
 * The figures of a result that R is asked for as well.
 * @param result of a package
 * @param own the measure; the first where none is named
 * @returns arms, tests, terms, comparisons, effects, trend and verdict
 */
export function figuresOf({ measures }: Result, own = measures[0]): Figures {
  const all: Loose = { ...arms(own), ...tests(own), ...terms(own), ...comparisons(own), ...effects(own), ...trend(own) };
  const known = Object.entries({ ...all, verdict: own.verdict.code }).filter(([, value]) => value !== null && value !== undefined);
  return Object.fromEntries(known) as Figures;
}

function arms({ arms: rows }: MeasureResult): Loose {
  return merged(
    rows.map((row) => ({
      [`arm ${row.arm} units`]: row.units,
      [`arm ${row.arm} mean`]: row.mean,
      [`arm ${row.arm} sd`]: row.sd,
      ...between(`arm ${row.arm}`, row.ci95),
      [`arm ${row.arm} median`]: row.median,
      [`arm ${row.arm} events`]: row.events,
      [`arm ${row.arm} restricted mean`]: row.restrictedMean,
    })),
  );
}

function tests({ tests: rows }: MeasureResult): Loose {
  return merged(
    rows.map(({ method, arm, versus, statistic, df, p, exact, difference, ci95 }) => {
      const name = arm === undefined ? method : `${method} ${arm}-${versus}`;
      // R draws the shuffle of all arms at once, and walks through that of two.
      const shuffled = method === 'randomisation' || method === 'sign-flip';
      const drawn = shuffled && (exact === false || arm === undefined);
      return {
        [`${name} statistic`]: shuffled ? null : statistic.value,
        ...Object.fromEntries(df.map((own, i) => [`${name} df${i + 1}`, own])),
        [`${name} p${drawn ? ' drawn' : ''}`]: p,
        [`${name} difference`]: difference,
        ...between(name, ci95),
      };
    }),
  );
}

function terms({ terms: rows }: MeasureResult): Loose {
  return merged(
    rows.map(({ term, df, sumOfSquares, f, p }) => ({
      [`term ${term} df`]: df,
      [`term ${term} squares`]: sumOfSquares,
      [`term ${term} F`]: f,
      [`term ${term} p`]: p,
    })),
  );
}

function comparisons({ comparisons: rows }: MeasureResult): Loose {
  return merged(
    rows.map(({ arm, versus, difference, ratio, p, superiority, verdict }) => {
      const name = `${arm}-${versus}`;
      return {
        [`${name} difference`]: difference.value,
        ...between(name, difference.ci95),
        [`${name} ratio`]: ratio.value,
        ...between(`${name} ratio`, ratio.ci95),
        [`${name} p`]: p,
        [`${name} superiority`]: superiority,
        [`${name} verdict`]: verdict,
      };
    }),
  );
}

function effects({ effects: rows = [] }: MeasureResult): Loose {
  return merged(
    rows.map(({ factor, level, versus, difference, p, verdict }) => {
      const name = `effect ${factor} ${level}-${versus}`;
      return {
        [`${name} difference`]: difference.value,
        ...between(name, difference.ci95),
        [`${name} p`]: p,
        [`${name} verdict`]: verdict,
      };
    }),
  );
}

function trend({ trend: own }: MeasureResult): Loose {
  if (own === null) return {};
  return {
    'trend slope': own.slope,
    ...between('trend', own.ci95),
    'trend p': own.p,
    'trend turning point': own.turningPoint,
    ...between('trend turning point', own.turningPointCi95),
    'trend curve p': own.quadratic?.p,
  };
}

const merged = (rows: readonly Loose[]): Loose => Object.assign({}, ...rows) as Loose;
