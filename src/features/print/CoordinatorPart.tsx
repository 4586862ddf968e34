import { format } from '@/core/quantity/format';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { hoursAndMinutes } from '@/components/timeText';
import { renderFinding } from '@/core/words/renderFinding';
import { stepTitle } from '@/core/operations/stepTitle';
import { wastePlan } from '@/core/waste/wastePlan';
import { excessText } from '@/core/waste/excessText';
import { wasteStreams } from '@/core/reference/wasteStreams';
import type { Finding } from '@/core/finding/finding';
import type { Plan } from '@/core/plan/planTypes';
import type { ProcessPlan } from '@/core/process/processPlan';
import type { Worked } from '@/core/quantity/worked';

const shown = (one: Worked | undefined) => (one ? format(one.q, one.unit, { figures: one.figures }) : '—');

/** What only those who run the class need: what is foreseen, vessels, hours, hazards by step, waste, and what stands open. */
export function CoordinatorPart({ plan, process }: { readonly plan: Plan; readonly process: ProcessPlan }) {
  const { doc } = plan;
  const { total_min, attended_min, stops } = process.timeline;
  const hazards = hazardFindings(plan, process.prediction);
  const grave = (finding: Finding) => finding.severity !== 'note';
  return (
    <>
      <section className="paper-columns">
        <div>
          <h2>Foreseen</h2>
          <table className="paper-table">
            <thead>
              <tr>
                <th>Stage</th>
                <th className="r">At most</th>
                <th className="r">Foreseen</th>
              </tr>
            </thead>
            <tbody>
              {process.prediction.stages.map(({ stage, basis, mass }) => (
                <tr key={stage.id}>
                  <th>{stage.name}</th>
                  <td className="r">{shown(basis)}</td>
                  <td className="r">{shown(mass)}</td>
                </tr>
              ))}
              {process.prediction.unforeseen.map(({ stage }) => (
                <tr key={stage.id}>
                  <th>{stage.name}</th>
                  <td />
                  <td className="r">not foreseen</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <div>
          <h2>Vessels for each bench</h2>
          <table className="paper-table">
            <tbody>
              {plan.vessels.map(({ vessel, volume, fill }) => (
                <tr key={vessel.id}>
                  <th>
                    {vessel.name}, {vessel.capacity_mL} mL
                  </th>
                  <td className="r">
                    {volume && `${shown(volume)}, ${fill ? format(fill.q, '%', { figures: 2 }) : ''} full`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </section>
      <section>
        <h2>Time</h2>
        <p>
          About {hoursAndMinutes(total_min)}, {hoursAndMinutes(attended_min)} of it attended.{' '}
          {stops.length === 0
            ? 'No safe stop on the way.'
            : `Safe stops: ${stops.map(({ step, start_min, minutes }) => `after ${stepTitle(doc, step)} (${hoursAndMinutes(start_min + minutes)})`).join('; ')}.`}
        </p>
      </section>
      <section>
        <h2>Hazards to mind</h2>
        <ul className="paper-list">
          {hazards.filter(grave).map((finding) => {
            const step = doc.steps.find(({ id }) => id === finding.about.step);
            return (
              <li key={finding.key}>
                {step && <strong>Step {doc.steps.indexOf(step) + 1}: </strong>}
                {renderFinding(finding).says}
              </li>
            );
          })}
        </ul>
      </section>
      <section>
        <h2>Waste</h2>
        <table className="paper-table">
          <thead>
            <tr>
              <th>Stream</th>
              <th className="r">One bench</th>
              <th className="r">Class of {doc.benches}</th>
              <th className="r">Acid or base, one bench</th>
            </tr>
          </thead>
          <tbody>
            {wastePlan(plan, process.prediction).streams.map(
              ({ stream, mass, volume, classMass, classVolume, excess_mol, traces }) => (
                <tr key={stream}>
                  <th>{wasteStreams[stream].name}</th>
                  <td className="r">{traces ? 'traces' : shown(volume ?? mass)}</td>
                  <td className="r">{shown(classVolume ?? classMass)}</td>
                  <td className="r">{excessText(excess_mol)}</td>
                </tr>
              ),
            )}
          </tbody>
        </table>
        <p>Nothing goes down the drain unless local rules say so.</p>
      </section>
      {process.findings.some(grave) && (
        <section>
          <h2>Open in this plan</h2>
          <ul className="paper-list">
            {process.findings.filter(grave).map((finding) => (
              <li key={finding.key}>
                <strong>{renderFinding(finding).title}.</strong> {renderFinding(finding).says}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
