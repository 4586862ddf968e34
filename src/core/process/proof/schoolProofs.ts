import { agentOf } from './workUpProofs';
import { finding } from '../../finding/finding';
import { hasGroup } from '../../reference/groups';
import { inSentence } from '../../document/inSentence';
import { linesOf } from './subject';
import { conventionOf, schoolOf } from '../../conventions/catalogue';
import type { Finding } from '../../finding/finding';
import type { GroupCounts } from '../../reference/groups';
import type { Subject } from './subject';

/** Where a sheet does it otherwise than the course: the drying agent, and the order of acid and base among the washes. */
export const schoolProofs = (subject: Subject): readonly Finding[] => [...agents(subject), ...order(subject)];

function agents({ plan: { doc, lines } }: Subject): readonly Finding[] {
  const school = schoolOf(doc.conventions, 'dryingAgent');
  if (school === 'compatible') return [];
  return lines.flatMap(({ facts: { line, substance, name } }): readonly Finding[] => {
    const agent = agentOf(substance.substance.formula);
    if (line.role !== 'drying agent' || agent === undefined || agent === school) return [];
    const usual = conventionOf('dryingAgent').schools[school]?.label ?? school;
    return [finding('proof.schoolAgent', 'note', { line: line.id }, { agent: name, school: usual })];
  });
}

const base = ['carbonate', 'bicarbonate', 'hydroxide', 'ammonia'] as const;
const acid = ['mineralAcid', 'carboxylicAcid'] as const;
const side = (groups: GroupCounts): 'base' | 'acid' | undefined =>
  hasGroup(groups, ...base) ? 'base' : hasGroup(groups, ...acid) ? 'acid' : undefined;

/** The first wash of each kind, in the order of the steps. */
function order({ plan: { doc }, kind }: Subject): readonly Finding[] {
  const school = schoolOf(doc.conventions, 'washOrder');
  if (school === 'impurity') return [];
  const first = school === 'baseThenAcid' ? 'base' : 'acid';
  const washes = doc.steps
    .filter(({ optional }) => !optional)
    .flatMap(linesOf)
    .flatMap((id) => doc.lines.find((line) => line.id === id && line.role === 'wash') ?? []);
  const found = washes.map((line) => ({ line, is: side(kind(line.substance).groups) }));
  const [from, to] = [found.findIndex(({ is }) => is === first), found.findIndex(({ is }) => is && is !== first)];
  const early = found[to];
  if (from < 0 || !early || to > from) return [];
  const says = first === 'base' ? 'base then acid' : 'acid then base';
  return [
    finding(
      'proof.schoolOrder',
      'note',
      { line: early.line.id },
      { wash: inSentence(kind(early.line.substance).name), school: says },
    ),
  ];
}
