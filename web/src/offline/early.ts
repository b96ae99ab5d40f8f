/** Files of each page by its address, put in where this is built. */
declare const PAGES: readonly { readonly address: string; readonly files: readonly string[] }[];

const { pathname } = location;

/** Begins to fetch a file before the app asks for it. */
function fetchEarly(file: string): void {
  const link = document.createElement('link');
  link.href = `/${file}`;
  if (file.endsWith('.css')) {
    link.rel = 'preload';
    link.as = 'style';
    link.crossOrigin = '';
  } else link.rel = /worker/.test(file) ? 'prefetch' : 'modulepreload';
  document.head.append(link);
}
PAGES.find(({ address }) => new RegExp(address).test(pathname))?.files.forEach(fetchEarly);

/** What the app asks first; where somebody was signed in here, what that person's page asks as well. */
function questions(): readonly string[] {
  if (localStorage.getItem('fern-test.account') === null) return ['/session'];
  const id = /^\/experiments\/([^/]+)/.exec(pathname)?.[1];
  return ['/session', '/experiments', ...(id === undefined ? [] : [`/experiments/${id}/study?as=columns`])];
}
globalThis.earlyAnswers = new Map(
  questions().map((path) => [path, fetch(`/api${path}`, { headers: { 'x-fern-test': '2' } }).catch(() => null)]),
);
