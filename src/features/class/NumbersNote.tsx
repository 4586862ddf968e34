import type { ClassNumbers } from '@/core/people/class';

/** Says when the numbers of a class come out otherwise than when it was issued, or when nobody can tell. */
export function NumbersNote({ numbers }: { readonly numbers: ClassNumbers }) {
  if (numbers.baseline === 'none')
    return (
      <p className="muted">
        Issued before numbers were kept with a class: whether a later version would come to others cannot be told (no
        baseline).
      </p>
    );
  if (numbers.drift.length === 0) return null;
  return (
    <div className="banner banner-stop" role="alert">
      <p>
        This version of Mozle comes to other numbers than the one this class was issued with. What stands on the records
        is as it was read; targets and yields are computed anew:
      </p>
      <ul>
        {numbers.drift.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
    </div>
  );
}
