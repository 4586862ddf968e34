'use client';
import { bottlesFor } from '@/core/waste/bottles';
import { excessText } from '@/core/waste/excessText';
import { HazardText } from '@/components/HazardText';
import { usePlanView } from '@/components/plan/planView';
import { wasteStreams } from '@/core/reference/wasteStreams';
import { WorkedCell } from '@/components/plan/WorkedCell';
import { WorkingPanel } from '@/components/WorkingPanel';
import { PoursTable } from './PoursTable';
import type { Residue } from '@/core/waste/residues';
import type { StreamPlan, WastePlan } from '@/core/waste/wastePlan';

const origins: Readonly<Record<Residue['origin'], string>> = {
  charged: '',
  unreacted: ' left over',
  formed: ' formed',
  poured: '',
};

/** What each waste stream receives, for a bench and for the class, and what must not meet in a bottle. */
export function WastePart({ waste }: { readonly waste: WastePlan }) {
  const { plan } = usePlanView();
  return (
    <>
      <table className="values waste-table">
        <thead>
          <tr>
            <th scope="col">Stream</th>
            <th scope="col">One bench</th>
            <th scope="col">Class of {plan.doc.benches}</th>
            <th scope="col">Holds</th>
          </tr>
        </thead>
        <tbody>
          {waste.streams.map((stream) => (
            <StreamRow key={stream.stream} plan={stream} />
          ))}
        </tbody>
      </table>
      {waste.findings.map((finding) => (
        <HazardText key={finding.key} finding={finding} />
      ))}
      {waste.pours.length > 0 && <PoursTable pours={waste.pours} />}
      <p className="muted">
        {waste.pours.length > 0
          ? 'As foreseen at the end of the procedure, losses on the way included; volumes taken as additive.'
          : 'At full conversion, volumes taken as additive; product that is lost on the way is not counted.'}{' '}
        Nothing goes down the drain unless local rules say so.
      </p>
    </>
  );
}

/** How many bottles of which size the class fills. */
function bottleWords(volume_mL: number): string {
  const { count, size_mL } = bottlesFor(volume_mL);
  const size = size_mL < 1000 ? `${String(size_mL)}\u00a0mL` : `${String(size_mL / 1000)}\u00a0L`;
  return count === 1 ? `one bottle of ${size}` : `${String(count)} bottles of ${size}`;
}

function StreamRow({
  plan: { stream, residues, mass, volume, classMass, classVolume, excess_mol, traces },
}: {
  readonly plan: StreamPlan;
}) {
  const { plan, open } = usePlanView();
  const { name, note } = wasteStreams[stream];
  const key = (what: string) => `waste/${stream}/${what}`;
  const cells = { volume, mass, classVolume, classMass } as const;
  const opened = Object.entries(cells).find(([what]) => open === key(what))?.[1];
  return (
    <>
      <tr>
        <th scope="row">
          {name}
          <small className="muted">{note}</small>
        </th>
        <td>
          {traces && 'traces'}
          {!traces && volume && (
            <WorkedCell id={key('volume')} worked={volume} label={`${name}, volume of one bench`} />
          )}
          {!traces && !volume && mass && (
            <WorkedCell id={key('mass')} worked={mass} label={`${name}, mass of one bench`} />
          )}
          {excess_mol !== undefined && <small className="muted">{excessText(excess_mol)}</small>}
        </td>
        <td>
          {classVolume && (
            <>
              <WorkedCell id={key('classVolume')} worked={classVolume} label={`${name}, volume of the class`} />
              {!traces && <small className="muted">{bottleWords(classVolume.q.value)}</small>}
            </>
          )}
          {!classVolume && classMass && (
            <WorkedCell id={key('classMass')} worked={classMass} label={`${name}, mass of the class`} />
          )}
        </td>
        <td className="waste-holds">
          {[...new Set(residues.map(({ substance, origin }) => `${substance.name}${origins[origin]}`))].join('; ')}
        </td>
      </tr>
      {opened && (
        <tr>
          <td colSpan={4}>
            <WorkingPanel worked={opened} doc={plan.doc} title={name} />
          </td>
        </tr>
      )}
    </>
  );
}
