'use client';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { Dial } from './Dial';
import { says } from './numbers';
import { SelectField } from '@/components/fields/SelectField';
import { treatments } from '@/core/models/washing/treatments';
import { washPlan } from '@/core/models/washing/washPlan';
import type { ExplorerProps } from './explorerProps';
import type { Impurity } from '@/core/models/washing/washPlan';

/** What may have to leave when no preparation says so, mmol. */
const usual: readonly Impurity[] = [
  { name: 'Carboxylic acid', groups: { carboxylicAcid: 1 }, mmol: 10 },
  { name: 'Mineral acid', groups: { mineralAcid: 1 }, mmol: 5 },
  { name: 'Amine', groups: { amine: 1 }, mmol: 5 },
  { name: 'Phenol', groups: { phenol: 1 }, mmol: 5 },
  { name: 'Aldehyde', groups: { aldehyde: 1 }, mmol: 5 },
  { name: 'Iodine or bromine', groups: { halogen: 1 }, mmol: 1 },
  { name: 'Hypochlorite', groups: { hypochlorite: 1 }, mmol: 2 },
  { name: 'Small alcohol', groups: { alcohol: 1 }, mmol: 20, miscible: true },
  { name: 'Salts', groups: {}, salt: true },
];

/** Impurities in, washes out: order, volumes, repeats, and why. */
export function WashExplorer({ substances, seeds }: ExplorerProps) {
  const seed = seeds.washing;
  const offered = seed ? seed.impurities : usual;
  const organic = substances.filter(({ formula, smiles }) => formula !== undefined && smiles !== undefined);
  const [product, setProduct] = useState(seed?.product ?? '');
  const [layer_mL, setLayer] = useState(seed?.layer_mL ?? 60);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set(seed ? [] : usual.slice(2).map(({ name }) => name)));
  const plan = washPlan({
    impurities: offered.filter(({ name }) => !left.has(name)),
    product: substances.find(({ id }) => id === product)?.groups ?? {},
    layer_mL,
  });
  const toggle = (name: string) =>
    setLeft((now) => new Set(now.has(name) ? [...now].filter((one) => one !== name) : [...now, name]));
  return (
    <>
      <div className="explore-dials">
        <SelectField
          label="What is kept"
          value={product}
          options={[
            { value: '', label: 'something neutral' },
            ...organic.map((one) => ({ value: one.id, label: one.name })),
          ]}
          onChange={setProduct}
          disabled={false}
        />
        <Dial label="Organic layer" unit="mL" value={layer_mL} low={1} high={1000} step={1} change={setLayer} />
        <fieldset className="explore-checks">
          <legend>What has to leave</legend>
          {offered.length === 0 && <p className="muted">The models foresee nothing in this layer but what is kept.</p>}
          {offered.map(({ name, mmol }) => (
            <Form.Check
              key={name}
              id={`wash-${name}`}
              checked={!left.has(name)}
              onChange={() => toggle(name)}
              label={mmol === undefined ? name : `${name}, ${says.number(mmol)} mmol`}
            />
          ))}
        </fieldset>
      </div>
      <div className="explore-answer">
        <p className="explore-says">
          {plan.washes.length} {plan.washes.length === 1 ? 'wash' : 'washes'}, in this order; each is kept until the
          product is weighed.
        </p>
        <ol className="explore-washes">
          {plan.washes.map(({ treatment, volume_mL, times, removes, why, cautions, gas_L }, i) => (
            <li key={`${treatment}${i}`}>
              <strong>
                {times} × {says.mL(volume_mL)} {treatments[treatment].name}
              </strong>
              <span>{removes.length > 0 ? `${removes.join(', ')}: it ${why}.` : `It ${why}.`}</span>
              {gas_L !== undefined && (
                <small className="caution-text">About {says.litres(gas_L)} of carbon dioxide.</small>
              )}
              {cautions.map((caution) => (
                <small key={caution} className="caution-text">
                  {caution}
                </small>
              ))}
            </li>
          ))}
        </ol>
        {plan.left.map(({ name, why }) => (
          <p key={name} className="explore-left">
            <strong>{name}</strong> stays: {why}.
          </p>
        ))}
        <p className="explore-how">
          Volumes are a tenth to half of the layer; a reagent is repeated until it is half as much again as the impurity
          needs. Then the test decides: no more gas, neutral paper, colourless.
        </p>
      </div>
    </>
  );
}
