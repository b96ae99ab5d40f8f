import type { TextureClass } from './soilTexture';

/** How long a ribbon the moist soil makes between thumb and finger before it breaks. */
export type Ribbon = 'no ball' | 'none' | 'short' | 'middle' | 'long';
/** What the wetted pinch is like in the palm. */
export type Feel = 'gritty' | 'smooth' | 'neither';

const byRibbon: Readonly<Record<'short' | 'middle' | 'long', Readonly<Record<Feel, TextureClass>>>> = {
  short: { gritty: 'sandy loam', smooth: 'silt loam', neither: 'loam' },
  middle: { gritty: 'sandy clay loam', smooth: 'silty clay loam', neither: 'clay loam' },
  long: { gritty: 'sandy clay', smooth: 'silty clay', neither: 'clay' },
};

/**
 * Texture class by feel. Source: Thien SJ (1979) J. Agron. Educ. 8: 54–55: ribbon shorter than 2.5 cm, to 5 cm, longer.
 * @param ribbon how long a ribbon it makes
 * @param feel of a wetted pinch
 * @returns USDA class
 */
export function textureByFeel(ribbon: Ribbon, feel: Feel): TextureClass {
  if (ribbon === 'no ball') return 'sand';
  if (ribbon === 'none') return 'loamy sand';
  return byRibbon[ribbon][feel];
}
