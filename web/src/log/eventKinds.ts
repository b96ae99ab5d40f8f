import type { EventKind } from '@fern/core';

/** What can go wrong, in the words of who writes it down. A loss is told of its own unit. */
export const eventKinds: readonly { readonly value: EventKind; readonly label: string }[] = [
  { value: 'equipment', label: 'a lamp, pump or tool failed' },
  { value: 'pest-or-disease', label: 'pests or disease' },
  { value: 'weather', label: 'heat, cold, wind or rain' },
  { value: 'protocol-change', label: 'something was done differently' },
  { value: 'move', label: 'they were moved or potted on' },
  { value: 'mix-up', label: 'two were mixed up' },
  { value: 'other', label: 'something else' },
];
