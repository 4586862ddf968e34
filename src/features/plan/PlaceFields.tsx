'use client';
import { measureWith } from '@/core/editing/edit';
import { none } from './lineOptions';
import { SelectField } from '@/components/fields/SelectField';
import { wasteStreamIds, wasteStreams } from '@/core/reference/wasteStreams';
import { useLineEdit } from './useLineEdit';
import type { PlanLine } from '@/core/plan/planTypes';

/** What a line is measured with, where it goes, and as which waste it ends. */
export function PlaceFields({ line: { facts } }: { readonly line: PlanLine }) {
  const { line } = facts;
  const { plan, edit, put, off } = useLineEdit(line.id);
  const { vessels, devices } = plan.doc;
  const usual = facts.substance.substance.waste;
  return (
    <>
      <SelectField
        label="Measured with"
        disabled={off}
        value={line.device ?? ''}
        options={[
          none('no device: not rounded'),
          ...devices
            .filter(({ unit }) => unit !== '°C')
            .map(({ id, name, step, unit }) => ({ value: id, label: `${name}, reads to ${step} ${unit}` })),
        ]}
        onChange={(device) =>
          edit(`line/${line.id}/device`, (doc) =>
            measureWith(
              doc,
              line.id,
              devices.find(({ id }) => id === device),
            ),
          )
        }
      />
      <SelectField
        label="Goes into"
        disabled={off}
        value={line.vessel ?? ''}
        options={[none('no vessel named'), ...vessels.map(({ id, name }) => ({ value: id, label: name }))]}
        onChange={(vessel) => put('vessel', { vessel: vessel || undefined })}
      />
      <SelectField
        label="Ends as"
        disabled={off}
        value={line.waste ?? ''}
        options={[
          none(usual ? wasteStreams[usual].name : 'no waste stream named'),
          ...wasteStreamIds.map((id) => ({ value: id, label: wasteStreams[id].name })),
        ]}
        onChange={(waste) => put('waste', { waste: wasteStreamIds.find((one) => one === waste) })}
      />
    </>
  );
}
