const minute = { seconds: 60, one: 'min', many: 'min' } as const;
const units = [
  { seconds: 604_800, one: 'week', many: 'weeks' },
  { seconds: 86_400, one: 'day', many: 'days' },
  { seconds: 3600, one: 'h', many: 'h' },
  minute,
] as const;

/**
 * A span of time in the two largest units that it fills, rounded to the smaller: minutes to weeks.
 *
 * @param seconds ≥ 0; what is no time is a dash
 * @example spanWords(5400) // → '1 h 30 min'
 * @example spanWords(86_400 * 9) // → '1 week 2 days'
 */
export function spanWords(seconds: number): string {
  if (!Number.isFinite(seconds) || seconds < 0) return '–';
  const found = units.findIndex((unit) => seconds >= unit.seconds);
  const first = found === -1 ? units.length - 1 : found;
  const small = units[first + 1];
  const finest = (small ?? minute).seconds;
  const whole = Math.round(seconds / finest) * finest;
  // Rounding may fill the next larger unit.
  const larger = units[first - 1];
  if (larger && whole >= larger.seconds) return spanWords(whole);
  const large = units[first] ?? minute;
  const count = Math.floor(whole / large.seconds);
  const rest = small ? (whole - count * large.seconds) / small.seconds : 0;
  return [said(count, large), ...(small && rest > 0 ? [said(rest, small)] : [])].join(' ');
}

const said = (count: number, { one, many }: (typeof units)[number]) => `${count}\u00a0${count === 1 ? one : many}`;
