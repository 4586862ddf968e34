'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { closedSince } from '@/core/record/periods';
import { ReasonDialog } from '@/components/ReasonDialog';
import { TimeOfDay } from '@/components/TimeOfDay';
import type { Body } from '@/core/record/entry';
import type { Periods } from '@/core/record/periods';

/** Whether the class's record is open, and the way to the other state. */
export function PeriodPanel({ periods, onAdd }: { readonly periods: Periods; readonly onAdd: (body: Body) => void }) {
  const [asking, setAsking] = useState<'close' | 'reopen' | undefined>(undefined);
  const closed = closedSince(periods);
  const last = periods.at(-1);
  return (
    <section className="period-panel card-plain" aria-label="Period">
      {closed === undefined ? (
        <>
          <p>
            <strong>The record is open</strong>
            {last && (
              <>
                {' '}
                since <TimeOfDay at={last.at} />
                {last.reason && `, reopened: ${last.reason}`}
              </>
            )}
          </p>
          <Button variant="line" onClick={() => setAsking('close')}>
            Close the period
          </Button>
        </>
      ) : (
        <>
          <p>
            <strong>
              Closed at <TimeOfDay at={closed} />
            </strong>{' '}
            by {last?.by}. Entries made before still come in, marked as late.
          </p>
          <Button variant="line" onClick={() => onAdd({ k: 'period', to: 'open' })}>
            Open the next period
          </Button>
          <Button variant="line" onClick={() => setAsking('reopen')}>
            Reopen the record
          </Button>
        </>
      )}
      {asking === 'close' && (
        <ReasonDialog
          title="Close the period"
          says="Every bench is signed out and its record becomes read only. What tablets made before and could not send yet still comes in, marked as late. The benches go on in the next period, or when the record is reopened."
          label="Remark: what rests, where it stands"
          action="Close it"
          optional
          onClose={() => setAsking(undefined)}
          onDone={(reason) => {
            onAdd(reason ? { k: 'period', to: 'closed', reason } : { k: 'period', to: 'closed' });
            setAsking(undefined);
          }}
        />
      )}
      {asking === 'reopen' && (
        <ReasonDialog
          title="Reopen the closed record"
          says="The reason stands in the record of the class."
          action="Reopen it"
          onClose={() => setAsking(undefined)}
          onDone={(reason) => {
            onAdd({ k: 'period', to: 'reopened', reason });
            setAsking(undefined);
          }}
        />
      )}
    </section>
  );
}
