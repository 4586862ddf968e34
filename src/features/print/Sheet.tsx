'use client';
import { useMemo } from 'react';
import { asIssued, planOf } from '@/core/process/planOf';
import { CoordinatorPart } from './CoordinatorPart';
import { format } from '@/core/quantity/format';
import { SheetCharge } from './SheetCharge';
import { SheetEquations } from './SheetEquations';
import { SheetProcedure } from './SheetProcedure';
import { SheetResults } from './SheetResults';
import { sheets } from '@/core/sheet/sheets';
import { sheetSteps } from '@/core/sheet/sheetSteps';
import type { CourseSettings } from '@/core/conventions/course';
import type { SheetId } from '@/core/sheet/sheets';
import type { StoredPreparation } from '@/core/library/stored';

/** Everything that a printed sheet is made of. */
export interface SheetSource {
  readonly sheet: SheetId;
  readonly stored: StoredPreparation;
  readonly course?: CourseSettings;
  /** Drawn structures by their SMILES. */
  readonly drawings: Readonly<Record<string, string>>;
}

/** A preparation on paper, A4: what a group works from and writes on, or what the coordinator and the prep room work by. */
export function Sheet({ sheet, stored: { doc, version }, course, drawings }: SheetSource) {
  const { plan, process } = useMemo(() => planOf(doc, course), [doc, course]);
  const steps = useMemo(() => sheetSteps(asIssued(plan)), [plan]);
  const forStudents = sheet === 'student';
  return (
    <article className={`paper paper-${sheet}`} aria-label={`${sheets[sheet]}: ${doc.title}`}>
      <header className="paper-head">
        <div>
          <h1>{doc.title}</h1>
          <p>{doc.summary}</p>
        </div>
        <p className="paper-kind">
          {sheets[sheet]}
          <br />
          version {version}
        </p>
      </header>
      {forStudents ? (
        <dl className="paper-who">
          {['Bench', 'Names', 'Date', 'Demonstrator'].map((word) => (
            <div key={word}>
              <dt>{word}</dt>
              <dd />
            </div>
          ))}
        </dl>
      ) : (
        <p className="paper-scale">
          {plan.doc.benches} benches, {plan.doc.spare_percent} % spare
          {plan.factor.ok && `, ${format(plan.factor.value.q, '', { figures: 3 })} × the tested scale`}
        </p>
      )}
      {doc.protection && (
        <p className="paper-protection">
          <strong>{doc.protection}</strong> Local rules, the risk assessment and the supervising person decide.
        </p>
      )}
      <SheetEquations plan={plan} drawings={drawings} />
      <SheetCharge plan={plan} sheet={sheet} />
      {!forStudents && <CoordinatorPart plan={plan} process={process} />}
      <SheetProcedure steps={steps} withBlanks={forStudents} />
      {forStudents && <SheetResults plan={plan} />}
    </article>
  );
}
