'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { api, ApiError } from '@/api/client';
import { Formula } from '@/components/Formula';
import { Icon } from '@/components/Icon';
import { useFileField } from '@/components/useFileField';
import { idFrom, problemOf } from './editing';
import { largestFile } from '@/core/formats/limits';
import { unfitAgents } from '@/core/reference/dryingAgents';
import type { EntrySummary } from '@/core/reference/search';
import type { StructureCandidate } from '@/core/reference/candidate';

type Good = Extract<StructureCandidate, { readonly ok: true }>;

/** Takes a MOL file, an SDF or a list of SMILES; good lines are offered, bad ones refused with their reason. */
export function ImportStructures({ entries }: { readonly entries: readonly EntrySummary[] }) {
  const router = useRouter();
  const id = useId();
  const [found, setFound] = useState<readonly StructureCandidate[] | undefined>(undefined);
  const [names, setNames] = useState<Readonly<Record<number, string>>>({});
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [says, setSays] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const taken = new Set(entries.map((one) => one.id));
  const take = async (text: string) => {
    setBusy(true);
    setSays(undefined);
    try {
      const candidates = await api.readStructures(text);
      setFound(candidates);
      setNames({});
      setLeft(new Set(candidates.filter((one) => one.ok && one.same !== undefined).map(({ line }) => line)));
      if (candidates.length === 0) setSays('There is no structure in it.');
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'This could not be read.');
    } finally {
      setBusy(false);
    }
  };
  const field = useFileField((file) => {
    if (file.size > largestFile) setSays(`The file is larger than ${largestFile / 1e6} MB.`);
    else void file.text().then(take);
  });
  const good = (found ?? []).filter((one): one is Good => one.ok);
  const bad = (found ?? []).filter((one) => !one.ok);
  const nameOf = (one: Good) => (names[one.line] ?? one.name).trim();
  const chosen = good.filter(({ line }) => !left.has(line));
  const faultOf = (one: Good) => {
    if (left.has(one.line)) return undefined;
    const name = nameOf(one);
    if (name === '') return 'needs a name';
    const twice = chosen.some((other) => other !== one && idFrom(nameOf(other)) === idFrom(name));
    return twice || taken.has(idFrom(name)) ? 'this name is taken' : undefined;
  };
  const store = async () => {
    setBusy(true);
    const kept: number[] = [];
    try {
      for (const one of chosen) {
        const { smiles, formula, groups } = one;
        const entry = {
          id: idFrom(nameOf(one)),
          name: nameOf(one),
          synonyms: [],
          formula,
          smiles,
          groups,
          values: {},
          notDriedWith: unfitAgents(groups),
        };
        await api.saveReference({ kind: 'substance', base: 0, fresh: true, entry });
        kept.push(one.line);
      }
      setFound(undefined);
      setSays(
        `${kept.length} ${kept.length === 1 ? 'substance' : 'substances'} stored. Open them to add what is known.`,
      );
    } catch (error) {
      const { says: why, faults } = problemOf(error);
      setLeft((now) => new Set([...now, ...kept]));
      setSays(`${why} ${faults.map(({ reason }) => reason).join('; ')} ${kept.length} stored before.`);
    } finally {
      setBusy(false);
      router.refresh();
    }
  };
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
      {bad.length > 0 && (
        <div className="refusal" role="alert">
          <p>
            {bad.length} {bad.length === 1 ? 'line was' : 'lines were'} refused:
          </p>
          <ul>
            {bad.map((one) => (
              <li key={one.line}>
                <span className="num">line {one.line}</span> {!one.ok && one.text && <code>{one.text}</code>}{' '}
                {!one.ok && one.reason}
              </li>
            ))}
          </ul>
        </div>
      )}
      {good.length > 0 && (
        <>
          <table className="values candidates">
            <thead>
              <tr>
                <th scope="col">Take</th>
                <th scope="col">Name</th>
                <th scope="col">Formula</th>
                <th scope="col">Line</th>
              </tr>
            </thead>
            <tbody>
              {good.map((one) => (
                <tr key={one.line}>
                  <td>
                    <Form.Check
                      aria-label={`Take line ${one.line}`}
                      checked={!left.has(one.line)}
                      onChange={(event) =>
                        setLeft((now) => {
                          const next = new Set(now);
                          if (event.target.checked) next.delete(one.line);
                          else next.add(one.line);
                          return next;
                        })
                      }
                    />
                  </td>
                  <td>
                    <Form.Control
                      size="sm"
                      aria-label={`Name of line ${one.line}`}
                      value={names[one.line] ?? one.name}
                      isInvalid={faultOf(one) !== undefined}
                      onChange={(event) => setNames((now) => ({ ...now, [one.line]: event.target.value }))}
                    />
                    {faultOf(one) && <small className="typed-says">{faultOf(one)}</small>}
                    {one.same && (
                      <small>
                        here already: <Link href={`/reference/${one.same.id}`}>{one.same.name}</Link>
                      </small>
                    )}
                  </td>
                  <td>
                    <Formula text={one.formula} />
                  </td>
                  <td className="num">{one.line}</td>
                </tr>
              ))}
            </tbody>
          </table>
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
