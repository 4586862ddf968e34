import { dryingAgents } from '../../reference/dryingAgents';
import { fact, finding } from '../../finding/finding';
import { gramsOf } from '../../worktop/matter/matter';
import { millilitres } from '../../worktop/volumes';
import { phaseOf } from '../../worktop/matter/shelf';
import { inSentence } from '../../document/inSentence';
import { linesOf } from './subject';
import type { DryingAgentId } from '../../reference/dryingAgents';
import type { Finding } from '../../finding/finding';
import type { Kind } from '../../worktop/kinds';
import type { Subject } from './subject';

/** What a solution brings that falls out with something else: the cation or the anion of a slightly soluble salt. */
const pairs: readonly { readonly a: RegExp; readonly b: RegExp; readonly solid: string }[] = [
  { a: /Ca|Ba|Mg|Sr/, b: /CO3/, solid: 'a carbonate' },
  { a: /Ca|Ba|Sr/, b: /SO[34]/, solid: 'a sulfate' },
  { a: /Ag/, b: /Cl|Br|I/, solid: 'a silver halide' },
  { a: /Mg|Fe|Cu|Al/, b: /OH/, solid: 'a hydroxide' },
];

const meets = (one: string, other: string) =>
  pairs.find(({ a, b }) => (a.test(one) && b.test(other)) || (a.test(other) && b.test(one)))?.solid;

/** Washes that follow each other in one vessel with no water between, and fall out together. */
export function washProofs({ plan: { doc, lines }, kind }: Subject): readonly Finding[] {
  const last = new Map<string, { readonly line: string; readonly kind: Kind }>();
  return doc.steps.flatMap((step): readonly Finding[] => {
    const place = step.uses?.['in'];
    if (place === undefined || step.optional) return [];
    return linesOf(step).flatMap((id): readonly Finding[] => {
      const line = lines.find(({ facts }) => facts.line.id === id)?.facts.line;
      if (!line || !(line.role === 'wash' || line.role === 'extractant')) return [];
      const now = kind(line.substance);
      if (now.groups.water === undefined) return [];
      const before = last.get(place);
      last.set(place, { line: id, kind: now });
      const solid = before && meets(before.kind.substance?.formula ?? '', now.substance?.formula ?? '');
      return before && solid !== undefined
        ? [
            finding(
              'proof.precipitate',
              'caution',
              { line: id },
              { a: before.kind.name, b: inSentence(now.name), solid },
            ),
          ]
        : [];
    });
  });
}

/** Drying agents against what the stage will weigh. */
export function agentProofs({ plan: { doc, lines }, prediction, kind }: Subject): readonly Finding[] {
  return prediction.steps.flatMap(({ step, stage }) =>
    linesOf(step).flatMap((id): readonly Finding[] => {
      const facts = lines.find(({ facts: one }) => one.line.id === id)?.facts;
      if (facts?.line.role !== 'drying agent' || !stage) return [];
      const product = kind(stage.substance);
      const agent = agentOf(facts.substance.substance.formula);
      return [
        ...(agent !== undefined && product.substance?.notDriedWith?.includes(agent)
          ? [finding('proof.agent', 'caution', { line: id }, { agent: facts.name, product: inSentence(product.name) })]
          : []),
        ...wetProofs({ plan: { doc, lines }, prediction, kind }, step.id, { agent, name: facts.name }),
      ];
    }),
  );
}

// More than drops: it is separated off, not dosed away.
const layer_mL = 1.5;

/** Two layers on a drying agent, and one of small capacity on what was never dried before. */
function wetProofs(
  { plan: { doc }, prediction, kind }: Subject,
  id: string,
  { agent, name }: { readonly agent: DryingAgentId | undefined; readonly name: string },
): readonly Finding[] {
  const at = prediction.steps.findIndex(({ step }) => step.id === id);
  const [now, before] = [prediction.steps[at], prediction.steps[at - 1]];
  const place = now?.step.uses?.['in'] ?? before?.product;
  const content = place === undefined ? undefined : before?.shelf[place];
  if (!now || !content) return [];
  const water = millilitres(kind, phaseOf(content, 'liquid'));
  const two = gramsOf(phaseOf(content, 'organic')) > 0.5 && water > layer_mL;
  const dried = doc.steps
    .slice(0, doc.steps.indexOf(now.step))
    .some((step) => linesOf(step).some((line) => doc.lines.find((one) => one.id === line)?.role === 'drying agent'));
  const about = { step: id };
  return [
    ...(two
      ? [finding('proof.twoLayers', 'caution', about, { name, volume: fact({ dim: 'volume', value: water }, 'mL', 2) })]
      : []),
    ...(agent === 'CaSO4' && !dried ? [finding('proof.preDry', 'caution', about, { name })] : []),
  ];
}

/** The agent of a formula, whatever water it holds. */
export function agentOf(formula: string | undefined): DryingAgentId | undefined {
  const bare = formula?.split('·')[0];
  const found = Object.entries(dryingAgents).find(([, { formula: one }]) => one.split('·')[0] === bare);
  return found?.[0] as DryingAgentId | undefined;
}
