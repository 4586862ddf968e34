import { carbonDioxide } from './gas';
import { fact, finding } from '../finding/finding';
import { hasGroup } from '../reference/groups';
import { kinds } from './materials';
import { meet, reactionVessel } from './context';
import { meetings } from './meetings';
import type { Finding } from '../finding/finding';
import type { HazardContext } from './context';
import type { Material } from './materials';

const names = (all: readonly Material[]) => [...new Set(all.map(({ name }) => name))].join('; ');
const counted = ({ substance: { formula, groups }, amount }: Material) => ({ formula, groups, amount });

/** What happens when materials of the plan come together, each at the first step that brings the later one. */
export function meetingFindings(context: HazardContext): readonly Finding[] {
  const reaction = reactionVessel(context);
  return [
    ...meetings.flatMap(({ a, b, rule }) =>
      context.materials
        .filter(({ substance }) => kinds[a](substance))
        .flatMap((one) => {
          const others = context.materials.filter(
            (other) =>
              kinds[b](other.substance) && other.substance.id !== one.substance.id && meet(one, other, reaction),
          );
          if (others.length === 0) return [];
          const step = context.stepOf(one.line.facts.line.id);
          const about = { line: one.line.facts.line.id, ...(step ? { step } : {}) };
          const args = { a: one.name, b: names(others) };
          if (rule !== 'hazard.carbonDioxide') return [finding(rule, 'caution', about, args)];
          const gas = carbonDioxide(counted(one), others.map(counted));
          return gas
            ? [finding('hazard.carbonDioxide', 'caution', about, { ...args, gas: fact(gas.q, gas.unit, 2) })]
            : [finding('hazard.carbonDioxideUnknown', 'caution', about, args)];
        }),
    ),
    ...haloform(context, reaction),
  ];
}

/** Acetone (or another ketone), chloroform and base: three that must not come together. */
function haloform({ materials }: HazardContext, reaction: string | undefined): readonly Finding[] {
  const chloroform = materials.find(({ substance }) => hasGroup(substance.groups, 'chloroform'));
  const ketone = materials.find(({ substance }) => hasGroup(substance.groups, 'ketone'));
  const base = materials.find(({ substance }) => kinds.hydroxide(substance));
  if (!chloroform || !ketone || !base || !meet(chloroform, base, reaction)) return [];
  return [
    finding(
      'hazard.haloform',
      'caution',
      { line: chloroform.line.facts.line.id },
      { a: chloroform.name, b: ketone.name, c: base.name },
    ),
  ];
}
