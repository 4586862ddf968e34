// Every package of the lock: a licence that lets us ship it, an engine that fits Node 20, no registry address.
import { readFileSync } from 'node:fs';
import satisfies from 'spdx-satisfies';
import semver from 'semver';

const allowed = [
  'MIT',
  'ISC',
  'BSD-2-Clause',
  'BSD-3-Clause',
  'Apache-2.0',
  'OFL-1.1',
  '0BSD',
  'CC0-1.0',
  'CC-BY-3.0',
  'CC-BY-4.0',
  'Unlicense',
  'Python-2.0',
  'BlueOak-1.0.0',
  'MIT-0',
  'Zlib',
];
// Used unmodified as separate packages; MPL only in tests. libvips comes with Next's optional image package.
const exceptions = {
  mariadb: 'LGPL-2.1-or-later',
  duck: 'BSD',
  '@axe-core/playwright': 'MPL-2.0',
  'axe-core': 'MPL-2.0',
};
const node = '20.19.0';

const text = readFileSync('package-lock.json', 'utf8');
const problems = [];
if (/"resolved": "https?:/.test(text)) problems.push('the lock names a registry');
for (const [path, { license, engines, version, optional, link }] of Object.entries(JSON.parse(text).packages)) {
  const name = path.split('node_modules/').at(-1);
  if (path === '' || link) continue;
  const fits = () => satisfies(license, allowed);
  const lgplImage = name.startsWith('@img/') && optional;
  if (exceptions[name] !== license && !lgplImage && !(license && tryOr(fits)))
    problems.push(`${name} ${version}: licence ${license ?? 'unknown'}`);
  const range = typeof engines === 'object' ? engines?.node : undefined;
  if (range && !optional && !semver.satisfies(node, range)) problems.push(`${name} ${version}: needs Node ${range}`);
}
if (problems.length > 0) {
  console.error(problems.join('\n'));
  process.exit(1);
}

function tryOr(work) {
  try {
    return work();
  } catch {
    return false;
  }
}
