'use client';
import { dayOf } from '@/components/dates';
import Link from 'next/link';
import { foreseeSteps } from '@/core/process/predictProcess';
import { useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import { scaledPlan } from '@/core/process/planOf';
import { confirmedLabel } from '@/core/hazard/confirmedLabel';
import { format } from '@/core/quantity/format';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { Icon } from '@/components/Icon';
import { Pictogram } from '@/components/Pictogram';
import { precautionsFor, precautionText } from '@/core/hazard/precautions';
import { renderFinding } from '@/core/words/renderFinding';
import { Shell } from '@/components/Shell';
import { sheetCautions } from './sheetCautions';
import { statementText } from '@/core/reference/statements';
import { wastePlan } from '@/core/waste/wastePlan';
import { excessText } from '@/core/waste/excessText';
import { wasteStreams } from '@/core/reference/wasteStreams';
import type { Confirmation } from '@/core/reference/confirmation';
import type { Identity } from '@/core/identity';
import type { Plan } from '@/core/plan/planTypes';
import type { StoredPreparation } from '@/core/library/stored';
import type { Substance } from '@/core/document/document';

const signals = { danger: 'Danger', warning: 'Warning', none: '' } as const;
/** One page for the wall of the hood: what is used, what it does, what to mind at which step, where it goes. */
export function HazardSheet({
  identity,
  stored,
  confirmations,
}: {
  readonly identity: Identity;
  readonly stored: StoredPreparation;
  readonly confirmations: readonly Confirmation[];
}) {
  const { id, version, doc } = stored;
  const plan = useMemo(() => scaledPlan(doc), [doc]);
  const foreseen = useMemo(() => foreseeSteps(plan), [plan]);
  const findings = useMemo(() => hazardFindings(plan, foreseen), [plan, foreseen]);
  const waste = useMemo(() => wastePlan(plan, foreseen), [plan, foreseen]);
  const { dangerous, harmless, unknown } = useMemo(() => sorted(plan), [plan]);
  const words = precautionsFor(dangerous.flatMap(({ hazards }) => hazards?.statements ?? []));
  return (
    <Shell identity={identity} crumb={doc.title}>
      <div className="page sheet-page">
        <div className="sheet-actions">
          <Link href={`/preparations/${id}`} className="btn btn-quiet btn-sm">
            Back to the plan
          </Link>
          <Button size="sm" onClick={() => window.print()}>
            <Icon name="printer" /> Print
          </Button>
        </div>
        <article className="sheet" aria-label={`Hazard sheet of ${doc.title}`}>
          <header>
            <h1>{doc.title}: hazards and waste</h1>
            <p>
              Version {version}, {doc.benches} benches. {doc.protection}
            </p>
          </header>
          <table className="sheet-substances">
            <thead>
              <tr>
                <th scope="col">Substance, one bench</th>
                <th scope="col">Symbols</th>
                <th scope="col">Statements</th>
              </tr>
            </thead>
            <tbody>
              {dangerous.map((substance) => (
                <SubstanceRow
                  key={substance.id}
                  substance={substance}
                  plan={plan}
                  confirmed={confirmedLabel(substance, confirmations)}
                />
              ))}
            </tbody>
          </table>
          {harmless.length > 0 && <p>No statements listed for {harmless.join('; ')}.</p>}
          {unknown.length > 0 && (
            <p>
              <strong>No hazard data here</strong> for {unknown.join('; ')}: look at the supplier’s sheet.
            </p>
          )}
          {words.length > 0 && (
            <p className="sheet-precautions">
              {words.map((code) => `${code} ${precautionText(code)}`).join('. ')}. The supplier’s sheet chooses among
              them.
            </p>
          )}
          <h2>At which step</h2>
          <ul className="sheet-cautions">
            {sheetCautions(doc, findings).map(({ key, at, says }) => (
              <li key={key}>
                {at && <span className="sheet-at">{at}</span>} {says}
              </li>
            ))}
          </ul>
          <h2>Waste</h2>
          <ul className="sheet-cautions">
            {waste.streams
              .filter(({ traces }) => !traces)
              .map(({ stream, volume, mass, classVolume, classMass, excess_mol }) => {
                const bench = volume ?? mass;
                const all = classVolume ?? classMass;
                return (
                  <li key={stream}>
                    <strong>{wasteStreams[stream].name}</strong>
                    {bench && all && (
                      <span className="num">
                        : about {format(bench.q, bench.unit, { figures: 2 })} a bench,{' '}
                        {format(all.q, all.unit, { figures: 2 })} the class
                        {excess_mol !== undefined && `; ${excessText(excess_mol)} a bench`}
                      </span>
                    )}
                    . {wasteStreams[stream].note}
                  </li>
                );
              })}
            {waste.findings.map((finding) => (
              <li key={finding.key}>{renderFinding(finding).says}</li>
            ))}
          </ul>
          <footer>
            <p>
              <strong>
                Local rules, the risk assessment and the supervising person decide; this is a reminder, not an
                authorization.
              </strong>{' '}
              The safety data sheet of the bottle at hand comes first.
            </p>
            <p className="sheet-signs">
              <span>Assessed by</span>
              <span>Date</span>
              <span>Supervising</span>
            </p>
          </footer>
        </article>
      </div>
    </Shell>
  );
}

function SubstanceRow({
  substance,
  plan,
  confirmed,
}: {
  readonly substance: Substance;
  readonly plan: Plan;
  readonly confirmed: Confirmation | undefined;
}) {
  const { hazards, name } = substance;
  if (!hazards) return null;
  const amounts = plan.lines
    .filter(({ facts }) => facts.line.substance === substance.id && facts.line.entered.by !== 'words')
    .flatMap(({ target, facts }) =>
      target
        ? [
            `${facts.portions > 1 ? `${facts.portions}\u202f×\u202f` : ''}${format(target.rounded.q, target.rounded.unit, { figures: target.rounded.figures })}`,
          ]
        : [],
    );
  return (
    <tr>
      <th scope="row">
        {name}
        {amounts.length > 0 && <span className="num">{amounts.join(', ')}</span>}
        <small>
          {confirmed
            ? `label confirmed by ${confirmed.by}, ${dayOf(confirmed.at)}`
            : 'compare with the supplier’s sheet'}
        </small>
      </th>
      <td className="sheet-symbols">
        {hazards.pictograms.map((one) => (
          <Pictogram key={one} id={one} />
        ))}
      </td>
      <td>
        {hazards.signal !== 'none' && <strong>{signals[hazards.signal]}. </strong>}
        {hazards.statements.map((code) => `${code} ${statementText(code)}`).join('. ')}.
        {precautionsFor(hazards.statements).length > 0 && (
          <small className="num"> {precautionsFor(hazards.statements).join(', ')}</small>
        )}
      </td>
    </tr>
  );
}

/** Substances by what their label says: something, nothing, or not known. */
function sorted({ doc }: Plan) {
  const labelled = doc.substances.filter(({ hazards }) => hazards && hazards.statements.length > 0);
  const harmless = doc.substances.filter(({ hazards }) => hazards?.statements.length === 0);
  const unknown = doc.substances.filter(({ hazards }) => hazards === undefined);
  const names = (all: readonly Substance[]) => [...new Set(all.map(({ name }) => name))];
  return { dangerous: labelled, harmless: names(harmless), unknown: names(unknown) };
}
