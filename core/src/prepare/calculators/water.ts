import { infiltration, shareKept, waterHeld } from '../water';
import type { Calculator } from './Calculator';
import { defineCalculator } from './defineCalculator';
import { quantity, resultLine, num, orNone } from './makers';

export const waterCalculators: readonly Calculator[] = [
  defineCalculator({
    id: 'water-held',
    theme: 'water',
    title: 'Water held',
    about: 'Poured on and drained off: what stayed, and how much of it is left later.',
    words: ['water holding', 'drain', 'mix', 'evaporation', 'kept', 'coir'],
    asks: [
      quantity('poured', 'Poured on', 'mL', '500 mL'),
      orNone('drained', 'Drained off', 'mL', '180 mL'),
      quantity('dry', 'Dry mix', 'g', '600 g'),
      quantity('pot', 'Empty container', 'g', '', { optional: true, above: false }),
      quantity('later', 'Weight later, with the container', 'g', '', { optional: true }),
    ],
    work: ({ numbers: { poured, drained, dry, pot = 0, later } }) => {
      const found = waterHeld(poured, drained, dry);
      if (found === null)
        return { field: 'drained', why: `${num(drained)} mL drained of ${num(poured)} mL: more than was poured. Was the mix wet before?` };
      const kept = later === undefined ? null : shareKept(later, dry + pot, found.held);
      if (kept !== null && (kept < 0 || kept > 1))
        return {
          field: 'later',
          why: `That would be ${num(later ?? 0)} g, outside ${num(dry + pot)} g dry and ${num(dry + pot + found.held)} g full. Was it weighed with its container?`,
        };
      return {
        lines: [
          resultLine('Held', found.held, 'mL'),
          resultLine('Held by a gram of dry mix', found.perDryMass ?? 0, 'g/g'),
          ...(kept === null
            ? []
            : [resultLine('Of it still there', kept * 100, '%'), resultLine('Lost since', (1 - kept) * found.held, 'mL')]),
        ],
        formula: `${num(poured)} − ${num(drained)} = ${num(found.held)} mL; ÷ ${num(dry)} g${later === undefined ? '' : `; (${num(later)} − ${num(dry + pot)}) ÷ ${num(found.held)} = ${num((kept ?? 0) * 100)}%`}`,
      };
    },
    source: 'held = poured − drained; kept = (mass now − dry mass) ÷ held; 1 mL of water is 1 g (common practice)',
  }),
  defineCalculator({
    id: 'infiltration',
    theme: 'water',
    title: 'How fast water sinks in',
    about: 'A ring on the ground, a depth of water and a watch.',
    words: ['infiltration', 'ring', 'drainage', 'soil', 'minutes'],
    asks: [quantity('depth', 'Depth of water', 'mm', '1 in'), quantity('time', 'Gone after', 'min', '12 min')],
    work: ({ numbers: { depth, time } }) => ({
      lines: [resultLine('Sinks in', infiltration(depth, time) ?? 0, 'mm/h')],
      formula: `${num(depth)} mm × 60 ÷ ${num(time)} min = ${num(infiltration(depth, time) ?? 0)} mm/h`,
      note: 'The first pouring wets the ground; the second tells.',
    }),
    source: 'depth ÷ time (common practice)',
  }),
];
