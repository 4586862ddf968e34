/** A piece of a formula for printing: plain, lowered or raised. */
export interface FormulaPart {
  readonly text: string;
  readonly place: 'on' | 'sub' | 'sup';
}

/**
 * Splits a formula into plain text, subscripts and superscripts, so that screens can set real ones.
 *
 * @example formulaParts('SO4^2-') // → [{ text: 'SO', place: 'on' }, { text: '4', place: 'sub' }, { text: '2−', place: 'sup' }]
 */
export function formulaParts(formula: string): readonly FormulaPart[] {
  const parts: FormulaPart[] = [];
  const [, body = formula, charge = ''] = /^(.*?)(\^\d*[+-])?$/.exec(formula) ?? [];
  for (const segment of body.split(/([·*])/)) {
    const [, lead = '', rest = segment] = /^(\d+(?:\.\d+)?)?(.*)$/.exec(segment) ?? [];
    if (lead) parts.push({ text: lead, place: 'on' });
    for (const piece of rest.split(/(\d+)/).filter(Boolean)) {
      parts.push({ text: piece === '*' ? '·' : piece, place: /^\d/.test(piece) ? 'sub' : 'on' });
    }
  }
  if (charge) parts.push({ text: charge.slice(1).replace('-', '−'), place: 'sup' });
  return parts;
}
