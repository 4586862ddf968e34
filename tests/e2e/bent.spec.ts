import { spawnSync } from 'node:child_process';
import { expect } from '@playwright/test';
import { test } from './support';
import { acetanilideText } from '../support/preparations';
import { makeClass, staffPage, tablet, first } from './bench';
import type { Page } from '@playwright/test';

// About a minute, in bin/test --all.
const count = 10_000;

test(
  'thousands of bent entries are stored or refused in words; whatever is stored, every page opens and it can be struck',
  { tag: '@all' },
  async ({ browser, request }) => {
    const issued = await makeClass(request, acetanilideText());
    const { status, stdout, stderr } = spawnSync(
      'node',
      [
        ...['--conditions=react-server', 'node_modules/tsx/dist/cli.mjs', '--conditions=react-server'],
        ...['tests/support/writeBent.ts', issued.id, String(count)],
      ],
      { encoding: 'utf8', env: { ...process.env, LOG_LEVEL: 'silent', MOZLE_DEMO: '' } },
    );
    expect([status, stderr.slice(0, 2000)]).toEqual([0, '']);
    const { stored, refused, past } = JSON.parse(stdout) as { stored: number; refused: number; past: number };
    expect(stored + refused).toBe(3 * Math.floor(count / 3));
    expect([stored > count / 50, refused > count / 2, past > 200]).toEqual([true, true, true]);

    const errors: string[] = [];
    const opens = async (page: Page, path: string, shows: RegExp) => {
      page.removeAllListeners('pageerror');
      // That the browser paints anew what the server could not (418 and 419) is how the page survives.
      page.on('pageerror', ({ message }) => /#41[89]\b/.test(message) || errors.push(`${path}: ${message}`));
      await page.goto(path);
      await expect(page.getByText(shows).first()).toBeVisible();
      // Alive: what the server could not paint the browser has tried by then.
      await page.waitForFunction(() =>
        Object.keys(document.querySelector('main') ?? {}).some((key) => key.startsWith('__react')),
      );
      expect([path, await page.getByText('This page broke').count(), errors]).toEqual([path, 0, []]);
    };
    const staff = await staffPage(browser, first(), 'coordinator');
    await opens(staff, '/classes', /Record/);
    await opens(staff, `/classes/${issued.id}`, /join code/);
    for (const bench of ['Ruff', 'Knot'])
      await expect(staff.locator('.lane').filter({ hasText: bench }).first()).toBeVisible();
    await staff.locator('[data-bench="Ruff"] .lane-line').click();
    await expect(staff.locator('[data-bench="Ruff"] .tape')).toBeVisible();
    await opens(staff, `/classes/${issued.id}/results`, /Yield against melting range/);
    await opens(staff, `/classes/${issued.id}/roster`, /PINs/);
    const board = (await (await staff.request.get(`/api/v1/classes/${issued.id}/board`)).json()) as {
      lanes: { id: string; fault?: string }[];
    };
    expect(board.lanes.map(({ fault }) => fault)).toEqual([undefined, undefined]);
    for (const { id } of board.lanes) await opens(staff, `/classes/${issued.id}/benches/${id}`, /You write for bench/);
    for (const what of ['results', 'record'])
      expect((await staff.request.get(`/api/v1/classes/${issued.id}/${what}`)).status()).toBe(200);
    // What cannot be read is named, and struck with a reason; the rest stands as before.
    const strike = staff.getByRole('button', { name: /^Strike entry/ });
    if ((await strike.count()) > 0) {
      const before = await strike.first().getAttribute('aria-label');
      await strike.first().click();
      await staff.getByRole('dialog').getByLabel('Reason').fill('cannot be read');
      await staff.getByRole('dialog').getByRole('button', { name: 'Strike it' }).click();
      await expect(staff.getByRole('button', { name: before ?? '', exact: true })).toHaveCount(0);
    }
    const bench = await tablet(browser, issued, first());
    await opens(bench, '/bench', /bench Ruff/);
    await opens(bench, '/bench/results', /Results of bench Ruff/);
    // Also what broke after the last look.
    expect(errors).toEqual([]);
  },
);
