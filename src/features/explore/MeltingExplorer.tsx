'use client';
import { useState } from 'react';
import { Dial } from './Dial';
import { exploreMelting } from '@/core/explore/melting';
import { LinePlot } from './LinePlot';
import { says } from './numbers';
import { SelectField } from '@/components/fields/SelectField';
import type { ExplorerProps } from './explorerProps';
import type { Substance } from '@/core/document/document';

// Walden's rule for rigid molecules: the entropy of fusion is about 56 J/(mol·K).
const usualEntropy = 0.0565;
const kelvin = 273.15;

/** Melting range against impurity, and the impurity that an observed clear point would mean. */
export function MeltingExplorer({ substances, seeds }: ExplorerProps) {
  const solids = substances.filter(({ melting, form }) => melting !== undefined && form === 'solid');
  const [id, setId] = useState(solids.find((one) => one.id === seeds.melting?.substance)?.id ?? solids[0]?.id ?? '');
  const [impurity, setImpurity] = useState(3);
  const [seen, setSeen] = useState(25);
  const [observed, setObserved] = useState<number | undefined>(undefined);
  const [typed, setTyped] = useState<number | undefined>(undefined);
  const [lowest, setLowest] = useState<number | undefined>(undefined);
  const solid = solids.find((one) => one.id === id);
  if (!solid) return <p className="muted">No melting point is known for these substances.</p>;
  const T_m = Number(solid.melting?.high ?? NaN);
  const fusion = typed ?? fusionOf(solid, T_m);
  const observed_C = observed ?? T_m - 2;
  const answer = exploreMelting({
    T_m,
    fusion,
    impurity: impurity / 100,
    seen: seen / 100,
    observed_C,
    ...(lowest === undefined ? {} : { eutectic_C: Math.min(lowest, T_m) }),
  });
  return (
    <>
      <div className="explore-dials">
        <SelectField
          label="Substance"
          value={id}
          options={solids.map((one) => ({ value: one.id, label: one.name }))}
          onChange={(chosen) => {
            setId(chosen);
            setObserved(undefined);
            setTyped(undefined);
            setLowest(undefined);
          }}
          disabled={false}
        />
        <Dial
          label="Impurity that the melt dissolves"
          unit="mol %"
          value={impurity}
          low={0}
          high={20}
          step={0.1}
          change={setImpurity}
        />
        <Dial
          label="Melted when the first liquid is seen"
          unit="%"
          value={seen}
          low={5}
          high={60}
          step={1}
          change={setSeen}
        />
        <Dial
          label="Enthalpy of fusion"
          unit="kJ/mol"
          value={fusion}
          low={3}
          high={80}
          step={0.1}
          change={setTyped}
          help={solid.fusion ? solid.fusion.source : 'not known: Walden’s rule, 56 J/(mol·K)'}
        />
        <Dial
          label="Eutectic with the impurity"
          unit="°C"
          value={answer.eutectic_C}
          low={-100}
          high={400}
          step={0.1}
          change={setLowest}
          help={lowest === undefined ? 'not known: ideal mixing with an impurity that melts alike' : 'as set'}
        />
        <Dial
          label="Clear point seen"
          unit="°C"
          value={observed_C}
          low={-50}
          high={400}
          step={0.1}
          change={setObserved}
        />
      </div>
      <div className="explore-answer">
        <p className="explore-says">
          With {says.share(impurity / 100)} impurity it melts at{' '}
          <strong>
            {says.degrees(answer.onset_C)} to {says.degrees(answer.clear_C)}
          </strong>
          , pure at {says.degrees(T_m)}.{' '}
          {answer.estimate === undefined
            ? `${says.degrees(observed_C)} is above the melting point: the thermometer, or another substance.`
            : `A clear point of ${says.degrees(observed_C)} would mean about ${says.share(answer.estimate)} impurity: an estimate.`}
        </p>
        <LinePlot
          label={`Onset and clear point fall with impurity; here ${says.degrees(answer.onset_C)} to ${says.degrees(answer.clear_C)}`}
          x="impurity, mol %"
          y="°C"
          yFrom="auto"
          series={[
            { name: 'last crystal', points: answer.curve.map(({ x, clear }) => ({ x: x * 100, y: clear })) },
            {
              name: 'first liquid seen',
              points: answer.curve.map(({ x, onset }) => ({ x: x * 100, y: onset })),
              dashed: true,
            },
          ]}
          marks={[{ x: impurity, says: 'here' }]}
        />
        <p className="explore-how">
          Clear point 1/(1/T − R·ln(1 − x)/ΔH) (Schröder, van Laar); the first liquid holds the impurity of the whole in
          the part that has melted. One impurity, dissolved in the melt, a dry sample on a slow ramp; dirt that does not
          melt changes nothing. The eutectic is the lowest it can go.
        </p>
      </div>
    </>
  );
}

function fusionOf({ fusion }: Substance, T_m: number): number {
  return fusion ? Number(fusion.digits) : usualEntropy * (T_m + kelvin);
}
