import { defineConfig } from '@playwright/test';

// bin/test starts database and app and sets BASE_URL. Debian's Chromium; it must not try to reach the outside.
export default defineConfig({
  testDir: 'tests/e2e',
  workers: 2,
  fullyParallel: true,
  // The longest begins first: begun last, it would keep one worker waiting.
  projects: [
    { name: 'longest', testMatch: /run\.spec\.ts$/ },
    { name: 'rest', testIgnore: /run\.spec\.ts$/ },
  ],
  // What takes long and finds seldom: only `bin/test --all` runs it.
  ...(process.env['ALL_TESTS'] ? {} : { grepInvert: /@all/ }),
  // A slow machine must not fail a test: the longest takes two minutes on two quiet cores.
  timeout: 400_000,
  expect: { timeout: 60_000 },
  reporter: [['line'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: process.env['BASE_URL'] ?? 'http://localhost:3000',
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
    trace: 'retain-on-failure',
  },
});
