import { useLocalStorage } from '@vueuse/core';
import type { UnitSystem } from '@fern/core';

/** Grams and litres, or ounces and cups: chosen once, kept in this browser. */
export const useUnitSystem = () => useLocalStorage<UnitSystem>('fern-units', 'metric');
