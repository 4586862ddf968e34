import type { Difference } from '@/core/versions/differences';

/** What is other between two versions, gathered by what it concerns. */
export function DifferenceList({ differences }: { readonly differences: readonly Difference[] }) {
  const about = [...new Set(differences.map((one) => one.about))];
  return (
    <ul className="differences">
      {about.map((name) => (
        <li key={name}>
          <strong>{name}</strong>{' '}
          {differences
            .filter((one) => one.about === name)
            .map(({ says }) => says)
            .join('; ')}
        </li>
      ))}
    </ul>
  );
}
