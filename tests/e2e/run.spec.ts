import { expect } from '@playwright/test';
import { test } from './support';
import { readFileSync } from 'node:fs';
import { acetanilideText } from '../support/preparations';
import { fullDocument } from '../support/fullDocument';
import { writePreparation } from '@/core/formats/writePreparation';
import { first, makeChecks, makeClass, phoneSize, press, read, second, sentence, staffPage, tablet } from './bench';
import type { Page } from '@playwright/test';

// The whole preparation on a phone and on a tablet takes its time on two cores.

/** Something that happened some minutes ago on another device of the same bench, and arrives now. */
async function earlier(page: Page, minutes: number, body: object): Promise<void> {
  const at = new Date(Date.now() - minutes * 60_000).toISOString();
  const letters = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
  const id = `01ARZ3NDEKTSV4RRFF${Array.from({ length: 8 }, () => letters[Math.floor(Math.random() * 32)]).join('')}`;
  const status = await page.evaluate(
    async ({ draft }) => {
      const log = /\\"log\\":\\"([0-9A-Z]{26})\\"/.exec(await (await fetch('/bench')).text())?.[1] ?? '';
      const answer = await fetch(`/api/v1/logs/${log}/entries`, {
        method: 'POST',
        body: JSON.stringify({ ...draft, log }),
      });
      return answer.status;
    },
    { draft: { id, v: 1, body, at, deviceAt: at, device: 'other tablet', saw: 0 } },
  );
  expect(status).toBe(201);
}

async function cool(page: Page, temperature: string): Promise<void> {
  await press(page, 'Cooling');
  await read(page, temperature);
  await press(page, 'It is cold');
  await press(page, 'Go on');
}

async function filter(page: Page, wash: string): Promise<void> {
  await makeChecks(page);
  await press(page, 'It is on the paper');
  await read(page, wash);
  await press(page, 'Washed');
  await press(page, 'Sucked dry');
  await press(page, 'Go on');
}

async function melt(page: Page, ...texts: readonly string[]): Promise<void> {
  await makeChecks(page);
  for (const text of texts) await read(page, text);
  await expect(page.getByRole('button', { name: /Another capillary/ })).toBeVisible();
  await press(page, 'Go on');
}

test('a class runs the preparation from the first weighing to the melting range; the results are those worked out by hand', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, acetanilideText());
  const phone = await tablet(browser, issued, first(), { size: phoneSize });
  await test.step('charge and reaction, on a phone', async () => {
    await read(phone, '24.10');
    await read(phone, '22.06');
    await press(phone, 'Ask for a signature');
    await press(phone, 'Go on');
    await read(phone, '4.0');
    await press(phone, 'Go on');
    await makeChecks(phone);
    await press(phone, 'Go on');
    await read(phone, '2.50');
    await makeChecks(phone);
    await press(phone, 'First portion is in');
    for (const text of ['62', '74', '83', '88']) await read(phone, text);
    await press(phone, 'Go on');
    await makeChecks(phone);
    await press(phone, 'Heat is on');
    // Condensate was seen falling back sixteen minutes ago, on the other tablet.
    await earlier(phone, 16, { k: 'event', step: 'reflux', name: 'firstReflux' });
    await expect(phone.getByRole('region', { name: 'Timers' })).toContainText('Now: turn the heat off');
    await read(phone, '121');
    await press(phone, 'Heat is off');
    await expect(phone.getByRole('region', { name: 'Timers' })).toHaveCount(0);
    await expect(phone.getByText('Too short at reflux')).toHaveCount(0);
    await press(phone, 'Go on');
    await cool(phone, '52');
    await read(phone, '40.1');
    await makeChecks(phone);
    await read(phone, '51');
    await press(phone, 'Poured');
    await press(phone, 'No oil is left');
    await press(phone, 'Go on');
    await cool(phone, '2');
    await filter(phone, '9.9');
    // What the phone has sent is what the tablet opens with.
    await expect(phone.getByText(/on this tablet only/)).toHaveCount(0);
  });

  const bench = await tablet(browser, issued, second());
  await test.step('drying, purification and melting ranges, on a tablet at the other instance', async () => {
    await expect(sentence(bench)).toContainText('Dry the crude acetanilide');
    await press(bench, 'It is drying');
    await earlier(bench, 12, {
      k: 'reading',
      place: { step: 'dry-crude', slot: 'net', round: 1 },
      digits: '2.58',
      unit: 'g',
      device: 'balance-001',
    });
    await expect(bench.getByText('weighed once: dry on')).toBeVisible();
    await read(bench, '2.58');
    await expect(bench.getByText('You may stop here')).toBeVisible();
    await press(bench, 'Go on');
    await melt(bench, '92.0', '93.6', '108.4', '111.6');
    await read(bench, '2.56');
    await makeChecks(bench);
    await read(bench, '40.0');
    await read(bench, '14.0');
    await press(bench, 'All dissolved at the boil');
    await makeChecks(bench);
    await read(bench, '0.10');
    await press(bench, 'Charcoal is in');
    await makeChecks(bench);
    await press(bench, 'Filtered hot');
    await read(bench, '4.0');
    await read(bench, '53.0');
    await press(bench, 'Go on');
    await cool(bench, '27');
    await cool(bench, '2');
    await filter(bench, '4.0');
    await press(bench, 'It is drying');
    await read(bench, '2.16');
    await press(bench, 'Dry by feel and look');
    await press(bench, 'Go on');
    await read(bench, '14.32');
    await read(bench, '16.48');
    await press(bench, 'Ask for a signature');
    await press(bench, 'Go on');
    await melt(bench, '95.0', '96.6', '113.2', '114.4');
  });

  await test.step('the yield is kept back until the group has worked it out', async () => {
    await bench.goto('/bench/results');
    await expect(
      bench.getByText('2.16 g recrystallized acetanilide. Work out the percent yield yourself'),
    ).toBeVisible();
    await bench.goto('/bench');
    await read(bench, '72.9');
    await press(bench, 'Go on');
    await expect(sentence(bench)).toHaveText('Every step is done. Look at your results.');
    await bench.locator('.record-button').click();
    // 2.04 g ÷ 93.129 × 135.166 = 2.961 g; 2.16 ÷ 2.961 = 73.0 %; 2.16 ÷ 2.56 = 84.4 %; 2.58 ÷ 2.961 = 87.1 %.
    // No correction of the apparatus stands in the record, so the range is near the pure compound's, never the same.
    await expect(bench.locator('.report-sentence')).toContainText(
      '2.16 g recrystallized acetanilide, 73.0 % of the 2.96 g that the charge allows, melting at 113.2–114.4 °C, near the pure compound.',
    );
    await expect(bench.getByText('worked out by the group: 72.9 %, as the readings give.')).toBeVisible();
    await expect(bench.getByRole('row', { name: /Crude acetanilide/ })).toContainText('87.1');
    await bench.getByRole('button', { name: /^Percent recovery, Recrystallized acetanilide: 84.4 %/ }).click();
    const working = bench.getByRole('dialog');
    await expect(working).toContainText('2.16 g / 2.56 g = 84.4 %');
    await expect(working).toContainText(/Recrystallization: crude acetanilide, read at \d\d:\d\d by Ruff/);
    await working.getByRole('button', { name: 'Close' }).click();
    // (40.1 + 9.9) mL at 0.35 g/100 mL is 0.18 g; 5 % not converted and 0.03 g left in the flask are assumed:
    // 2.961 − 0.175 − 0.148 − 0.030 − 2.58 = 0.03 g nobody explains.
    const stairs = bench.getByRole('region', { name: 'From the charge to the product' });
    await expect(stairs.getByRole('listitem').filter({ hasText: 'Crude acetanilide' }).first()).toContainText(
      /0\.18.*0\.03\s?g unexplained/,
    );
  });

  await test.step('the demonstrator signs, the coordinator compares and exports', async () => {
    const board = await staffPage(browser, first(), 'demonstrator');
    await board.goto(`/classes/${issued.id}`);
    const lane = board.locator('[data-bench="Ruff"]');
    await lane.locator('.lane-line').click();
    await expect(lane.getByRole('region', { name: 'To sign' })).toContainText(
      'empty 14.32 g (cap on) → full 16.48 g (cap on) · Weighing: recrystallized acetanilide 2.16 g',
    );
    await lane.getByRole('button', { name: 'Hold to sign' }).click({ delay: 1000 });
    await expect(lane.getByText(/^signed/)).toHaveCount(2);
    await expect(lane).toContainText('every step done');
    await board.getByRole('button', { name: /^Pressure: not entered/ }).click();
    await board.getByLabel('Pressure').fill('753 torr');
    await board.getByRole('button', { name: 'Set', exact: true }).click();
    await expect(board.getByRole('button', { name: /^Pressure: 753 torr/ })).toBeVisible();
    await board.getByRole('link', { name: 'Results of the class' }).click();
    const row = board.locator('tr[data-bench="Ruff"]');
    await expect(row).toContainText('73.0%');
    await expect(row).toContainText(/113\.2–114\.4\s?°C near/);
    await expect(board.getByRole('img', { name: /Ruff: 73 %, 113.2–114.4 °C/ })).toBeVisible();
    await row.getByRole('button', { name: 'Ruff', exact: true }).click();
    await expect(board.getByRole('region', { name: 'Results of Ruff' })).toContainText(
      '2.16 g recrystallized acetanilide',
    );
    const download = board.waitForEvent('download');
    await board.getByRole('link', { name: 'CSV of the class' }).click();
    const text = readFileSync(await (await download).path(), 'utf8');
    const [header = '', ruff = ''] = text.slice(1).split('\r\n');
    const cell = (name: string) => ruff.split(',')[header.split(',').indexOf(name)];
    expect([cell('bench'), cell('theory_g'), cell('pure_mass_g'), cell('pure_yield_percent')]).toEqual([
      'Ruff',
      '2.96',
      '2.16',
      '73.0',
    ]);
    expect([cell('own_percent'), cell('pure_onset_C'), cell('pure_melting')]).toEqual(['72.9', '113.2', 'near']);
    await board.context().close();
  });
  await phone.context().close();
  await bench.context().close();
});

// About 6 s.
test('several tracks are open at once, and what is weighed between two reactions moves what follows', async ({
  browser,
  request,
}) => {
  const issued = await makeClass(request, writePreparation(fullDocument()));
  const bench = await tablet(browser, issued, first());
  await press(bench, 'Volume');
  await read(bench, '5.00');
  const meanwhile = bench.getByRole('region', { name: 'Meanwhile' });
  await expect(meanwhile.getByRole('button', { name: /ketone/ })).toBeVisible();
  await meanwhile.getByRole('button', { name: /ketone/ }).click();
  await expect(sentence(bench)).toContainText('ketone');
  await bench
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('button', { name: /Weighing/ })
    .first()
    .click();
  await press(bench, 'Weigh, tared');
  await read(bench, '3.12');
  await bench
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('button', { name: /Charge acid/ })
    .click();
  await expect(bench.getByText('it follows what there is of the alcohol')).toBeVisible();
});
