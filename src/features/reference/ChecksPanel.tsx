import { capital } from '@/core/capital';
import { Icon } from '@/components/Icon';
import type { CrossCheck } from '@/core/checks/crossChecks';

/** Relations between the values that were asked, and their answers. */
export function ChecksPanel({ checks }: { readonly checks: readonly CrossCheck[] }) {
  if (checks.length === 0) return null;
  const wrong = checks.filter(({ holds }) => !holds).length;
  return (
    <section className={`card-plain entry-card ${wrong > 0 ? 'entry-card-wrong' : ''}`} aria-label="Cross-checks">
      <h2>{wrong > 0 ? 'Something does not fit' : 'Cross-checks'}</h2>
      <ul className="cross-checks">
        {checks.map(({ relation, holds, says }) => (
          <li key={relation} className={holds ? 'check-holds' : 'check-fails'}>
            <Icon name={holds ? 'check-lg' : 'caution'} />
            <span>
              {capital(says)}
              {!holds && <strong>: one of these values is wrong.</strong>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
