// Takes the pictures of docs/screenshots from a running demo: node scripts/takeScreenshots.mjs [address]
import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';

const address = process.argv[2] ?? 'http://localhost:3000';
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});

async function picture(name, { role, width = 1280, height = 800, theme = 'light' }, act = async () => {}) {
  const context = await browser.newContext({
    baseURL: address,
    viewport: { width, height },
    colorScheme: theme,
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  await page.goto('/sign-in');
  if (role) {
    await page.getByRole('button', { name: role }).click();
    await page.waitForURL(/preparations|bench/);
  }
  await act(page);
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await context.close();
}

const plan = async (page) => {
  await page
    .getByRole('link', { name: /^Acetanilide/ })
    .last()
    .click();
  for (const name of ['Acetic acid, glacial', 'Acetic anhydride'])
    await page.getByRole('img', { name: `Structure of ${name}` }).waitFor();
};

await picture('sheet', { role: /^Coordinator/ }, async (page) => {
  await plan(page);
  await page.goto(`${page.url().split('#')[0]}/sheets/student`);
  await page.getByRole('article').waitFor();
});
// What a browser says of requests that our own pages make.
const fromHere = { headers: { 'Sec-Fetch-Site': 'same-origin' } };
const pins = { Avocet: '417052', Dunlin: '603884', Godwit: '551230', Plover: '332798' };
const atBench = async (page, name, path = '/bench') => {
  await page.request.delete('/api/v1/session', fromHere);
  await page.request.post('/api/v1/session', {
    ...fromHere,
    data: { as: 'group', joinCode: 'SHORE7', bench: name, pin: pins[name] },
  });
  await page.goto(path);
  await page.waitForTimeout(1200);
};
const group = { role: /^Group/, width: 820, height: 1180 };
await picture('bench', group, async (page) => {
  await atBench(page, 'Avocet');
  await page.getByLabel(/^Reading/).fill('24.10');
});
await picture('bench-reflux', group, (page) => atBench(page, 'Godwit'));
await picture('bench-finding', { ...group, height: 900 }, async (page) => {
  await atBench(page, 'Dunlin');
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('button').nth(3).click();
});
await picture('bench-phone-dark', { ...group, width: 390, height: 844, theme: 'dark' }, async (page) => {
  await atBench(page, 'Plover');
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('button').nth(11).click();
});
await picture('results-bench', { role: /^Group/, height: 1000 }, (page) => atBench(page, 'Plover', '/bench/results'));
const theClass = async (page) => {
  await page.goto('/classes');
  await page.getByRole('link', { name: /Spring module/ }).click();
};
await picture('class', { role: /^Demonstrator/, height: 1000 }, async (page) => {
  await theClass(page);
  await page.locator('[data-bench="Sanderling"] .lane-line').click();
});
const classResults = async (page) => {
  await theClass(page);
  await page.getByRole('link', { name: 'Results of the class' }).click();
  await page.getByRole('img', { name: /Plover: 63.5/ }).waitFor();
};
await picture('results-class', { role: /^Coordinator/, height: 1480 }, classResults);
await picture('plan', { role: /^Coordinator/ }, plan);
await picture('process', { role: /^Coordinator/, height: 900 }, async (page) => {
  await page
    .getByRole('link', { name: /^4-Methylcyclohexanone/ })
    .last()
    .click();
  await page.getByRole('link', { name: 'Process', exact: true }).click();
  await page.getByRole('button', { name: /Wash: sodium bicarbonate/ }).click();
});
await picture('models', { role: /^Coordinator/, height: 1200 }, async (page) => {
  await page.goto('/models');
  await page.getByRole('button', { name: 'Distillation' }).click();
  await page.locator('.explore-says').waitFor();
  await page.waitForTimeout(400);
});
await picture('bench-extraction', group, async (page) => {
  await page.request.delete('/api/v1/session', fromHere);
  await page.request.post('/api/v1/session', { ...fromHere, data: { as: 'demo', role: 'coordinator' } });
  const list = await (await page.request.get('/api/v1/preparations')).json();
  const { id } = list.found.find(({ title }) => title.startsWith('Acid, base'));
  const issued = await page.request.post('/api/v1/classes', {
    ...fromHere,
    data: { name: 'Separation', preparationId: id, benches: [{ name: 'Ruff', members: [] }] },
  });
  const { joinCode, benches } = await issued.json();
  const [{ name: bench, pin }] = benches;
  await page.request.delete('/api/v1/session', fromHere);
  await page.request.post('/api/v1/session', { ...fromHere, data: { as: 'group', joinCode, bench, pin } });
  await page.goto('/bench');
  await page.getByRole('navigation', { name: 'Steps' }).getByRole('button').nth(4).click();
  const open = page.locator('.checks button:enabled');
  for (let left = await open.count(); left > 0; left -= 1) await open.first().click();
  await page.getByLabel(/^Reading, /).fill('30.0');
  await page.getByLabel(/^Reading, /).press('Enter');
  await page.getByRole('button', { name: 'No more hiss', exact: true }).click();
  await page.waitForTimeout(800);
});
await picture('preparations', { role: /^Coordinator/ }, (page) =>
  page.getByText('7 preparations, the last used first').waitFor(),
);
await picture('handout', { role: /^Coordinator/ }, async (page) => {
  await page.goto('/preparations/handout');
  await page.getByLabel('Text of the handout').fill(readFileSync('tests/handouts/acetanilide-imperative.txt', 'utf8'));
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('button', { name: 'Make the preparation' }).waitFor();
});
await picture('procedure', { role: /^Coordinator/ }, async (page) => {
  await plan(page);
  await page.getByRole('link', { name: 'Procedure', exact: true }).click();
  await page
    .getByRole('listitem')
    .filter({ hasText: /pour the mixture into 40.0\sg ice-water/ })
    .last()
    .click();
  await page.waitForTimeout(400);
});
await picture('roster', { role: /^Coordinator/, height: 900 }, async (page) => {
  await page.goto('/classes');
  await page
    .getByRole('link', { name: /Separation/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Roster and PINs' }).click();
  await page.getByLabel('Section').fill('B2');
  await page.getByLabel(/Benches and members/).fill('Ruff: A. Reed, B. Sedge\nWhimbrel: C. Rush');
  await page.getByRole('button', { name: 'Store the roster' }).click();
  await page
    .getByRole('img', { name: /Code that opens/ })
    .locator('svg')
    .waitFor();
});
await picture('reference', { role: /^Coordinator/, height: 1000 }, async (page) => {
  await page.goto('/reference/toluene');
  await page.getByRole('img', { name: 'Structure of Toluene' }).waitFor();
});
const hazards = async (page) => {
  await plan(page);
  await page.getByRole('link', { name: 'Hazards & waste' }).click();
};
await picture('hazards', { role: /^Coordinator/ }, async (page) => {
  await hazards(page);
  await page.getByRole('button', { name: 'By step' }).click();
});
await picture('course', { role: /^Coordinator/, height: 1120 }, async (page) => {
  await page.goto('/courses');
  await page.getByRole('link', { name: /Spring module/ }).click();
  await page.getByRole('button', { name: /Melting apparatus/ }).click();
});
await browser.close();
