import type { Token } from './tokens';

/** What a unit measures. */
export type UnitOf = 'mass' | 'volume' | 'amount' | 'equivalents' | 'drops' | 'time' | 'temperature' | 'other';

/** A unit at a place in the tokens. */
export interface ReadUnit {
  readonly of: UnitOf;
  /** As Mozle writes it. */
  readonly unit: string;
  /** Minutes, for a time. */
  readonly minutes?: number;
  readonly next: number;
}

type KnownUnit = Omit<ReadUnit, 'next'>;
const mass = (unit: string): KnownUnit => ({ of: 'mass', unit });
const volume = (unit: string): KnownUnit => ({ of: 'volume', unit });
const amount = (unit: string): KnownUnit => ({ of: 'amount', unit });
const time = (unit: string, minutes: number): KnownUnit => ({ of: 'time', unit, minutes });
const other = (unit: string): KnownUnit => ({ of: 'other', unit });

const all = (known: KnownUnit, names: string): readonly (readonly [string, KnownUnit])[] =>
  names.split(' ').map((name) => [name, known] as const);

const known = new Map<string, KnownUnit>([
  ...all(mass('g'), 'g gm gms gram grams gramme grammes'),
  ...all(mass('mg'), 'mg milligram milligrams milligrammes'),
  ...all(mass('kg'), 'kg kilogram kilograms'),
  ...all(volume('mL'), 'ml mls cm3 cc ccm millilitre millilitres milliliter milliliters'),
  ...all(volume('L'), 'l dm3 litre litres liter liters'),
  ...all(volume('µL'), 'µl ul microlitre microlitres microliter microliters'),
  ...all(amount('mol'), 'mol mole moles'),
  ...all(amount('mmol'), 'mmol mmole mmoles millimole millimoles mmols'),
  ...all({ of: 'equivalents', unit: 'equiv' }, 'equiv equivs eq eqs equivalent equivalents'),
  ...all({ of: 'drops', unit: 'drops' }, 'drop drops'),
  ...all(time('s', 1 / 60), 's sec secs second seconds'),
  ...all(time('min', 1), 'min mins minute minutes'),
  ...all(time('h', 60), 'h hr hrs hour hours'),
  ...all(time('days', 1440), 'day days d'),
  ...all(time('weeks', 10080), 'week weeks'),
  ...all(other('vol'), 'vol vols volume volumes'),
  ...all(other('mm'), 'mm'),
  ...all(other('cm'), 'cm'),
  ...all(other('torr'), 'torr mmhg'),
  ...all(other('mbar'), 'mbar hpa'),
  ...all(other('kPa'), 'kpa'),
  ...all(other('bar'), 'bar atm'),
  ...all(other('rpm'), 'rpm'),
]);

/** The unit that stands at a token, a hyphen before it passed over (“a 25-mL portion”). */
export function unitAt(tokens: readonly Token[], at: number): ReadUnit | undefined {
  const hyphen = tokens[at]?.raw === '-' && tokens[at]?.tight && tokens[at + 1]?.tight ? 1 : 0;
  const i = at + hyphen;
  const token = tokens[i];
  if (!token) return undefined;
  const degree = degreeAt(tokens, i);
  if (degree !== undefined) return { of: 'temperature', unit: degree.unit, next: degree.next };
  if (token.kind !== 'word') return token.raw === '%' ? percentAt(tokens, i) : undefined;
  if (token.raw === 'M' || token.raw === 'N') return { of: 'other', unit: token.raw, next: i + 1 };
  const found = known.get(token.word);
  if (!found) return undefined;
  return compound(tokens, i, found) ?? { ...found, next: pastPoint(tokens, i + 1) };
}

/** "mol %", "mol/L", "mol dm-3", "mL per g", "mm Hg". */
function compound(tokens: readonly Token[], i: number, found: KnownUnit): ReadUnit | undefined {
  const [a, b, c] = [tokens[i + 1], tokens[i + 2], tokens[i + 3]];
  if (found.unit === 'mol' && a?.raw === '%') return { of: 'equivalents', unit: 'mol %', next: i + 2 };
  if (found.unit === 'mol' && a?.raw === '/' && /^(l|dm3)$/.test(b?.word ?? ''))
    return { of: 'other', unit: 'M', next: i + 3 };
  if (found.unit === 'mol' && /^(dm|l)$/.test(a?.word ?? '') && b?.raw === '-')
    return { of: 'other', unit: 'M', next: i + (c?.kind === 'digits' ? 4 : 3) };
  if (found.unit === 'mm' && a?.word === 'hg') return { of: 'other', unit: 'torr', next: i + 2 };
  const per = a?.word === 'per' || a?.raw === '/' ? 1 : 0;
  if (found.of === 'volume' && per > 0) {
    const below = b && known.get(b.word);
    if (below?.of === 'mass') return { of: 'other', unit: `${found.unit}/${below.unit}`, next: i + 3 };
  }
  // "one drop falls every 2 seconds"
  if (found.of === 'drops') {
    const at = [i + 1, i + 2, i + 3].find((one) => /^(per|a|every|each|\/)$/.test(tokens[one]?.word ?? ''));
    const number = at !== undefined && tokens[at + 1]?.kind === 'digits' ? 1 : 0;
    const range = number && tokens[(at ?? 0) + 2]?.raw === '-' ? 2 : 0;
    const last = (at ?? 0) + 1 + number + range;
    if (at !== undefined && known.get(tokens[last]?.word ?? '')?.of === 'time')
      return { of: 'other', unit: 'drops/s', next: last + 1 };
  }
  const each = a?.word === 'a' || a?.word === 'per' || a?.word === 'every' || a?.raw === '/';
  if (found.of !== 'time' && each && known.get(b?.word ?? '')?.of === 'time')
    return { of: 'other', unit: `${found.unit}/${known.get(b?.word ?? '')?.unit ?? 's'}`, next: i + 3 };
  return undefined;
}

function percentAt(tokens: readonly Token[], i: number): ReadUnit {
  const open = tokens[i + 1]?.raw === '(' ? 1 : 0;
  const [a, slash, b] = [tokens[i + 1 + open], tokens[i + 2 + open], tokens[i + 3 + open]];
  const said = a && b && slash?.raw === '/' && /^[wmv]$/.test(a.word) && /^[wmv]$/.test(b.word);
  return said
    ? { of: 'other', unit: `% ${a.word.replace('m', 'w')}/${b.word.replace('m', 'w')}`, next: i + 4 + 2 * open }
    : { of: 'other', unit: '%', next: i + 1 };
}

function degreeAt(tokens: readonly Token[], i: number): { readonly unit: string; readonly next: number } | undefined {
  const token = tokens[i];
  const after = tokens[i + 1];
  if (token?.raw === '°') {
    if (after?.raw === 'F') return { unit: '°F', next: i + 2 };
    return { unit: '°C', next: after?.raw === 'C' || after?.raw === 'c' ? i + 2 : i + 1 };
  }
  if (token?.word === 'degrees' || token?.word === 'deg') {
    const scale = /^(c|celsius|centigrade)$/.test(after?.word ?? '');
    return { unit: after?.raw === 'F' ? '°F' : '°C', next: scale || after?.raw === 'F' ? i + 2 : i + 1 };
  }
  return token?.raw === 'C' ? { unit: '°C', next: i + 1 } : undefined;
}

// "2 min. later", "0.5 eq. of": the point of an abbreviation, when the sentence goes on in small letters or a bracket closes.
function pastPoint(tokens: readonly Token[], i: number): number {
  const [point, after] = [tokens[i], tokens[i + 1]];
  return point?.raw === '.' && point.tight && after && /^[a-z,;)]/.test(after.raw) ? i + 1 : i;
}
