import type { NamedSubstance } from './handout';
import type { Token } from './tokens';

// Words that no name of a substance goes over.
const bounds = new Set(
  (
    'a an the and or in into to with from for at over under on onto by through is are was were be been as until till while then which that this these those it its ' +
    'of per each using via after before when if so than but not add added place placed put dissolve dissolved weigh weighed measure measured wash washed extract extracted ' +
    'treat treated mix mixed charge charged combine combined dilute diluted heat heated cool cooled stir stirred pour poured transfer transferred containing contains ' +
    'out up off down about approximately ca circa around approx more further another additional some sufficient enough ' +
    'dropwise slowly carefully portionwise together first followed next finally again twice once both all small large remaining rinse rinsed use used take taken suspend suspended ' +
    'recrystallise recrystallize recrystallised recrystallized followed during between within without against upon'
  ).split(' '),
);
const qualities = new Set(
  'titrated sample cold ice icy hot warm boiling chilled dry pure crude fresh freshly distilled redistilled powdered finely ground crushed solid liquid anhydrous portion portions solution your weighed recrystallised recrystallized commercial granulated purified neat excess'.split(
    ' ',
  ),
);
// What was made or won stands for itself: which it is, a person has to say.
const anaphora =
  /^(product|crude product|solid|crystals?|residue|oil|mixture|reaction mixture|solvent|acid|base|filtrate|distillate|extracts?|liquid|solution|compound|material|alkene|alcohol|ester|ketone|aldehyde|amine|precipitate|cake|same|it|reagent|catalyst|starting material|substance|ice cold|sample)$/;
const longest = 6;

const named = (tokens: readonly Token[], from: number, to: number): NamedSubstance | undefined => {
  let first = from;
  while (first < to && (qualities.has(tokens[first]?.word ?? '') || tokens[first]?.raw === '-')) first += 1;
  const [a, b] = [tokens[first], tokens[to - 1]];
  if (!a || !b || first >= to) return undefined;
  const words = tokens.slice(first, to);
  if (!words.some(({ kind, word }) => kind === 'word' && word.length > 2)) return undefined;
  const name = words.reduce((text, { raw, tight }, i) => `${text}${i > 0 && !tight ? ' ' : ''}${raw}`, '');
  const loose = anaphora.test(name.toLowerCase());
  return {
    start: a.start,
    end: b.end,
    name,
    confirm: loose ? `“${name}”: what is it?` : `“${name}” is not in the reference.`,
  };
};

/** The words behind an amount that name what it is of. */
export function phraseAfter(tokens: readonly Token[], at: number, of: boolean): NamedSubstance | undefined {
  let to = at;
  let words = 0;
  while (to < tokens.length && words < longest) {
    const token = tokens[to];
    if (!token || isEnd(tokens, to)) break;
    if (token.kind === 'word') words += 1;
    to += 1;
  }
  const phrase = named(tokens, at, to);
  // Without "of" only a word that looks like a compound's is taken.
  return phrase &&
    (of ||
      /(ide|ate|ite|ol|one|ine|ene|ane|yne|al|acid|ester|ether|ium|yl|amide|oil|powder|dust)s?$|\d-/.test(phrase.name))
    ? phrase
    : undefined;
}

/** The words before a bracket or a comma that name a substance. */
export function phraseBefore(tokens: readonly Token[], at: number): NamedSubstance | undefined {
  let from = at;
  let words = 0;
  while (from > 0 && words < longest) {
    const token = tokens[from - 1];
    if (!token || isStart(tokens, from - 1)) break;
    if (token.kind === 'word') words += 1;
    from -= 1;
  }
  return named(tokens, from, at);
}

function isEnd(tokens: readonly Token[], at: number): boolean {
  const token = tokens[at];
  if (!token) return true;
  if (token.kind === 'word') return bounds.has(token.word);
  if (token.kind === 'digits')
    return !(
      tokens[at + 1]?.raw === '-' ||
      tokens[at + 1]?.raw === ',' ||
      (token.tight && tokens[at - 1]?.raw !== '(')
    );
  return !insideName(tokens, at);
}

function isStart(tokens: readonly Token[], at: number): boolean {
  const token = tokens[at];
  if (!token) return true;
  if (token.kind === 'word') return bounds.has(token.word);
  if (token.kind === 'digits') return !(tokens[at + 1]?.tight === true && /^[-,']$/.test(tokens[at + 1]?.raw ?? ''));
  return !insideName(tokens, at);
}

/** A sign that a name can hold: a hyphen, a comma between locants, a bracket without a space. */
const insideName = (tokens: readonly Token[], at: number) => {
  const [token, after] = [tokens[at], tokens[at + 1]];
  if (token?.raw === '-') return true;
  return (
    /^[,'()[\]]$/.test(token?.raw ?? '') &&
    after?.tight === true &&
    // A bracket behind a blank begins an amount, not a part of the name.
    token?.tight === true &&
    after.kind !== 'sign' &&
    /\w/.test(after.raw) &&
    (token?.raw !== ',' || after.kind === 'digits' || after.raw.length === 1)
  );
};
