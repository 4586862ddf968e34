'use client';
import { useState } from 'react';
import { neutralSystem } from '@/core/worktop/acidBase';
import { Dial } from './Dial';
import { exploreExtraction } from '@/core/explore/extraction';
import { inSentence } from '@/core/document/inSentence';
import { kindOf } from '@/core/worktop/kinds';
import { LinePlot } from './LinePlot';
import { says } from './numbers';
import { SelectField } from '@/components/fields/SelectField';
import type { Distributed } from '@/core/models/partition/distributionRatio';
import type { ExplorerProps } from './explorerProps';
import type { Substance } from '@/core/document/document';

/** Repeated extraction: portions and pH. */
export function ExtractionExplorer({ substances, seeds }: ExplorerProps) {
  const seed = seeds.extraction;
  const known = substances.filter(({ logP }) => logP !== undefined);
  const solvents = substances.filter(({ waterSolubility, form }) => form === 'liquid' && waterSolubility !== undefined);
  const [solute, setSolute] = useState(known.find(({ id }) => id === seed?.substance)?.id ?? known[0]?.id ?? '');
  const [solvent, setSolvent] = useState(solvents.find(({ id }) => id === seed?.solvent)?.id ?? '');
  const [logP, setLogP] = useState<number | undefined>(undefined);
  const [into, setInto] = useState(seed?.into ?? 'solvent');
  const [pH, setPH] = useState(seed?.pH ?? 7);
  const [portions, setPortions] = useState(seed?.portions ?? 3);
  const [added_mL, setAdded] = useState(seed?.added_mL ?? 60);
  const [stays_mL, setStays] = useState((seed?.into === 'water' ? seed.organic_mL : seed?.aqueous_mL) ?? 100);
  const substance = known.find(({ id }) => id === solute);
  const own = Number(substance?.logP?.digits ?? 1);
  const dissolves = Number(substances.find(({ id }) => id === solvent)?.waterSolubility?.digits);
  const density = Number(substances.find(({ id }) => id === solvent)?.density?.digits ?? 1);
  const answer = exploreExtraction({
    ...distributed(substance, logP ?? own),
    pH,
    into,
    aqueous_mL: into === 'solvent' ? stays_mL : added_mL,
    organic_mL: into === 'solvent' ? added_mL : stays_mL,
    added_mL,
    portions,
    // g per 100 mL of water, as a volume.
    inWater: Number.isFinite(dissolves) ? dissolves / 100 / density : 0,
  });
  const one = answer.byPortions[0]?.left ?? 1;
  const name = inSentence(substance?.name ?? 'the substance');
  return (
    <>
      <div className="explore-dials">
        <SelectField
          label="What is extracted"
          value={solute}
          options={known.map((one) => ({ value: one.id, label: one.name }))}
          onChange={(id) => {
            setSolute(id);
            setLogP(undefined);
          }}
          disabled={false}
        />
        <SelectField
          label="Solvent"
          value={solvent}
          options={[
            { value: '', label: 'one that water does not dissolve' },
            ...solvents.map((one) => ({ value: one.id, label: one.name })),
          ]}
          onChange={setSolvent}
          disabled={false}
        />
        <SelectField
          label="It is to go"
          value={into}
          options={[
            { value: 'solvent', label: 'out of water, into the solvent' },
            { value: 'water', label: 'out of the solvent, into water' },
          ]}
          onChange={(to) => setInto(to === 'water' ? 'water' : 'solvent')}
          disabled={false}
        />
        <Dial
          label="log P"
          unit=""
          value={logP ?? own}
          low={-3}
          high={8}
          step={0.1}
          change={setLogP}
          help="octanol stands for the solvent"
        />
        <Dial label="pH of the water" unit="" value={pH} low={-1} high={15} step={0.1} change={setPH} />
        <Dial
          label="Portions"
          unit=""
          value={portions}
          low={1}
          high={8}
          step={1}
          change={(value) => setPortions(Math.round(value))}
        />
        <Dial
          label={into === 'solvent' ? 'Solvent, all portions' : 'Water, all portions'}
          unit="mL"
          value={added_mL}
          low={1}
          high={500}
          step={0.5}
          change={setAdded}
        />
        <Dial
          label={into === 'solvent' ? 'Water layer' : 'Organic layer'}
          unit="mL"
          value={stays_mL}
          low={1}
          high={500}
          step={0.5}
          change={setStays}
        />
      </div>
      <div className="explore-answer">
        <p className="explore-says">
          {portions} × {says.mL(added_mL / portions)} {portions === 1 ? 'leaves' : 'leave'}{' '}
          <strong>{says.share(answer.chosen)}</strong> of {name} behind; one portion of {says.mL(added_mL)} would leave{' '}
          {says.share(one)}. One more of the same size would bring {says.share(answer.nextGain)}
          {answer.nextGain < 0.01 ? ': not worth it.' : '.'}
        </p>
        <LinePlot
          label={`Left behind by number of portions: ${answer.byPortions.map(({ portions: n, left }) => `${n}: ${says.share(left)}`).join('; ')}`}
          x="portions of the same volume altogether"
          y="left behind, %"
          series={[
            {
              name: 'left behind',
              dotted: true,
              points: answer.byPortions.map((at) => ({ x: at.portions, y: at.left * 100 })),
            },
          ]}
          marks={[{ x: portions, says: 'chosen' }]}
          levels={[{ y: answer.limit * 100, says: 'no division leaves less' }]}
        />
        {answer.byPH.length > 0 && (
          <LinePlot
            label={`Left behind against pH; at pH ${says.number(pH)} ${says.share(answer.chosen)}`}
            x="pH of the water"
            y="left behind, %"
            series={[
              {
                name: `left after ${portions} portions`,
                points: answer.byPH.map((at) => ({ x: at.pH, y: at.left * 100 })),
              },
            ]}
            marks={[{ x: pH, says: 'here' }]}
          />
        )}
        <p className="explore-how">
          D = c(org)/c(aq) = {says.number(answer.D)} at this pH. Left after n portions: (V/(V + D·V′/n))ⁿ, limit
          exp(−D·V′/V).
          {answer.withMutual !== undefined &&
            ` Water dissolves some of the solvent; with that ${says.share(answer.withMutual)} are left.`}{' '}
          No emulsion, no dimers, no ion pairs in the solvent.
        </p>
      </div>
    </>
  );
}

function distributed(substance: Substance | undefined, logP: number): Distributed {
  const system = substance && neutralSystem(kindOf(substance));
  const P = 10 ** logP;
  // The step that makes it neutral: the last proton of a base, the first of an acid.
  const pKa = system?.pKas[system.charge > 0 ? system.charge - 1 : 0];
  return system && pKa !== undefined ? { P, kind: system.charge > 0 ? 'base' : 'acid', pKa } : { P };
}
