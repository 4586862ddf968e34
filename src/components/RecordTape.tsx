'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { ChangeEntry } from './ChangeEntry';
import { describeEntry } from '@/core/bench/describeEntry';
import { Guard } from './Guard';
import { TimeOfDay } from './TimeOfDay';
import { changeFault } from '@/core/record/mayChange';
import { timeDoubt } from '@/core/record/timeDoubt';
import { isLate, noPeriods } from '@/core/record/periods';
import { tapeRows } from './tapeRows';
import { isStored } from '@/core/record/entry';
import type { Body, FileNote } from '@/core/record/entry';
import type { BenchState } from '@/core/bench/benchState';
import type { Identity } from '@/core/identity';
import type { Live } from '@/core/record/foldRecord';
import type { Periods } from '@/core/record/periods';
import type { TapeRow } from './tapeRows';

const fewRows = 14;

/** The last entries, the newest on top: what was recorded, where it is kept, and the door to change it. */
export function RecordTape({
  state,
  identity,
  periods = noPeriods,
  since,
  onAdd,
  now,
}: {
  readonly state: BenchState;
  /** Who reads: a group changes what it wrote itself. */
  readonly identity: Identity;
  readonly periods?: Periods;
  /** When the record began, ISO 8601. */
  readonly since?: string;
  /** Absent where the record is only read. */
  readonly onAdd?: (body: Body) => void;
  readonly now?: number | undefined;
}) {
  const [changing, setChanging] = useState<Live | undefined>(undefined);
  const [all, setAll] = useState(false);
  const rows = tapeRows(state.record);
  const shown = all ? rows : rows.slice(0, fewRows);
  return (
    <section className="tape" aria-label="Record">
      <h2>Record</h2>
      {rows.length === 0 && <p className="muted">Nothing yet. Every entry appears here with who and when.</p>}
      <ol>
        {shown.map((row) => (
          <Guard
            key={row.newest.entry.id}
            of={row.newest.status}
            fallback={
              <li className="tape-void">
                <span className="tape-time num">––:––</span>
                <span className="tape-words">{row.newest.entry.author.name}: an entry that cannot be shown</span>
              </li>
            }
          >
            <TapeLine
              row={row}
              state={state}
              periods={periods}
              since={since}
              {...(onAdd && changeFault(identity, row.newest.entry) === undefined
                ? { onChange: () => setChanging(row.newest) }
                : {})}
            />
          </Guard>
        ))}
      </ol>
      {rows.length > shown.length && (
        <Button variant="line" onClick={() => setAll(true)}>
          Show all {rows.length}
        </Button>
      )}
      {onAdd && changing && (
        <ChangeEntry
          live={changing}
          identity={identity}
          words={describeEntry(changing, state.bench.doc, state.steps)}
          now={now}
          onAdd={onAdd}
          onClose={() => setChanging(undefined)}
        />
      )}
    </section>
  );
}

function TapeLine({
  row: { newest, more },
  state,
  periods,
  since,
  onChange,
}: {
  readonly row: TapeRow;
  readonly state: BenchState;
  readonly periods: Periods;
  readonly since: string | undefined;
  readonly onChange?: () => void;
}) {
  const { amount, says } = describeEntry(newest, state.bench.doc, state.steps);
  const device = newest.body.k === 'reading' ? newest.body.device : undefined;
  const deviceName = state.bench.doc.devices.find(({ id }) => id === device)?.name;
  const changeable = (newest.status === 'live' || newest.status === 'rival') && isStored(newest.entry);
  return (
    <li className={`tape-${newest.status}`}>
      <span className="tape-time num">
        <TimeOfDay at={newest.entry.at} />
      </span>
      <span className="tape-words">
        <span>
          {amount && <strong className="num">{amount}</strong>} {says}
          {more > 0 && <em> and {more} more</em>}
        </span>
        <small>
          {stateOf(newest)}
          {isLate(newest.entry, periods) && ', came in late'}
          {newest.changedBy && isLate(newest.changedBy, periods) && ', changed after the closing'}
          {doubts[timeDoubt(newest.entry, since) ?? 'none']} · {newest.entry.author.name}
          {newest.entry.author.role !== 'group' && ' for the bench'}
          {deviceName && ` · ${deviceName}`}
          {newest.reason && ` · ${newest.reason}`}
          {newest.undoneAfter_min !== undefined && `, ${newest.undoneAfter_min} min after it was stored`}
          {newest.revoked.map(({ by, at, reason }) => (
            <span key={at} className="tape-revoked">
              {' '}
              · signature taken back by {by} at <TimeOfDay at={at} />: {reason}
            </span>
          ))}
          {newest.returned && ` · returned: ${newest.returned}`}
        </small>
        {newest.body.k === 'file' && isStored(newest.entry) && <FileDoor file={newest.body} />}
      </span>
      {onChange && changeable && more === 0 && (
        <Button variant="line" onClick={onChange} aria-label={`Change ${[amount, says].filter(Boolean).join(' ')}`}>
          Change
        </Button>
      )}
    </li>
  );
}

/** A photo is shown, anything else is saved. */
function FileDoor({ file: { file, name } }: { readonly file: FileNote }) {
  const address = `/api/v1/files/${file}`;
  return (
    <a className="file-door" href={address} target="_blank" rel="noreferrer">
      {name.endsWith('.jpg') ? <img src={address} alt={`Photo ${name}`} loading="lazy" /> : `Save ${name}`}
    </a>
  );
}

const doubts = {
  none: '',
  ahead: ', its time lies ahead of the server’s',
  before: ', its time lies before the record began',
} as const;

function stateOf({ status, entry, seals, ownSeal, asked, lostSeal }: Live): string {
  if (status === 'void') return 'struck';
  if (status === 'corrected') return 'corrected';
  if (!isStored(entry)) return 'on this tablet only';
  if (seals.length > 0) return ownSeal ? 'signed by who wrote it' : 'signed';
  const kept = lostSeal ? 'stored, signature lost by the correction' : 'stored';
  return `${status === 'rival' ? 'one of two at this place, ' : ''}${kept}${asked ? ', waiting for a signature' : ''}`;
}
