const pages = 'mozle-pages';

/**
 * Lets the bench's pages open without a network, where the browser allows it (a secure origin). Elsewhere the open page goes on
 * by itself.
 */
export function prepareOffline(): void {
  const workers = typeof navigator === 'undefined' ? undefined : navigator.serviceWorker;
  if (!workers) return;
  void workers
    .register('/sw.js')
    .then(() => workers.ready)
    .then(({ active }) => {
      // The page that brought the worker was not fetched through it.
      const loaded = performance.getEntriesByType('resource').map(({ name }) => name);
      active?.postMessage({ keep: [location.href, ...loaded] });
    })
    .catch(() => undefined);
}

/** Forgets the pages kept on this device: the next one who signs in here may be somebody else. */
export async function forgetPages(): Promise<void> {
  if (typeof caches !== 'undefined') await caches.delete(pages).catch(() => false);
}
