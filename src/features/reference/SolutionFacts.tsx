'use client';
import Link from 'next/link';
import { useState } from 'react';
import { ConfirmButton } from './ConfirmButton';
import { format } from '@/core/quantity/format';
import { recipe } from '@/core/reference/recipe';
import { TypedInput } from '@/components/fields/TypedInput';
import { tabulatedText } from '@/core/reference/tabulatedText';
import { toCanonical } from '@/core/quantity/units';
import { parseAmount } from '@/core/quantity/parseAmount';
import { amountFault } from '@/core/words/amountFault';
import { ValuesTable } from './ValuesTable';
import { wasteStreams } from '@/core/reference/wasteStreams';
import { WorkedNumber } from '@/components/WorkingDrawer';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { ReferenceSubstance } from '@/core/reference/substance';

/** Strength of a solution, and how a wanted volume of it is made. */
export function SolutionFacts({
  solution,
  solute,
  madeFrom,
}: {
  readonly solution: ReferenceSolution;
  readonly solute: ReferenceSubstance;
  readonly madeFrom: ReferenceSubstance | ReferenceSolution | undefined;
}) {
  const { massPercent, density, molarity, waste, method } = solution;
  return (
    <>
      <section className="card-plain entry-card" aria-label="How it is made">
        <h2>How it is made</h2>
        {madeFrom ? <RecipeLines solution={solution} madeFrom={madeFrom} /> : null}
        <p className="recipe-method">{method}</p>
      </section>
      <section className="card-plain entry-card" aria-label="Values">
        <ValuesTable>
          <tr>
            <th scope="row">Dissolved</th>
            <td>
              <Link href={`/reference/${solute.id}`}>{solute.name}</Link>
            </td>
            <td />
            <td />
          </tr>
          {(
            [
              ['molarity', 'Concentration', molarity, 'mol/L'],
              ['massPercent', 'Mass fraction', massPercent, '%'],
              ['solutionDensity', 'Density', density, 'g/mL'],
            ] as const
          ).map(([field, label, value, unit]) => (
            <tr key={field}>
              <th scope="row">{label}</th>
              <td className="num">{tabulatedText(value, unit)}</td>
              <td>
                <ConfirmButton field={field} label={label.toLowerCase()} />
              </td>
              <td className="muted">{value.source}</td>
            </tr>
          ))}
          {waste && (
            <tr>
              <th scope="row">Waste stream</th>
              <td>{wasteStreams[waste].name}</td>
              <td>
                <ConfirmButton field="waste" label="waste stream" />
              </td>
              <td className="muted">{wasteStreams[waste].note}</td>
            </tr>
          )}
        </ValuesTable>
      </section>
    </>
  );
}

function RecipeLines({
  solution,
  madeFrom,
}: {
  readonly solution: ReferenceSolution;
  readonly madeFrom: ReferenceSubstance | ReferenceSolution;
}) {
  const [wanted, setWanted] = useState({ digits: '250', unit: 'mL' });
  const value = toCanonical(wanted.digits, wanted.unit);
  const made = recipe(solution, { digits: wanted.digits, value }, madeFrom);
  const read = (text: string) => {
    const parsed = parseAmount(text, { dims: ['volume'], unit: 'mL' });
    return parsed.ok
      ? ({ ok: true, value: { digits: parsed.typed.digits, unit: parsed.typed.unit } } as const)
      : ({ ok: false, says: amountFault(parsed, '250 mL') } as const);
  };
  return (
    <div className="recipe">
      <TypedInput
        label="Volume wanted"
        shown={`${wanted.digits} ${wanted.unit}`}
        inputMode="text"
        read={read}
        commit={setWanted}
      />
      {made && (
        <p>
          {made.mass && !made.volume && <WorkedNumber worked={made.mass} label="Mass to weigh" />}
          {made.volume && <WorkedNumber worked={made.volume} label="Volume to measure" />}
          {made.mass && made.volume && (
            <span className="muted">
              {' '}
              (<WorkedNumber worked={made.mass} label="Mass of it" />)
            </span>
          )}{' '}
          <Link href={`/reference/${madeFrom.id}`}>{madeFrom.name}</Link>, made up with water to{' '}
          <strong className="num">
            {format({ dim: 'volume', value }, wanted.unit, {
              figures: Math.max(3, wanted.digits.replace('.', '').length),
            })}
          </strong>
          .
        </p>
      )}
    </div>
  );
}
