import type { HandoutItem } from '@/core/handout/handoutJson';

/** What a person reads in a handout. */
export interface Expected {
  readonly amounts: readonly {
    readonly value: number;
    readonly unit: string;
    readonly times: number;
    /** Names that are right. */
    readonly substances: readonly string[];
  }[];
  /** In order; several names where more than one is right. */
  readonly operations: readonly (readonly string[])[];
}

/** Reads the lines of a `.expected` file. */
export function expectedOf(file: string): Expected {
  const [amounts = '', operations = ''] = file.replace(/^amounts\n/, '').split('\noperations\n');
  return {
    amounts: amounts
      .trim()
      .split('\n')
      .map((line) => {
        const [, times = '1', value = '', unit = '', names = ''] = /^(?:(\d+)x)?([\d.]+) (\S+) (.*)$/.exec(line) ?? [];
        return { times: Number(times), value: Number(value), unit, substances: names.split('|') };
      }),
    operations: operations
      .trim()
      .split(/\s+/)
      .map((names) => names.split('|')),
  };
}

/** How a reading compares with what a person reads. */
export interface Score {
  readonly amounts: number;
  readonly amountsRight: number;
  /** Amounts that nobody wrote and that are not asked about. */
  readonly wrong: readonly string[];
  readonly operations: number;
  readonly operationsRight: number;
}

/** Compares a reading with what is expected: each amount once, operations by their longest common order. */
export function scored(items: readonly HandoutItem[], expected: Expected): Score {
  const left = items.flatMap(({ amounts, confirm }) =>
    amounts.map((one) => ({ ...one, asked: confirm.some(({ start, end }) => start < one.end && end > one.start) })),
  );
  let right = 0;
  for (const { value, unit, times, substances } of expected.amounts) {
    const at = left.findIndex(
      (one) =>
        one.value === value &&
        one.unit === unit &&
        (one.times ?? 1) === times &&
        substances.some((name) => alike(name, one.substance)),
    );
    if (at < 0) continue;
    right += 1;
    left.splice(at, 1);
  }
  return {
    amounts: expected.amounts.length,
    amountsRight: right,
    wrong: left
      .filter(({ asked }) => !asked)
      .map(({ value, unit, substance }) => `${String(value)} ${unit} ${substance ?? ''}`),
    operations: expected.operations.length,
    operationsRight: inOrder(
      expected.operations,
      items.flatMap(({ operation }) => operation ?? []),
    ),
  };
}

const alike = (name: string, read: string | undefined) => {
  const [a, b] = [name.toLowerCase(), (read ?? '').toLowerCase()];
  return b !== '' && (b.includes(a) || a.includes(b));
};

function inOrder(wanted: readonly (readonly string[])[], got: readonly string[]): number {
  let row = Array.from({ length: got.length + 1 }, () => 0);
  for (const names of wanted) {
    const next = [0];
    for (const [j, name] of got.entries())
      next.push(names.includes(name) ? (row[j] ?? 0) + 1 : Math.max(row[j + 1] ?? 0, next[j] ?? 0));
    row = next;
  }
  return row[got.length] ?? 0;
}

/** All scores as one. */
export const totals = (scores: readonly Score[]) => ({
  amounts: sum(scores.map((one) => one.amounts)),
  amountsRight: sum(scores.map((one) => one.amountsRight)),
  operations: sum(scores.map((one) => one.operations)),
  operationsRight: sum(scores.map((one) => one.operationsRight)),
});
const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);
