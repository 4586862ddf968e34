import { readSetting } from './ClassSettingsPanel';

test.each([
  ['roomTemperature', '21', { digits: '21', unit: '°C' }],
  ['roomTemperature', '-2 °C', { digits: '-2', unit: '°C' }],
  ['pressure', '753 torr', { digits: '753', unit: 'torr' }],
  ['pressure', '1004', { digits: '1004', unit: 'hPa' }],
  ['meltingCorrection', '−0.8', { digits: '-0.8', unit: 'K' }],
  ['meltingCorrection', '0', { digits: '0', unit: 'K' }],
] as const)('%s “%s” is understood', (name, text, value) => {
  expect(readSetting(name, text)).toEqual({ ok: true, value });
});

test.each([
  ['pressure', '-1', 'negative'],
  ['pressure', '21 °C', 'does not fit'],
  ['meltingCorrection', 'half', 'not a number'],
  ['roomTemperature', '', 'Enter a number'],
] as const)('%s “%s” is refused in words', (name, text, words) => {
  const read = readSetting(name, text);
  expect(!read.ok && read.says).toContain(words);
});
