'use client';
import { Explorers } from './Explorers';
import { Shell } from '@/components/Shell';
import type { Identity } from '@/core/people/identity';
import type { Seeds } from '@/core/explore/seeds';
import type { Substance } from '@/core/document/document';

/** The models by themselves, with everything that the library knows. */
export function ModelsScreen({
  identity,
  substances,
  seeds,
}: {
  readonly identity: Identity;
  readonly substances: readonly Substance[];
  /** What is shown first. */
  readonly seeds: Seeds;
}) {
  return (
    <Shell identity={identity}>
      <section className="models">
        <h1>Models</h1>
        <p className="muted">
          What the plans are foreseen with, to be turned and looked at. On a plan they begin with its own numbers.
        </p>
        <div className="card-plain models-card">
          <Explorers substances={substances} seeds={seeds} />
        </div>
      </section>
    </Shell>
  );
}
