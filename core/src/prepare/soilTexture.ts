export type TextureClass =
  | 'sand'
  | 'loamy sand'
  | 'sandy loam'
  | 'loam'
  | 'silt loam'
  | 'silt'
  | 'sandy clay loam'
  | 'clay loam'
  | 'silty clay loam'
  | 'sandy clay'
  | 'silty clay'
  | 'clay';

/**
 * USDA textural class from shares of sand, silt and clay in per cent; null unless they are 0 or more and add to 100 (within 1).
 * Source: Soil Science Division Staff (2017) Soil Survey Manual, USDA Handbook 18, ch. 3, definitions of the classes.
 */
export function soilTexture(sand: number, silt: number, clay: number): TextureClass | null {
  if (Math.min(sand, silt, clay) < 0 || Math.abs(sand + silt + clay - 100) > 1) return null;
  if (silt + 1.5 * clay < 15) return 'sand';
  if (silt + 2 * clay < 30) return 'loamy sand';
  if ((clay >= 7 && clay < 20 && sand > 52) || (clay < 7 && silt < 50)) return 'sandy loam';
  if (clay >= 7 && clay < 27 && silt >= 28 && silt < 50 && sand <= 52) return 'loam';
  if ((silt >= 50 && clay >= 12 && clay < 27) || (silt >= 50 && silt < 80 && clay < 12)) return 'silt loam';
  if (silt >= 80 && clay < 12) return 'silt';
  if (clay >= 20 && clay < 35 && silt < 28 && sand > 45) return 'sandy clay loam';
  if (clay >= 27 && clay < 40 && sand > 20 && sand <= 45) return 'clay loam';
  if (clay >= 27 && clay < 40 && sand <= 20) return 'silty clay loam';
  if (clay >= 35 && sand > 45) return 'sandy clay';
  if (clay >= 40 && silt >= 40) return 'silty clay';
  return 'clay';
}
