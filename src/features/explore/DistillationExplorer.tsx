'use client';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import ProgressBar from 'react-bootstrap/ProgressBar';
import { kindOf } from '@/core/worktop/kinds';
import { notIdeal } from '@/core/worktop/idealPair';
import { molarMass } from '@/core/compound/molarMass';
import { boilingTemperature } from '@/core/models/vapour/antoine';
import { findRoot } from '@/core/models/findRoot';
import { stemConstants, stemCorrection } from '@/core/models/distillation/stemCorrection';
import { Dial } from './Dial';
import { LinePlot } from './LinePlot';
import { says } from './numbers';
import { SelectField } from '@/components/fields/SelectField';
import { useDistillation } from './useDistillation';
import type { DistillationAnswer } from '@/core/explore/distillation';
import type { ExplorerProps } from './explorerProps';
import type { Liquid } from '@/core/models/distillation/binaryPair';
import type { Substance } from '@/core/document/document';

// Where the thread stands in the air of the hood.
const room_C = 30;

interface Named {
  readonly id: string;
  readonly name: string;
  readonly liquid: Liquid;
  readonly boils_C: number;
  readonly substance: Substance;
}

/** Two liquids through a column: head temperature, cuts, and what more stages would bring. */
export function DistillationExplorer({ substances, seeds }: ExplorerProps) {
  const liquids = useMemo(() => substances.flatMap(liquidOf).sort((a, b) => a.boils_C - b.boils_C), [substances]);
  const seed = seeds.distillation;
  const [first, setFirst] = useState(seed?.lighter ?? liquids[0]?.id ?? '');
  const [second, setSecond] = useState(seed?.heavier ?? liquids.at(-1)?.id ?? '');
  const [stages, setStages] = useState(seed?.stages ?? 3);
  const [reflux, setReflux] = useState(seed?.reflux ?? 3);
  const [torr, setTorr] = useState(760);
  const [emergent, setEmergent] = useState(0);
  const [filling, setFilling] = useState<keyof typeof stemConstants>('spirit');
  const [lighter_mL, setLighter] = useState(seed?.lighter_mL ?? 25);
  const [heavier_mL, setHeavier] = useState(seed?.heavier_mL ?? 25);
  const chosen = [first, second].map((id) => liquids.find((one) => one.id === id));
  const [lighter, heavier] = chosen.sort((a, b) => (a?.boils_C ?? 0) - (b?.boils_C ?? 0));
  const [low, setLow] = useState<number | undefined>(seed?.limits_C[0]);
  const [high, setHigh] = useState<number | undefined>(seed?.limits_C.at(-1));
  if (!lighter || !heavier || lighter.id === heavier.id)
    return <p className="muted">Choose two liquids whose vapour pressures are known (Antoine constants).</p>;
  const why = notIdeal(kindOf(lighter.substance), kindOf(heavier.substance));
  const limits = [low ?? Math.round(lighter.boils_C) + 4, high ?? Math.round(heavier.boils_C) - 4].sort(
    (a, b) => a - b,
  );
  const choices = liquids.map(({ id, name, boils_C }) => ({ value: id, label: `${name}, ${says.degrees(boils_C)}` }));
  return (
    <>
      <div className="explore-dials">
        <SelectField label="One liquid" value={first} options={choices} onChange={setFirst} disabled={false} />
        <SelectField label="The other" value={second} options={choices} onChange={setSecond} disabled={false} />
        <Dial
          label={`${lighter.name}`}
          unit="mL"
          value={lighter_mL}
          low={1}
          high={500}
          step={0.5}
          change={setLighter}
        />
        <Dial
          label={`${heavier.name}`}
          unit="mL"
          value={heavier_mL}
          low={1}
          high={500}
          step={0.5}
          change={setHeavier}
        />
        <Dial
          label="Stages, the pot being one"
          unit=""
          value={stages}
          low={1}
          high={15}
          step={1}
          change={(value) => setStages(Math.round(value))}
        />
        <Dial label="Reflux ratio" unit="" value={reflux} low={0} high={20} step={0.5} change={setReflux} />
        <Dial label="Pressure" unit="torr" value={torr} low={20} high={800} step={1} change={setTorr} />
        <Dial
          label="First receiver until"
          unit="°C"
          value={limits[0] ?? 0}
          low={0}
          high={250}
          step={0.5}
          change={setLow}
        />
        <Dial
          label="Last receiver from"
          unit="°C"
          value={limits[1] ?? 0}
          low={0}
          high={250}
          step={0.5}
          change={setHigh}
        />
        <SelectField
          label="Thermometer"
          value={filling}
          options={Object.keys(stemConstants).map((one) => ({ value: one, label: one }))}
          onChange={(one) => setFilling(one as keyof typeof stemConstants)}
          disabled={false}
        />
        <Dial
          label="Thread out of the vapour"
          unit="degrees"
          value={emergent}
          low={0}
          high={200}
          step={5}
          change={setEmergent}
        />
      </div>
      {why !== undefined ? (
        <div className="explore-answer">
          <p role="alert">{why}: no curve of this simple model holds.</p>
        </div>
      ) : (
        <Run
          thermometer={{ emergent, filling, stem: room_C }}
          lighter={lighter}
          heavier={heavier}
          question={{
            pair: { lighter: lighter.liquid, heavier: heavier.liquid },
            lighter_mL,
            heavier_mL,
            stages,
            reflux,
            torr,
            limits_C: limits,
          }}
        />
      )}
    </>
  );
}

function Run({
  lighter,
  heavier,
  question,
  thermometer,
}: {
  readonly thermometer: Thermometer;
  readonly lighter: Named;
  readonly heavier: Named;
  readonly question: Parameters<typeof useDistillation>[0];
}) {
  const run = useDistillation(question);
  return (
    <div className="explore-answer" aria-busy={run.is === 'running'}>
      {run.is === 'running' && (
        <div className="explore-progress">
          <ProgressBar now={run.done * 100} aria-label="Distilling" />
          <Button variant="quiet" size="sm" onClick={run.cancel}>
            Cancel
          </Button>
        </div>
      )}
      {run.is === 'cancelled' && (
        <p className="muted">
          Cancelled.{' '}
          <Button variant="line" size="sm" onClick={run.again}>
            Distil again
          </Button>
        </p>
      )}
      {run.is === 'refused' && <p role="alert">That cannot be distilled: {run.why}.</p>}
      {run.is === 'answered' && (
        <Answer answer={run.answer} lighter={lighter} heavier={heavier} question={question} thermometer={thermometer} />
      )}
    </div>
  );
}

function Answer({
  answer,
  lighter,
  heavier,
  question: { limits_C, stages },
  thermometer,
}: {
  readonly thermometer: Thermometer;
  readonly answer: DistillationAnswer;
  readonly lighter: Named;
  readonly heavier: Named;
  readonly question: Parameters<typeof useDistillation>[0];
}) {
  const [head] = answer.curve;
  const line = (points: DistillationAnswer['curve']) =>
    points.map(({ volume_mL, head_C }) => ({ x: volume_mL, y: head_C }));
  const [first, last] = [answer.cuts[0], answer.cuts.at(-1)];
  return (
    <>
      <p className="explore-says">
        The first drop comes at <strong>{says.degrees(head?.head_C ?? NaN)}</strong>. Receiver 1 wins{' '}
        {says.share(first?.recovery.lighter ?? 0)} of the {lighter.name.toLowerCase()}, the last one{' '}
        {says.share(last?.recovery.heavier ?? 0)} of the {heavier.name.toLowerCase()}.
      </p>
      {thermometer.emergent > 0 && (
        <p>
          A {thermometer.filling} thermometer with {says.number(thermometer.emergent)} degrees of its thread out of the
          vapour would show <strong>{says.degrees(readingOf(head?.head_C ?? NaN, thermometer))}</strong> there and{' '}
          {says.degrees(readingOf(answer.curve.at(-1)?.head_C ?? NaN, thermometer))} at the end: it reads low.
        </p>
      )}
      <LinePlot
        label={`Head temperature from ${says.degrees(head?.head_C ?? NaN)} to ${says.degrees(answer.curve.at(-1)?.head_C ?? NaN)} over the distillate`}
        x="distillate, mL"
        xFrom={0}
        y="head, °C"
        yFrom="auto"
        series={[
          { name: `${stages} ${stages === 1 ? 'stage' : 'stages'}`, points: line(answer.curve) },
          { name: 'without a column', points: line(answer.simple), dashed: true },
        ]}
        levels={limits_C.map((limit) => ({ y: limit, says: says.degrees(limit) }))}
      />
      <table className="results-table explore-cuts">
        <thead>
          <tr>
            <th scope="col">Receiver</th>
            <th scope="col">Volume</th>
            <th scope="col">{lighter.name}, mole fraction</th>
            <th scope="col">of all {lighter.name.toLowerCase()}</th>
            <th scope="col">of all {heavier.name.toLowerCase()}</th>
          </tr>
        </thead>
        <tbody>
          {answer.cuts.map(({ volume_mL, lighter: x, recovery }, i) => (
            <tr key={limits_C[i] ?? 'last'}>
              <th scope="row">
                {i + 1}:{' '}
                {i === 0
                  ? `below ${limits_C[0]}`
                  : i === limits_C.length
                    ? `above ${limits_C[i - 1]}`
                    : `${limits_C[i - 1]}–${limits_C[i]}`}
                {'\u202f'}°C
              </th>
              <td>{says.mL(volume_mL)}</td>
              <td>{volume_mL > 0.005 ? says.share(x) : '—'}</td>
              <td>{says.share(recovery.lighter)}</td>
              <td>{says.share(recovery.heavier)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <LinePlot
        label="What is won in the outer receivers, by number of stages"
        x="stages"
        y="won, %"
        series={[
          {
            name: `${lighter.name} in receiver 1`,
            dotted: true,
            points: answer.byStages.map((at) => ({ x: at.stages, y: at.lighter * 100 })),
          },
          {
            name: `${heavier.name} in the last`,
            dotted: true,
            points: answer.byStages.map((at) => ({ x: at.stages, y: at.heavier * 100 })),
            dashed: true,
          },
        ]}
        marks={[{ x: Math.min(stages, 12), says: 'chosen' }]}
      />
      <p className="explore-how">
        Raoult’s law with Antoine’s equation; ideal stages, constant reflux, a total condenser (one stage: Rayleigh). No
        azeotropes, no heat loss: the stages are what a column does in practice, not its length.
      </p>
    </>
  );
}

type Thermometer = Parameters<typeof stemCorrection>[1];

/** The reading whose stem correction leads to the true temperature. */
function readingOf(true_C: number, thermometer: Thermometer): number {
  const lack = (reading: number) => reading + stemCorrection(reading, thermometer) - true_C;
  return Number.isFinite(true_C) ? findRoot(lack, -200, true_C + 1, 1e-6) : NaN;
}

function liquidOf(substance: Substance): readonly Named[] {
  const { id, name, formula, density, antoine } = substance;
  const M = formula === undefined ? undefined : molarMass(formula);
  if (!antoine || !density || !M?.ok) return [];
  const boils_C = boilingTemperature(antoine);
  return [{ id, name, boils_C, substance, liquid: { antoine, density: Number(density.digits), M: M.value.q.value } }];
}
