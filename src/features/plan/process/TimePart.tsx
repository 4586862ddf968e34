'use client';
import { useState } from 'react';
import { hoursAndMinutes } from '@/components/timeText';
import { periodsNeeded } from '@/core/process/timeline';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '@/components/plan/planView';
import type { Period, TimedStep, Timeline } from '@/core/process/timeline';

const lengths_min = [120, 150, 180, 240, 300];
// Clean glassware takes its time at the end of every period.
const cleaning_min = 20;
const usual_min = 180;

/** Steps on the clock, attended and unattended, fitted into lab periods that end at safe stops. */
export function TimePart({ timeline }: { readonly timeline: Timeline }) {
  const [length, setLength] = useState(usual_min);
  const periods = periodsNeeded(timeline, length - cleaning_min);
  const longest = Math.max(length - cleaning_min, ...periods.map(({ minutes }) => minutes));
  return (
    <div className="times">
      <p className="times-head">
        <label>
          Lab period{' '}
          <select
            className="form-select form-select-sm"
            value={length}
            onChange={(event) => setLength(Number(event.target.value))}
          >
            {lengths_min.map((minutes) => (
              <option key={minutes} value={minutes}>
                {hoursAndMinutes(minutes)}
              </option>
            ))}
          </select>
        </label>
        <span>
          with {cleaning_min}
          {'\u00a0'}min to clean up: {periods.length === 1 ? 'one period' : `${periods.length} periods`},{' '}
          {hoursAndMinutes(timeline.total_min)} of work, {hoursAndMinutes(timeline.attended_min)} of it attended
        </span>
      </p>
      {periods.map((period, i) => (
        <PeriodBlock
          key={period.steps[0]?.step.id ?? i}
          period={period}
          number={i + 1}
          longest={longest}
          limit={length - cleaning_min}
        />
      ))}
      <p className="times-key muted">
        <i className="time-attended" /> attended <i className="time-alone" /> runs by itself <i className="time-stop" />{' '}
        one may stop after it
      </p>
    </div>
  );
}

const endings: Readonly<Record<Period['ends'], string>> = {
  stop: 'ends at a safe stop',
  done: 'ends with the last step',
  nowhere: 'no safe stop in time: plan longer, or split the work',
};

function PeriodBlock({
  period: { steps, minutes, ends },
  number,
  longest,
  limit,
}: {
  readonly period: Period;
  readonly number: number;
  readonly longest: number;
  readonly limit: number;
}) {
  const { plan } = usePlanView();
  const start = steps[0]?.start_min ?? 0;
  const stop = steps.at(-1)?.step.safeStop;
  return (
    <section className="period" aria-label={`Period ${number}`}>
      <h3>
        Period {number} <small>{hoursAndMinutes(minutes)}</small>{' '}
        <small className={ends === 'nowhere' ? 'period-late' : undefined}>
          {endings[ends]}
          {ends === 'stop' && stop ? `: ${stop}` : ''}
        </small>
      </h3>
      <ol style={{ backgroundSize: `${(limit / longest) * 100}% 100%` }}>
        {steps.map((one) => (
          <TimeRow key={one.step.id} one={one} start={start} longest={longest} title={stepTitle(plan.doc, one.step)} />
        ))}
      </ol>
    </section>
  );
}

function TimeRow({
  one: { step, start_min, minutes, attended, scaled },
  start,
  longest,
  title,
}: {
  readonly one: TimedStep;
  readonly start: number;
  readonly longest: number;
  readonly title: string;
}) {
  const at = (value: number) => `${(value / longest) * 100}%`;
  return (
    <li>
      <span className="time-title">{title}</span>
      <span className="time-track">
        <i
          className={attended ? 'time-attended' : 'time-alone'}
          style={{ left: at(start_min - start), width: at(Math.max(minutes, 1)) }}
        />
        {step.safeStop !== undefined && (
          <i
            className="time-stop"
            style={{ left: at(start_min - start + minutes) }}
            title={`May stop here: ${step.safeStop}`}
          />
        )}
      </span>
      <span className="num time-minutes">
        {Math.round(minutes)}
        {'\u00a0'}min{scaled && <em title="Changed with the scale">*</em>}
      </span>
    </li>
  );
}
