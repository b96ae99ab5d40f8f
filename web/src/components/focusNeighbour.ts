const isList = (element: Element | null) => element?.matches('ul, [data-list]') === true;

/**
 * The list to which a button adds: the one that it stands in, or the nearest one beside its line.
 * @param button in the list, or in a line before or after it
 * @returns null where there is none
 */
export function focusNeighbour(button: Element): Element | null {
  const own = button.closest('ul, [data-list]');
  const line = button.parentElement;
  if (own || !line) return own;
  if (isList(line.previousElementSibling)) return line.previousElementSibling;
  let next = line.nextElementSibling;
  while (next !== null && !isList(next)) next = next.nextElementSibling;
  return next;
}
