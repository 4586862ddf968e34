import type { SectionKind } from './handout';

const headings: readonly (readonly [SectionKind, RegExp])[] = [
  ['equipment', /^(apparatus|equipment|glassware)\b/],
  [
    'materials',
    /^(chemicals|materials|reagents|substances|starting materials|requirements|you (will )?need|quantities|table of (reagents|chemicals|amounts)|reagent table)\b/,
  ],
  ['safety', /^(safety|hazards?|cautions?|warnings?|risks?|precautions|health and safety|protection)\b/],
  [
    'expected',
    /^(results?|expected|observations?|yields?|questions?|report|calculations?|data|literature( values| data)?|properties|physical (constants|data)|what you should see|you should (see|get))\b/,
  ],
  ['waste', /^(waste|disposal|clean(ing)?[- ]?up)\b/],
  ['background', /^(introduction|aims?|background|theory|objectives?|purpose|about|principle|discussion|notes?)\b/],
  [
    'procedure',
    /^(procedure|methods?|experimental|what to do|directions|instructions|preparation|synthesis|part|step|work[- ]?up|isolation|purification|recrystalli[sz]ation|crystalli[sz]ation|reaction|distillation|extraction|drying|characteri[sz]ation|day|period|session|week|protocol|practical|running the reaction|setting up)\b/,
  ],
];

/** What a line announces: the kind of what follows, when the line is a heading. */
export function headingOf(line: string): SectionKind | undefined {
  const text = line
    .trim()
    .replace(/^#+\s*/, '')
    .replace(/^(?:[\dIVX]+|[A-Z])[.)]\s+/, '')
    .replace(/^\*+|\*+$/g, '')
    .trim();
  if (text.length > 60 || /[.!?,;]$/.test(text)) return undefined;
  const bare = text.replace(/:$/, '').toLowerCase();
  const words = bare.split(/\s+/).length;
  const found = headings.find(([, pattern]) => pattern.test(bare))?.[0];
  const colon = text.endsWith(':');
  if (!found) return undefined;
  return colon || words <= 4 ? found : undefined;
}

/** A section that begins inside a line: "Safety: wear gloves." */
export function leadOf(sentence: string): SectionKind | undefined {
  const lead = /^([A-Za-z][A-Za-z ]{2,28}):\s/.exec(sentence)?.[1];
  const kind = lead === undefined ? undefined : headingOf(`${lead}:`);
  return kind === 'procedure' ? undefined : kind;
}

const warns =
  /^(caution|warning|danger|care|hazard|safety|risk)\b|\b(wear|gloves|goggles|toxic|corrosive|harmful|irritant|irritating|lachrymat\w+|carcinogen\w*|flammable|poisonous|burns)\b/i;
const tells =
  /^(the )?(expected |typical |theoretical |crude |overall |percentage |literature )?(yields?|m\.?p|b\.?p|melting (point|range)|boiling (point|range)|lit\w*|recovery)\b\.?\s*[:=(]?|\b(should (be|melt|weigh|boil|have|appear)|is expected|lit\.)|^(you should (get|obtain|see)|a typical yield)/i;

/** What a sentence that has nothing to do in it is for. */
export function kindOfStatement(sentence: string): SectionKind | undefined {
  if (/\b(dispose|disposal|discard\w* (in|into)|waste (bottle|container|jar|beaker)|as \w+ waste)\b/i.test(sentence))
    return 'waste';
  if (warns.test(sentence)) return 'safety';
  return tells.test(sentence) ? 'expected' : undefined;
}
