import { OperationSign } from '@/components/OperationSign';
import type { SheetStep } from '@/core/sheet/sheetSteps';

/** Numbered steps with their cautions; on a group's sheet with a place for each reading. */
export function SheetProcedure({
  steps,
  withBlanks,
}: {
  readonly steps: readonly SheetStep[];
  readonly withBlanks: boolean;
}) {
  return (
    <section>
      <h2>Procedure</h2>
      <ol className="paper-steps">
        {steps.map((step) => (
          <li key={step.id}>
            <div className="paper-step">
              <p className="paper-sentence">
                <OperationSign sign={step.sign} />
                <strong>
                  {step.number}. {step.sentence}
                </strong>{' '}
                {step.text}
              </p>
              {step.cautions.map((caution) => (
                <p key={caution} className="paper-caution">
                  ! {caution}
                </p>
              ))}
              {step.expect.length > 0 && <p>Seen when it goes well: {step.expect.join('; ')}.</p>}
              <p className="paper-time">
                {step.time}, {step.attended ? 'somebody stands by' : 'goes by itself'}
                {step.optional && ', only if needed'}
                {step.safeStop !== undefined && `; may stop here: ${step.safeStop}`}
              </p>
              {withBlanks && step.checks.length > 0 && (
                <ul className="paper-checks">
                  {step.checks.map((check) => (
                    <li key={check}>☐ {check}</li>
                  ))}
                </ul>
              )}
            </div>
            {withBlanks && step.blanks.length > 0 && (
              <dl className="paper-blanks">
                {step.blanks.map(({ label, unit, aim }, i) => (
                  <div key={`${label}${String(i)}`}>
                    <dt>
                      {label}
                      {aim !== undefined && <small> aim {aim}</small>}
                    </dt>
                    <dd>{unit === '' ? 'time' : unit}</dd>
                  </div>
                ))}
              </dl>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
