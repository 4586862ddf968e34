import { enteredText } from '@/core/words/parseEntered';
import { format } from '@/core/quantity/format';
import { Pictogram } from '@/components/Pictogram';
import type { Plan, PlanLine } from '@/core/plan/planTypes';
import type { SheetId } from '@/core/sheet/sheets';
import type { Worked } from '@/core/quantity/worked';

const shown = (one: Worked | undefined) => (one ? format(one.q, one.unit, { figures: one.figures }) : '');

/** The charge table on paper: for a group with a place for what it takes, for the prep room with the class's totals. */
export function SheetCharge({ plan, sheet }: { readonly plan: Plan; readonly sheet: SheetId }) {
  const forStudents = sheet === 'student';
  return (
    <section>
      <h2>Charge</h2>
      <table className="paper-table">
        <thead>
          <tr>
            <th>Substance</th>
            <th>Measure</th>
            <th className="r">Amount</th>
            <th className="r">Equiv.</th>
            {forStudents ? <th>Taken</th> : <th className="r">Class</th>}
            <th>{forStudents ? 'Mind' : 'Device, mind'}</th>
          </tr>
        </thead>
        <tbody>
          {plan.lines.map((line) => (
            <Row key={line.facts.line.id} line={line} plan={plan} forStudents={forStudents} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Row({
  line: { facts, target, total, equivalents, classTotal },
  plan,
  forStudents,
}: {
  readonly line: PlanLine;
  readonly plan: Plan;
  readonly forStudents: boolean;
}) {
  const { line, substance, portions } = facts;
  const { name, hazards } = substance.substance;
  const device = plan.doc.devices.find(({ id }) => id === line.device);
  return (
    <tr>
      <th>
        {name}
        {line.strength && `, ${line.strength.digits}${line.strength.by === 'molarity' ? ' mol/L' : ' % w/w'}`}
        <small>{line.role}</small>
      </th>
      <td>
        <strong>
          {target
            ? `${portions > 1 ? `${String(portions)} × ` : ''}${shown(target.rounded)}`
            : line.entered.by === 'words'
              ? line.entered.text
              : enteredText(line.entered)}
        </strong>
        {line.note && <small>{line.note}</small>}
      </td>
      <td className="r">{equivalents && shown(total.amount)}</td>
      <td className="r">{equivalents && format(equivalents.q, '', { figures: equivalents.figures })}</td>
      {forStudents ? <td className="paper-blank" /> : <td className="r">{shown(classTotal)}</td>}
      <td className="paper-mind">
        {!forStudents && device && <small>{device.name}</small>}
        {hazards?.pictograms.map((id) => (
          <Pictogram key={id} id={id} small />
        ))}
      </td>
    </tr>
  );
}
