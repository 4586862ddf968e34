import { benchCharge } from './benchCharge';
import { foldRecord } from './foldRecord';
import type { BenchCharge } from './benchTypes';
import type { Entry } from './entry';
import type { Live } from './foldRecord';
import type { Preparation } from '../preparation/document';

/** What one bench needs from the demonstrator, at most one thing: the gravest. */
export interface BenchNeed {
  readonly kind: 'signature' | 'stop' | 'caution' | 'nothing';
  /** Since when, ISO 8601; absent when nothing has happened yet. */
  readonly since?: string;
}

/** A bench's record with what follows from it. */
export interface BenchState {
  readonly record: readonly Live[];
  readonly charge: BenchCharge;
  /** Name of what is measured next; absent when all is measured. */
  readonly next?: string;
  readonly measured: number;
  readonly toMeasure: number;
  readonly waiting: readonly Live[];
  readonly need: BenchNeed;
}

/** State of one bench from the issued preparation and its entries. */
export function benchState(issued: Preparation, entries: readonly Entry[]): BenchState {
  const record = foldRecord(entries);
  const charge = benchCharge(issued, record);
  const lines = charge.lines.filter(({ plan }) => plan.target);
  const next = lines.find(({ taken }) => !taken)?.plan.facts.substance.substance.name;
  const waiting = record.filter(({ asked }) => asked);
  return {
    record,
    charge,
    ...(next === undefined ? {} : { next }),
    measured: lines.filter(({ taken }) => taken).length,
    toMeasure: lines.length,
    waiting,
    need: needOf(entries, charge, waiting),
  };
}

function needOf(entries: readonly Entry[], charge: BenchCharge, waiting: readonly Live[]): BenchNeed {
  const gravest =
    charge.findings.find(({ severity }) => severity === 'stop') ??
    charge.findings.find(({ severity }) => severity === 'caution');
  const newest = (kept: readonly Entry[]) =>
    kept
      .map(({ at }) => at)
      .sort()
      .at(-1);
  const asks = entries.filter(
    ({ body }) => body.k === 'ask' && waiting.some(({ entry }) => body.targets.includes(entry.id)),
  );
  const kind =
    gravest?.severity === 'stop' ? 'stop' : waiting.length > 0 ? 'signature' : gravest ? 'caution' : 'nothing';
  const about = charge.lines.find(({ plan }) => plan.facts.line.id === gravest?.about.line);
  const read = Object.values(about?.readings ?? {}).map(({ entry }) => entry);
  const since =
    kind === 'signature' ? newest(asks) : kind === 'nothing' ? newest(entries) : (newest(read) ?? newest(entries));
  return { kind, ...(since === undefined ? {} : { since }) };
}
