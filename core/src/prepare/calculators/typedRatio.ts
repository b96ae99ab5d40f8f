import { typedNumber } from '../../quantities/typedNumber';
import type { RatioStyle } from '../dilution';

/**
 * A ratio as people write it: `1:500`, `1 : 500`, `1+500`, or 500 alone, which means one in so many.
 * @param text as typed
 * @returns parts for one part of stock, and how it is meant; or what is wrong in words
 * @example typedRatio('1 + 9') // { parts: 9, style: 'plus-water' }
 */
export function typedRatio(text: string): { readonly parts: number; readonly style: RatioStyle } | { readonly wrong: string } {
  const typed = text.trim();
  const found = /^(?:(\d+(?:[.,]\d+)?)\s*(:|\+|in|to)\s*)?(\d+(?:[.,]\d+)?)$/i.exec(typed);
  if (!found) return { wrong: `“${typed.slice(0, 40)}” is not a ratio: type it like 1:500 or 1+500.` };
  const [, first = '1', sign = ':', second = ''] = found;
  const [one, many] = [typedNumber(first) ?? 0, typedNumber(second) ?? 0];
  if (one === 0 || many === 0) return { wrong: 'A ratio has no nought in it: type it like 1:500.' };
  const style = sign === '+' || sign.toLowerCase() === 'to' ? 'plus-water' : 'in-total';
  const parts = many / one;
  if (style === 'in-total' && parts < 1) return { wrong: `${typed} would be more stock than mix. Did you mean 1:${one}?` };
  return { parts, style };
}
