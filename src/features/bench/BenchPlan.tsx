'use client';
import { useMemo } from 'react';
import { Shell } from '@/components/Shell';
import { computePlan } from '@/core/preparation/plan';
import { format } from '@/core/quantity/format';
import type { Identity } from '@/core/people/identity';
import type { Preparation } from '@/core/preparation/document';

/** What the group measures today, readable at arm's length; nothing here can be changed. */
export function BenchPlan({
  identity,
  className,
  doc,
  version,
}: {
  readonly identity: Identity;
  readonly className: string;
  readonly doc: Preparation;
  readonly version: number;
}) {
  const plan = useMemo(() => computePlan(doc), [doc]);
  const mass = plan.charge.product?.mass;
  return (
    <Shell identity={identity}>
      <div className="page bench-page">
        <p className="muted">
          {className} · bench {identity.name}
        </p>
        <h1>{doc.title}</h1>
        <p className="protection">
          {doc.protection} Local rules, the risk assessment and the supervising person decide.
        </p>
        <ol className="bench-lines">
          {plan.lines.map(({ facts, target }) => (
            <li key={facts.line.id} className="card-plain">
              <span className="bench-amount">
                {target
                  ? `${facts.portions > 1 ? `${facts.portions}\u202f×\u202f` : ''}${format(target.rounded.q, target.rounded.unit, { figures: target.rounded.figures })}`
                  : facts.line.entered.by === 'words'
                    ? facts.line.entered.text
                    : '—'}
              </span>
              <span>
                <strong>{facts.substance.substance.name}</strong>
                <small>
                  {facts.line.role}
                  {target?.device && `, ${target.device.name}`}
                </small>
                {facts.line.note && <small>{facts.line.note}</small>}
                {facts.substance.substance.caution && (
                  <small className="caution-line">{facts.substance.substance.caution}</small>
                )}
              </span>
            </li>
          ))}
        </ol>
        {mass && (
          <p className="muted">
            Theoretical yield from these amounts:{' '}
            <span className="num">{format(mass.q, 'g', { figures: mass.figures })}</span>. Plan of version {version}.
          </p>
        )}
      </div>
    </Shell>
  );
}
