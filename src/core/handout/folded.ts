const alike: Readonly<Record<string, string>> = {
  '\u00a0': ' ',
  '\u2009': ' ',
  '\u202f': ' ',
  '\u2007': ' ',
  '\u2008': ' ',
  '\u200a': ' ',
  '–': '-',
  '—': '-',
  '‑': '-',
  '‒': '-',
  '−': '-',
  '’': "'",
  '′': "'",
  º: '°',
  '˚': '°',
  '℃': '°',
  μ: 'µ',
  '·': '.',
  '✕': '×',
  '⨯': '×',
  '∗': '*',
  '⁄': '/',
  '％': '%',
  '³': '3',
  '²': '2',
  '¹': '1',
};
const subscripts = '₀₁₂₃₄₅₆₇₈₉';

/** A text in which signs of one meaning are one sign. Every UTF-16 unit keeps its place, so that a span here is a span there. */
export function folded(text: string): string {
  return text.replace(
    /[^\t\n\r -~]/g,
    (one) => alike[one] ?? (subscripts.includes(one) ? String(subscripts.indexOf(one)) : one),
  );
}
