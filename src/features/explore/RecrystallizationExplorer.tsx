'use client';
import { useState } from 'react';
import { Dial } from './Dial';
import { exploreRecrystallization } from '@/core/explore/recrystallization';
import { LinePlot } from './LinePlot';
import { says } from './numbers';
import { SelectField } from '@/components/fields/SelectField';
import type { ExplorerProps } from './explorerProps';

/** Solvent, volume and temperatures against what comes back. */
export function RecrystallizationExplorer({ substances, seeds }: ExplorerProps) {
  const pairs = substances.flatMap(({ id, name, solubility = [] }) =>
    solubility.map(({ solvent, points }) => ({
      key: `${id}/${solvent}`,
      name: `${name} from ${(substances.find((one) => one.id === solvent)?.name ?? solvent).toLowerCase()}`,
      boils: Number(substances.find((one) => one.id === solvent)?.boiling?.digits ?? 100),
      points: points.map(({ digits, at_C }) => ({ T: at_C, s: Number(digits) / 100 })),
    })),
  );
  const seed = seeds.recrystallization;
  const own = pairs.find(({ key }) => key.startsWith(`${seed?.substance ?? ''}/`)) ?? pairs[0];
  const [key, setKey] = useState(own?.key ?? '');
  const [mass_g, setMass] = useState(seed?.mass_g ?? 2.5);
  const [volume_mL, setVolume] = useState(seed?.volume_mL ?? 50);
  const [hot_C, setHot] = useState(hottestOf(own));
  const [cold_C, setCold] = useState(seed?.cold_C ?? 0);
  const [rinse_mL, setRinse] = useState(4);
  const [impurity, setImpurity] = useState(5);
  const [impuritySolubility, setImpuritySolubility] = useState(1);
  const pair = pairs.find((one) => one.key === key);
  if (!pair)
    return (
      <p className="muted">
        No solubility curve is known for these substances. Recrystallization from a mixture of two solvents has none to
        go by: by eye.
      </p>
    );
  const known = pair.points.map(({ T }) => T);
  const [low, high] = [Math.min(...known), Math.max(...known)];
  const inside = hot_C <= high && cold_C >= low && hot_C >= low && cold_C <= high;
  const answer = inside
    ? exploreRecrystallization({
        points: pair.points,
        mass_g,
        volume_mL,
        hot_C,
        cold_C,
        rinse_mL,
        impurity_g: (mass_g * impurity) / 100,
        impuritySolubility: impuritySolubility / 100,
      })
    : undefined;
  return (
    <>
      <div className="explore-dials">
        <SelectField
          label="What is recrystallized"
          value={key}
          options={pairs.map((one) => ({ value: one.key, label: one.name }))}
          onChange={(chosen) => {
            setKey(chosen);
            setHot(hottestOf(pairs.find((one) => one.key === chosen)));
          }}
          disabled={false}
        />
        <Dial label="Dry mass" unit="g" value={mass_g} low={0.05} high={100} step={0.05} change={setMass} />
        <Dial
          label="Solvent when it cools"
          unit="mL"
          value={volume_mL}
          low={1}
          high={1000}
          step={1}
          change={setVolume}
        />
        <Dial label="Hot" unit="°C" value={hot_C} low={0} high={200} step={1} change={setHot} />
        <Dial label="Cold" unit="°C" value={cold_C} low={-20} high={60} step={1} change={setCold} />
        <Dial label="Cold rinse" unit="mL" value={rinse_mL} low={0} high={100} step={0.5} change={setRinse} />
        <Dial
          label="Impurity"
          unit="% of the mass"
          value={impurity}
          low={0}
          high={50}
          step={0.5}
          change={setImpurity}
        />
        <Dial
          label="its solubility, cold"
          unit="g/100 mL"
          value={impuritySolubility}
          low={0.001}
          high={50}
          step={0.001}
          change={setImpuritySolubility}
        />
      </div>
      {answer === undefined ? (
        <div className="explore-answer">
          <p className="explore-says" role="status">
            Solubilities are known from {says.degrees(low)} to {says.degrees(high)}: outside nothing is worked out.
          </p>
        </div>
      ) : (
        <div className="explore-answer">
          <p className="explore-says">
            <strong>{says.share(answer.recovery)}</strong> come back: {says.grams(answer.crystals_g)} of{' '}
            {says.grams(mass_g)}. The liquor keeps {says.grams(answer.liquor_g)}, the rinse{' '}
            {says.grams(answer.rinsed_g)}.{' '}
            {answer.undissolved_g > 0
              ? `${says.grams(answer.undissolved_g)} never dissolved: ${says.mL(answer.least_mL)} are needed at least.`
              : `${says.mL(answer.least_mL)} would dissolve it hot; this is ${says.share(answer.excess)} more.`}
          </p>
          <LinePlot
            label={`Recovery against the volume of solvent; ${says.share(answer.recovery)} with ${says.mL(volume_mL)}`}
            x="solvent, mL"
            xFrom={0}
            y="%"
            series={[
              { name: 'recovery', points: answer.byVolume.map((at) => ({ x: at.volume_mL, y: at.recovery * 100 })) },
              ...(impurity > 0
                ? [
                    {
                      name: 'impurity that crystallizes too, of what there was',
                      points: answer.byVolume.map((at) => ({ x: at.volume_mL, y: at.impurity * 100 })),
                      dashed: true,
                    },
                  ]
                : []),
            ]}
            marks={[
              { x: answer.least_mL, says: 'least' },
              { x: volume_mL, says: 'chosen' },
            ]}
          />
          <LinePlot
            label={`Solubility from ${says.solubility(answer.cold)} cold to ${says.solubility(answer.hot)} hot`}
            x="°C"
            y="g/100 mL"
            series={[{ name: 'solubility', points: answer.curve.map(({ T, s }) => ({ x: T, y: s * 100 })) }]}
            marks={[
              { x: cold_C, says: 'cold' },
              { x: hot_C, says: 'hot' },
            ]}
          />
          <p className="explore-how">
            Hot volume m/s(hot), liquor V·s(cold), best recovery 1 − (1 + e)·s(cold)/s(hot); ln s against 1/T from point
            to point, as in the plan.
          </p>
        </div>
      )}
    </>
  );
}

/** As hot as the solvent boils, and as far as the points go. */
function hottestOf(
  pair: { readonly boils: number; readonly points: readonly { readonly T: number }[] } | undefined,
): number {
  return pair ? Math.min(pair.boils, Math.max(...pair.points.map(({ T }) => T))) : 100;
}
