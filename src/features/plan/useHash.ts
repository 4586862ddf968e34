import { useSyncExternalStore } from 'react';

function subscribe(onChange: () => void): () => void {
  window.addEventListener('hashchange', onChange);
  return () => window.removeEventListener('hashchange', onChange);
}

/** What stands behind the # of the address; nothing while the server renders. */
export const useHash = (): string =>
  useSyncExternalStore(
    subscribe,
    () => window.location.hash.slice(1),
    () => '',
  );
