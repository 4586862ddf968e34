import { finding } from '../../finding/finding';
import { linesOf, named } from './subject';
import type { Finding } from '../../finding/finding';
import type { Subject } from './subject';

/** The charge table against the steps: nothing unused, nothing taken twice, every amount and strength told. */
export function lineProofs(subject: Subject): readonly Finding[] {
  const { doc, lines } = subject.plan;
  return lines.flatMap(({ facts: { line, name, substance }, total }) => {
    const about = { line: line.id };
    const users = doc.steps.filter((step) => linesOf(step).includes(line.id));
    // A step may name a line that another one brings, such as the liquid to be collected: the first vessel decides.
    const [first, second] = users.filter(({ optional, id }) => !optional && brings(subject, id, line.id));
    const byEye = line.entered.by === 'words' && (line.role === 'aid' || line.role === 'drying agent');
    const known = byEye || total.mass !== undefined || total.volume !== undefined;
    const solution =
      (substance.substance.groups?.water ?? 0) > 0 && Object.keys(substance.substance.groups ?? {}).length > 1;
    const diluted = solution && substance.substance.formula !== undefined && line.strength === undefined;
    return [
      ...(users.length === 0 ? [finding('proof.unused', 'caution', about, { name })] : []),
      ...(first && second
        ? [
            finding('proof.twice', 'caution', about, {
              name,
              first: named(subject, first),
              second: named(subject, second),
            }),
          ]
        : []),
      ...(!known && users[0]
        ? [finding('proof.noAmount', 'caution', about, { name, step: named(subject, users[0]) })]
        : []),
      ...(diluted ? [finding('proof.noGrade', 'caution', about, { name })] : []),
    ];
  });
}

/** Whether a step brings a line onto the bench, as the prediction found. */
function brings({ prediction }: Subject, step: string, line: string): boolean {
  return prediction.steps.find((one) => one.step.id === step)?.lines.includes(line) ?? false;
}

/** One name is one salt or hydrate. */
export function nameProofs({ plan: { doc } }: Subject): readonly Finding[] {
  const seen = new Map<string, string>();
  return doc.substances.flatMap(({ id, name, formula }) => {
    const key = name.toLowerCase();
    const earlier = seen.get(key);
    if (formula !== undefined) seen.set(key, earlier ?? formula);
    return earlier !== undefined && formula !== undefined && earlier !== formula
      ? [finding('proof.oneName', 'caution', { substance: id }, { name, a: earlier, b: formula })]
      : [];
  });
}
