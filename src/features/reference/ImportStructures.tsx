'use client';
import { useId } from 'react';
import Button from 'react-bootstrap/Button';
import { CandidateTable } from './CandidateTable';
import { Icon } from '@/components/Icon';
import { RefusedLines } from './RefusedLines';
import { useEntries } from '@/components/useEntries';
import { useFileField } from '@/components/fields/useFileField';
import { useStructureImport } from './useStructureImport';

/** Takes a MOL file, an SDF or a list of SMILES; good lines are offered, bad ones refused with their reason. */
export function ImportStructures() {
  const { entries } = useEntries();
  const id = useId();
  const work = useStructureImport(entries);
  const { open, store, busy, says, good, bad, chosen, faultOf } = work;
  const field = useFileField(open);
  return (
    <section className="card-plain entry-card" aria-label="Import structures">
      <h2>Bring in structures</h2>
      <label htmlFor={id} className="drop">
        <Icon name="upload" />
        <strong>{busy ? 'Reading …' : 'A MOL file, an SDF, or a list of SMILES'}</strong>
        <span>One SMILES a line, the name after it. Nothing is stored before you have looked.</span>
        <input
          {...field}
          id={id}
          accept=".mol,.sdf,.sd,.smi,.smiles,.txt,.csv"
          className="visually-hidden"
          disabled={busy}
        />
      </label>
      {says && (
        <p className="import-says" role="status">
          {says}
        </p>
      )}
      {bad.length > 0 && <RefusedLines bad={bad} />}
      {good.length > 0 && (
        <>
          <CandidateTable {...work} />
          <Button
            disabled={busy || chosen.length === 0 || chosen.some((one) => faultOf(one) !== undefined)}
            onClick={() => void store()}
          >
            Store {chosen.length} {chosen.length === 1 ? 'substance' : 'substances'}
          </Button>
        </>
      )}
    </section>
  );
}
