import type { configure } from '@testing-library/react';

/** A screen may take long to come on a busy machine: only its absence fails a test. Where nothing is drawn, nothing is loaded. */
if ('document' in globalThis) {
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  const library = require('@testing-library/react') as { configure: typeof configure };
  library.configure({ asyncUtilTimeout: 30_000 });
}
