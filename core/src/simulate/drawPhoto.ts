import { random, type Random } from '../stats/random';

/** What stands in front of the camera: a dish from above, or a pot from the side. Lengths in mm. */
export type Scene =
  | { readonly view: 'dish'; readonly across: number; readonly sown: number; readonly sprouted: number; readonly root: number }
  | { readonly view: 'pot'; readonly across: number; readonly heights: readonly number[]; readonly film?: string };

const [WIDTH, HEIGHT] = [960, 720];
/** Pixels a mm, so that a ruler in the picture can be read. */
const SCALE = { dish: 6, pot: 2.1 } as const;

/**
 * A photo as a camera above the bench might take it: the plants that are told of, and a ruler beside them.
 * @param scene what stands there
 * @param seed where each seed lies and each leaf turns; the same seed gives the same picture
 * @returns an SVG of 960 by 720
 */
export function drawPhoto(scene: Scene, seed: number): string {
  const source = random(seed);
  const things = scene.view === 'dish' ? dish(scene, source) : pot(scene, source);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}" viewBox="0 0 ${WIDTH} ${HEIGHT}">${table(scene.view, source)}${things}${ruler(scene.view)}</svg>`;
}

const at = (value: number) => Math.round(value * 10) / 10;
const ellipse = (x: number, y: number, rx: number, ry: number, fill: string, turn = 0) =>
  `<ellipse cx="${at(x)}" cy="${at(y)}" rx="${at(rx)}" ry="${at(ry)}" fill="${fill}"${turn === 0 ? '' : ` transform="rotate(${at(turn)} ${at(x)} ${at(y)})"`}/>`;
const stroke = (path: string, colour: string, width: number) =>
  `<path d="${path}" fill="none" stroke="${colour}" stroke-width="${at(width)}" stroke-linecap="round"/>`;

function table(view: Scene['view'], source: Random): string {
  const grain = Array.from({ length: 26 }, () => {
    const y = source.share() * HEIGHT;
    return stroke(`M0 ${at(y)} Q ${WIDTH / 2} ${at(y + source.normal(0, 9))} ${WIDTH} ${at(y + source.normal(0, 5))}`, '#b59a74', 1.2);
  });
  const wall = view === 'pot' ? `<rect width="${WIDTH}" height="${HEIGHT - 110}" fill="#dfe3dc"/>` : '';
  return `<rect width="${WIDTH}" height="${HEIGHT}" fill="#c4aa85"/><g opacity=".5">${grain.join('')}</g>${wall}`;
}

/** Ticks every mm and longer ones every cm; along the foot of a dish, upright beside a pot. */
function ruler(view: Scene['view']): string {
  const upright = view === 'pot';
  const length = upright ? 290 : 120;
  const ticks = Array.from({ length: length + 1 }, (_, mm) => {
    const far = at(mm * SCALE[view]);
    const long = mm % 10 === 0 ? 22 : mm % 5 === 0 ? 15 : 9;
    if (upright && mm % 5 !== 0) return '';
    return upright ? `M70 ${HEIGHT - 96 - far}h${long}` : `M${90 + far} 672v-${long}`;
  });
  const body = upright
    ? `<rect x="62" y="${HEIGHT - 96 - length * SCALE.pot}" width="46" height="${length * SCALE.pot}" fill="#f4efdf"/>`
    : '<rect x="82" y="640" width="740" height="36" fill="#f4efdf"/>';
  return `${body}<path d="${ticks.join('')}" stroke="#3a3a34" stroke-width="1.6"/>`;
}

/** Seeds in rings, none touching; those that have sprouted show a root and two leaves. */
function dish({ across, sown, sprouted, root }: Scene & { readonly view: 'dish' }, source: Random): string {
  const [x, y, radius] = [WIDTH / 2, 320, (across / 2) * SCALE.dish];
  const order = Array.from({ length: sown }, (_, i) => i).sort((a, b) => ((a * 7919) % sown) - ((b * 7919) % sown));
  const seeds = order.map((place, i) => {
    // The turn of the golden angle spreads any number evenly over a circle. Source: Vogel (1979), Mathematical Biosciences 44.
    const [turn, far] = [place * 2.39996, radius * 0.86 * Math.sqrt((place + 0.5) / sown)];
    const [sx, sy] = [x + far * Math.cos(turn) + source.normal(0, 3), y + far * Math.sin(turn) + source.normal(0, 3)];
    const way = source.share() * 360;
    return (i < sprouted ? sprout(sx, sy, way, root * (0.6 + 0.6 * source.share())) : '') + ellipse(sx, sy, 9, 6.5, '#7a4e2c', way);
  });
  return `${ellipse(x + 6, y + 10, radius + 10, radius + 10, '#00000026')}${ellipse(x, y, radius + 8, radius + 8, '#e9eef0')}${ellipse(x, y, radius, radius, '#f8f6ee')}${seeds.join('')}`;
}

function sprout(x: number, y: number, way: number, root: number): string {
  const turn = (way * Math.PI) / 180;
  const far = Math.min(root, 34) * SCALE.dish * 0.5;
  const [ex, ey] = [x + far * Math.cos(turn), y + far * Math.sin(turn)];
  const leaf = (side: number) => ellipse(x - 13 * Math.cos(turn + side), y - 13 * Math.sin(turn + side), 10, 7, '#5f9a45', way + side * 57);
  return (
    stroke(`M${at(x)} ${at(y)} Q ${at((x + ex) / 2 + 8)} ${at((y + ey) / 2 - 8)} ${at(ex)} ${at(ey)}`, '#efe9d2', 4) +
    leaf(0.6) +
    leaf(-0.6)
  );
}

function pot({ across, heights, film }: Scene & { readonly view: 'pot' }, source: Random): string {
  const [foot, rim, half] = [HEIGHT - 70, HEIGHT - 70 - across * SCALE.pot * 0.85, (across / 2) * SCALE.pot];
  const x = WIDTH / 2;
  const plants = heights.map((height, i) => plant(x + (i - (heights.length - 1) / 2) * 40, rim - 6, height * SCALE.pot, source));
  const body = `<path d="M${at(x - half)} ${at(rim)}h${at(half * 2)}l${at(-half * 0.28)} ${at(foot - rim)}h${at(-half * 1.44)}z" fill="#b5653f"/><rect x="${at(x - half - 8)}" y="${at(rim - 20)}" width="${at(half * 2 + 16)}" height="30" rx="5" fill="#c2754d"/>`;
  const hoop =
    film === undefined
      ? ''
      : `<path d="M${at(x - half * 1.5)} ${foot}V260Q${x} -200 ${at(x + half * 1.5)} 260V${foot}z" fill="${film}" fill-opacity=".3" stroke="${film}" stroke-opacity=".7" stroke-width="4"/>`;
  return `${ellipse(x, foot + 4, half, 14, '#00000030')}${ellipse(x, rim - 18, half, 12, '#3d2c1e')}${plants.join('')}${body}${hoop}`;
}

/** A stem with pairs of leaves, the larger the lower they stand. */
function plant(x: number, ground: number, height: number, source: Random): string {
  const lean = source.normal(0, height * 0.05);
  const pairs = Math.max(1, Math.round(height / 70));
  const leaves = Array.from({ length: pairs }, (_, i) => {
    const share = (i + 1) / pairs;
    const [lx, ly, size] = [x + lean * share, ground - height * share, 30 * (1.25 - 0.7 * share) * Math.min(1, 0.35 + height / 260)];
    const pair = (side: number) =>
      ellipse(lx + side * size, ly + 3, size, size * 0.5, i % 2 === 0 ? '#4f8f3c' : '#5d9e47', side * (18 + source.normal(0, 6)));
    return pair(-1) + pair(1);
  });
  return (
    stroke(`M${at(x)} ${at(ground + 12)}Q${at(x)} ${at(ground - height / 2)} ${at(x + lean)} ${at(ground - height)}`, '#6f9a4d', 5) +
    leaves.join('')
  );
}
