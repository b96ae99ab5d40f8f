import { neededBy, pages, type Bundle } from './pages.ts';

/** Where most visits begin: these wait for nothing that only others need. */
const first = ['auth/SignInPage', 'today/TodayPage'];
/** A file of less than this, in characters before it is made small, is not worth a call of its own. */
const SMALL = 9000;

/** The chunk of each module: modules that the same pages need go together, and small ones that several share, too. */
export function chunkNames(bundle: Bundle): ReadonlyMap<string, string> {
  const users = new Map<string, string[]>();
  const sizes = new Map<string, number>();
  for (const page of pages)
    for (const { modules } of neededBy(bundle, page))
      for (const [id, { renderedLength }] of Object.entries(modules)) {
        users.set(id, [...(users.get(id) ?? []), page.file]);
        sizes.set(id, renderedLength);
      }
  const keyOf = (by: readonly string[]) => by.map((file) => file.replace(/^.*\/|Page$/g, '').toLowerCase()).join('-');
  const weights = new Map<string, number>();
  for (const [id, by] of users) weights.set(keyOf(by), (weights.get(keyOf(by)) ?? 0) + (sizes.get(id) ?? 0));
  const order = [...weights.keys()];
  const framed = keyOf(pages.flatMap(({ file, isInFrame }) => (isInFrame ? [file] : [])));
  return new Map(
    [...users].map(([id, by]) => {
      const key = keyOf(by);
      if (by.length === pages.length) return [id, 'app'];
      if (key === framed) return [id, 'layout'];
      if (by.length === 1) return [id, key];
      const isSmall = (weights.get(key) ?? 0) < SMALL && by.length > 2 && !first.some((file) => by.includes(file));
      return [id, isSmall ? 'components' : `shared-${order.indexOf(key)}`];
    }),
  );
}
