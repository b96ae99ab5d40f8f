import { colours } from '@fern/paper/look';

/** Six sizes of type, px. */
export const type = { tiny: 12.5, small: 14.5, body: 16, large: 19, title: 27, huge: 44 } as const;

export const fonts = {
  text: "'Atkinson Hyperlegible', sans-serif",
  head: "'Bitter', serif",
  mono: "'IBM Plex Mono', monospace",
} as const;

export const radius = 7;

/** Three widths at which the page folds, px: a phone, a tablet, a laptop. In CSS they stand as numbers, and a test holds them to these. */
export const breakpoints = { phone: 600, tablet: 900, laptop: 1100 } as const;

const kebab = (name: string) => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/** The tokens as custom properties: `--sprout-wash`, `--type-small`. */
export function tokensAsCss(): string {
  const lines = [
    ...Object.entries(colours).map(([name, value]) => `--${kebab(name)}: ${value};`),
    ...Object.entries(type).map(([name, size]) => `--type-${name}: ${size}px;`),
    ...Object.entries(fonts).map(([name, family]) => `--${name}: ${family};`),
    `--radius: ${radius}px;`,
  ];
  return `:root { ${lines.join(' ')} }`;
}
