'use client';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { api, ApiError } from '@/api/client';
import { Icon } from '@/components/Icon';
import { useFileField } from '@/components/fields/useFileField';
import { largestFile } from '@/core/formats/limits';
import type { FileFault } from '@/core/formats/limits';

type Problem = { readonly name: string; readonly says: string; readonly faults: readonly FileFault[] };

/** Takes a preparation's file by dropping or choosing it; a refusal names each line and reason. */
export function ImportFile() {
  const router = useRouter();
  const id = useId();
  const [over, setOver] = useState(false);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<Problem | undefined>(undefined);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setProblem(undefined);
    if (file.size > 4 * largestFile)
      return setProblem({
        name: file.name,
        says: `The file is larger than ${largestFile / 1e6} MB. Nothing was stored.`,
        faults: [],
      });
    setBusy(true);
    try {
      const made = await api.createPreparation(await file.text());
      router.push(`/preparations/${made.id}`);
    } catch (error) {
      const known = error instanceof ApiError ? error : undefined;
      setProblem({
        name: file.name,
        says: known?.message ?? 'The file could not be read. Nothing was stored.',
        faults: (known?.details as readonly FileFault[] | undefined) ?? [],
      });
      setBusy(false);
    }
  };
  const field = useFileField((file) => void take(file));
  return (
    <section aria-label="Import">
      <label
        htmlFor={id}
        className={`drop ${over ? 'drop-over' : ''}`}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(event) => {
          event.preventDefault();
          setOver(false);
          void take(event.dataTransfer.files[0]);
        }}
      >
        <Icon name="upload" />
        <strong>{busy ? 'Reading …' : 'Bring in a preparation from a file'}</strong>
        <span>Drop a .json file here, or choose one.</span>
        <input {...field} id={id} accept="application/json,.json" className="visually-hidden" disabled={busy} />
      </label>
      {problem && (
        <div className="refusal" role="alert">
          <h2>{problem.name}</h2>
          <p>{problem.says}</p>
          <ul>
            {problem.faults.map((fault, i) => (
              <li key={i}>
                <span className="num">line {fault.line}</span> {fault.path && <code>{fault.path}</code>} {fault.reason}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
