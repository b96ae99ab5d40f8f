// Asks who this is while the app's files are still on their way.
globalThis.earlySession = fetch('/api/session', { headers: { 'x-fern-test': '1' } }).catch(() => null);
