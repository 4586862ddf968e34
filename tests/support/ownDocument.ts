import { documentOf } from './preparations';
import groupsByStructure from './ownGroups.json';
import type { Preparation, LineRole, Substance } from '@/core/document/document';

/** A caution by its rule (without "hazard."), at a step. */
export type Mark = readonly [step: string, ...rules: readonly string[]];

export interface Own {
  /** id: name, formula, structure, hazard statements, then flash and boiling point where the author knew them. */
  readonly subs: Readonly<
    Record<
      string,
      readonly [name: string, formula: string, smiles: string, statements: string, flash?: string, boiling?: string]
    >
  >;
  /** Coefficients are one; "a + b = p + w". */
  readonly equation?: string;
  /** id: substance, role, amount ("5.0 g", "10 mL 2 M", "some"), vessel. */
  readonly lines: Readonly<
    Record<string, readonly [substance: string, role: LineRole, amount: string, vessel?: string]>
  >;
  /** id, operation, parameters, vessels. */
  readonly steps: readonly (readonly [
    id: string,
    op: string,
    params?: Readonly<Record<string, unknown>>,
    uses?: Readonly<Record<string, string>>,
    text?: string,
  ])[];
  /** Cautions and stops that must stand, marked by hand. */
  readonly marks: readonly Mark[];
}

const groups = groupsByStructure as Readonly<Record<string, Substance['groups']>>;
const datum = (digits: string) => ({ digits, source: 'own', check: 'from memory' as const });

/** Builds the document that an author with nothing but formulas, structures, statements and steps would write. */
export function ownDocument(title: string, { subs, equation = '', lines, steps }: Own): Preparation {
  const [left = '', right = ''] = equation.split('=');
  const side = (text: string, which: 'left' | 'right') =>
    text
      .split('+')
      .map((one) => one.trim())
      .filter((one) => one !== '')
      .map((one) => {
        const [, count = '1', id = one] = /^(\d+) (.*)$/.exec(one) ?? [];
        return { substance: id, side: which, coefficient: Number(count) };
      });
  const terms = [...side(left, 'left'), ...side(right, 'right')];
  const product = terms.find((one) => one.side === 'right')?.substance ?? Object.keys(subs)[0] ?? '';
  const vessels = [
    ...new Set([
      ...Object.values(lines).flatMap(([, , , vessel]) => vessel ?? []),
      ...steps.flatMap(([, , , uses = {}]) => Object.values(uses)),
    ]),
  ];
  const kinds: Readonly<Record<string, string>> = {
    funnel: 'separatory funnel',
    still: 'distillation flask',
    beaker: 'beaker',
    conical: 'conical flask',
  };
  const first = Object.keys(lines)[0] ?? '';
  const made = terms.length > 0;
  return documentOf(
    JSON.stringify({
      format: 'mozle-preparation',
      formatVersion: 2,
      title,
      summary: '',
      protection: 'Goggles, coat, gloves.',
      substances: Object.entries(subs).map(([id, [name, formula, smiles, statements, flash, boiling]]) => ({
        id,
        name,
        ...(formula ? { formula } : {}),
        ...(smiles ? { smiles, ...(groups[smiles] ? { groups: groups[smiles] } : {}) } : {}),
        ...(statements === '?'
          ? {}
          : {
              hazards: {
                signal: 'none',
                pictograms: [],
                statements: statements.split(' ').filter((one) => one !== ''),
                source: 'own',
                check: 'from memory',
              },
            }),
        ...(flash ? { flash: datum(flash) } : {}),
        ...(boiling ? { boiling: datum(boiling), form: 'liquid', density: datum('0.9') } : {}),
      })),
      equation: { terms, product },
      reference: first,
      lines: Object.entries(lines).map(([id, [substance, role, amount, vessel]]) => {
        const [, digits = '', unit = '', strength] = /^([\d.]+) (g|mL)(?: ([\d.]+) M)?$/.exec(amount) ?? [];
        return {
          id,
          substance,
          role,
          entered: digits ? { by: unit === 'g' ? 'mass' : 'volume', digits, unit } : { by: 'words', text: amount },
          ...(strength ? { strength: { by: 'molarity', digits: strength }, density: datum('1.05') } : {}),
          ...(vessel ? { vessel } : {}),
        };
      }),
      vessels: vessels.map((id) => ({ id, name: id, kind: kinds[id] ?? 'reaction flask', capacity_mL: 250 })),
      devices: [],
      stages: [
        {
          id: 'crude',
          name: 'Product',
          substance: product,
          from: 'charge',
          ...(made ? {} : { basis: { line: first } }),
        },
      ],
      steps: steps.map(([id, op, params = {}, uses, text]) => ({
        id,
        op,
        opVersion: 1,
        params,
        ...(uses ? { uses } : {}),
        ...(text ? { text } : {}),
        time: { typical_min: 10, attended: true },
      })),
      pin: { at: 'factor', digits: '1' },
      benches: 8,
      spare_percent: 10,
    }),
  );
}
