import { cropSources, type Crop } from '../data/crops';

/** A value of the table of crops in words, with where it comes from. */
interface CropWords {
  readonly says: string;
  readonly source: string;
}

const span = ([from, to]: readonly [number, number]) => (from === to ? String(from) : `${from} to ${to}`);

/**
 * What growers know of a crop.
 * @returns what is known of it, each value with its source
 */
export function cropWords(crop: Crop): CropWords[] {
  const { celsius, days, depth, spacing, pot, harvest, mass, seedsPerGram } = crop;
  const known: readonly (readonly [string | null, string])[] = [
    [days && celsius && `germinates in ${span(days)} days at ${span(celsius)} °C`, cropSources.days],
    [depth === null ? null : depth === 0 ? 'sown on the surface' : `sown ${depth} mm deep`, cropSources.depth],
    [seedsPerGram === null ? null : `about ${seedsPerGram} seeds to the gram`, cropSources.seedsPerGram],
    [`grown plants ${spacing} cm apart`, cropSources.spacing],
    [`${pot >= 1000 ? `${pot / 1000} L` : `${pot} mL`} of mix for a grown plant`, cropSources.pot],
    [harvest && `harvest ${span(harvest)} days after sowing`, cropSources.harvest],
    [
      mass && `${mass.of}: about ${mass.grams} g a plant; plants differ by about ${Math.round(mass.spread * 100)}% by themselves`,
      cropSources.mass,
    ],
  ];
  return known.flatMap(([says, source]) => (says === null ? [] : [{ says, source }]));
}
