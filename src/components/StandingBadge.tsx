import { dayOf } from './dates';
import { Icon } from './Icon';
import type { FieldStanding } from '@/core/reference/confirmation';

/** How far a value can be trusted, in shape and words. "Confirm" asks somebody to compare it with a source. */
export function StandingBadge({ standing }: { readonly standing: FieldStanding | undefined }) {
  switch (standing?.is) {
    case undefined:
      return null;
    case 'computed':
      return <span className="standing standing-good">computed</span>;
    case 'cross-checked':
      return (
        <span className="standing standing-good" title={standing.by}>
          <Icon name="check-lg" /> cross-checked
        </span>
      );
    case 'confirmed':
      return (
        <span className="standing standing-good" title={`${standing.by}, ${dayOf(standing.at)}`}>
          <Icon name="check-lg" /> confirmed by {standing.by}, {dayOf(standing.at)}
        </span>
      );
    case 'from memory':
      return (
        <span className="standing standing-open" title="From memory: compare with a source">
          confirm
        </span>
      );
  }
}
