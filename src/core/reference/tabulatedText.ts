import type { TabulatedValue } from './substance';

const sign = (digits: string) => digits.replace('-', '−');

/**
 * A tabulated value for reading: true minus sign, en dash in a range, a thin space before °C, the temperature it belongs to.
 *
 * @param unit of the property; '' for a bare number
 * @example tabulatedText({ digits: '113', high: '115' }, '°C') // → '113–115 °C'
 */
export function tabulatedText(
  { digits, high, at_C, u }: Pick<TabulatedValue, 'digits' | 'high' | 'at_C' | 'u'>,
  unit: string,
): string {
  const at = at_C === undefined ? '' : ` at ${sign(String(at_C))}\u202f°C`;
  if (digits === 'miscible') return `miscible${at}`;
  const space = unit === '°C' ? '\u202f' : '\u00a0';
  const number = high === undefined ? sign(digits) : `${sign(digits)}–${sign(high)}`;
  const sure = u === undefined ? '' : `\u00a0±\u00a0${u}`;
  return `${number}${sure}${unit === '' ? '' : `${space}${unit}`}${at}`;
}
