/** Stock for a dilution by C₁V₁ = C₂V₂, in the unit of the final volume; null where the stock is too weak. */
export function stockVolume(stock: number, wanted: number, finalVolume: number): number | null {
  return stock <= 0 || wanted < 0 || wanted > stock ? null : (wanted * finalVolume) / stock;
}

/** How a ratio is meant: "1 : 500" is one part in 500 parts of the final mix, "1 + 500" one part and 500 of water. */
export type RatioStyle = 'in-total' | 'plus-water';

/** Stock in a final volume at one part to `parts`; null without parts. */
export function ratioVolume(parts: number, finalVolume: number, style: RatioStyle): number | null {
  const all = style === 'in-total' ? parts : parts + 1;
  return all > 0 ? finalVolume / all : null;
}

/** mg per L (ppm) of a solution given in per cent weight by volume: 1% w/v is 10 g per L. */
function ppmOfPercent(percent: number): number {
  return percent * 10_000;
}

/** mL of a per cent w/v stock for each litre at so many ppm: 3% peroxide to 50 mg/L is 1.67 mL per L. */
export function stockPerLitre(percent: number, ppm: number): number | null {
  return stockVolume(ppmOfPercent(percent), ppm, 1000);
}

/** ppm that a meter shows for a conductivity in mS/cm, by the scale that it is set to; name the scale beside it. */
export function ppmOfConductivity(milliSiemens: number, scale: 500 | 700): number {
  return milliSiemens * scale;
}
