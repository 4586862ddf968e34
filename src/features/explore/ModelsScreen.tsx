'use client';
import useSWR from 'swr';
import { api } from '@/api/client';
import { Explorers } from './Explorers';
import { Shell } from '@/components/Shell';
import type { Identity } from '@/core/identity';
import type { Seeds } from '@/core/explore/seeds';
import type { Substance } from '@/core/document/document';

/** The models by themselves, with everything that the library knows. */
export function ModelsScreen({
  identity,
  seeds,
}: {
  readonly identity: Identity;
  /** What is shown first. */
  readonly seeds: Seeds;
}) {
  const { data: substances, error } = useSWR<readonly Substance[], Error>('models', () => api.modelSubstances(), {
    revalidateOnFocus: false,
  });
  return (
    <Shell identity={identity}>
      <section className="models">
        <h1>Models</h1>
        <p className="muted">
          What the plans are foreseen with, to be turned and looked at. On a plan they begin with its own numbers.
        </p>
        <div className="card-plain models-card">
          {substances ? (
            <Explorers substances={substances} seeds={seeds} />
          ) : (
            <p className="muted" role="status">
              {error ? `${error.message} The page asks again by itself.` : 'Fetching what the library knows…'}
            </p>
          )}
        </div>
      </section>
    </Shell>
  );
}
