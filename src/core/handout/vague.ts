import type { ToConfirm } from './handout';

const vague: readonly (readonly [RegExp, string])[] = [
  [
    /\ba few (?:more )?(?:drops?|ml|cm3|crystals?|millilitres|milliliters|boiling \w+|anti-?bumping \w+|pieces|granules|chips|minutes)\b/gi,
    'How much is “a few”?',
  ],
  [/\b(?:an )?equal volume\b/gi, 'How much is an equal volume?'],
  [/\bhalf (?:of )?(?:its|the) (?:original )?volume\b/gi, 'Half of how much?'],
  [
    /\b(?:a )?(?:spatula|spatula-?tip|spatulaful|pinch|small amount|little|minimum(?: amount)?|small quantity)\b(?: of)?/gi,
    'How much is meant?',
  ],
  [/\b(?:overnight|several (?:hours|days|minutes)|a few (?:hours|days))\b/gi, 'How long is meant?'],
];

/** Quantities that are said in words without a number: a person has to say how much. */
export const vagueIn = (text: string, offset: number): readonly ToConfirm[] =>
  vague.flatMap(([pattern, why]) =>
    [...text.matchAll(pattern)].map(({ index, 0: words }) => ({
      start: offset + index,
      end: offset + index + words.length,
      why,
    })),
  );
