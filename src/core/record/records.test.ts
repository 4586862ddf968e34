import fc from 'fast-check';
import { bestOffset, keepSamples, sampleOffset } from './clock';
import { closedSince, isLate, turnFault, periodsOf, takesFrom } from './periods';
import { fileTypeOf } from './fileKinds';
import { foldRecord } from './foldRecord';
import { demonstrator, entriesOf, localOf } from '../../../tests/support/record';
import type { Body, Entry } from './entry';

const marks = (...bodies: readonly Body[]) =>
  periodsOf(foldRecord(entriesOf(bodies.map((body) => [body, demonstrator] as const))));
const close: Body = { k: 'period', to: 'closed' };
const reopen: Body = { k: 'period', to: 'reopened', reason: 'vial weighed again' };
const at = (second: number) => new Date(Date.UTC(2026, 2, 3, 13, 0, second)).toISOString();

test('a class is open until it is closed, and again after it was reopened or the next period began', () => {
  expect(closedSince(marks())).toBeUndefined();
  expect(closedSince(marks({ k: 'period', to: 'open' }))).toBeUndefined();
  expect(closedSince(marks(close))).toBe(at(0));
  expect(closedSince(marks(close, reopen))).toBeUndefined();
  expect(closedSince(marks(close, { k: 'period', to: 'open' }, close))).toBe(at(2));
});

/** A note that was made and came in so many minutes after the beginning. */
const made = (minute: number, came: number): Entry => ({
  ...(entriesOf([{ k: 'words', text: 'note' }])[0] as Entry),
  at: at(minute),
  received: at(came),
});

test('what was made before the closing comes in and is late; what was made after it does not', () => {
  const periods = marks(close);
  expect(takesFrom(periods, at(-1))).toBe(true);
  expect(takesFrom(periods, at(1))).toBe(false);
  expect(isLate(made(-1, 60), periods)).toBe(true);
  expect(isLate(made(-2, -1), periods)).toBe(false);
  // Not yet at the server: nothing is known of when it comes in.
  expect(isLate(localOf(made(-1, 60)), periods)).toBe(false);
  // After reopening, what was made before the first closing is still late, what is made now is not.
  const again = marks(close, reopen);
  expect(isLate(made(-1, 60), again)).toBe(true);
  expect(isLate(made(30, 60), again)).toBe(false);
});

test('marks follow on each other', () => {
  expect(turnFault([], close as never)).toBeUndefined();
  expect(turnFault(marks(close), close as never)).toMatch(/closed already/);
  expect(turnFault(marks(close), { to: 'reopened' })).toMatch(/Say why/);
  expect(turnFault(marks(close), reopen as never)).toBeUndefined();
  expect(turnFault([], reopen as never)).toMatch(/nothing to reopen/);
  expect(turnFault(marks(close, reopen), { to: 'open' })).toMatch(/open already/);
});

test('whatever the device’s clock says and however lopsided the way, the server’s time is within the stated error', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -86_400_000, max: 86_400_000 }),
      fc.array(fc.tuple(fc.integer({ min: 0, max: 4000 }), fc.integer({ min: 0, max: 4000 })), { minLength: 1 }),
      (skew, trips) => {
        let samples: ReturnType<typeof keepSamples> = [];
        let now = 1_000_000;
        for (const [there, back] of trips) {
          samples = keepSamples(samples, {
            asked: now + skew,
            server: now + there,
            answered: now + there + back + skew,
          });
          now += 10_000;
        }
        const best = bestOffset(samples)!;
        expect(Math.abs(best.offset + skew)).toBeLessThanOrEqual(best.within);
        expect(best.within).toBe(Math.min(...samples.map((one) => sampleOffset(one).within)));
      },
    ),
  );
});

test('a clock that was set meanwhile makes the older exchanges worthless', () => {
  const quick = { asked: 0, answered: 10, server: 5 };
  const later = { asked: 420_000 + 1000, answered: 420_000 + 1900, server: 1450 };
  expect(bestOffset(keepSamples([quick], later))?.offset).toBe(-420_000);
  expect(keepSamples([quick], { asked: 2000, answered: 2500, server: 2250 })).toHaveLength(2);
});

test('a clock that is set in the middle of an exchange spoils nothing: it halves no difference', () => {
  // Seven minutes ahead from one moment to the next, once each way.
  expect(keepSamples([], { asked: 0, answered: 420_010, server: 5 })).toEqual([]);
  const before = [{ asked: 0, answered: 10, server: 5 }];
  expect(keepSamples(before, { asked: 420_000, answered: 15, server: 12 })).toBe(before);
});

const bytes = (...parts: readonly (string | number)[]) =>
  Uint8Array.from(parts.flatMap((part) => (typeof part === 'string' ? [...new TextEncoder().encode(part)] : [part])));

test('a file is what its content says, whatever it is called', () => {
  expect(fileTypeOf(bytes(0xff, 0xd8, 0xff, 0xe0, 'JFIF'))).toBe('image/jpeg');
  expect(fileTypeOf(bytes(0x89, 'PNG', 0x0d, 0x0a, 0x1a, 0x0a))).toBe('image/png');
  expect(fileTypeOf(bytes('%PDF-1.7'))).toBe('application/pdf');
  expect(fileTypeOf(bytes('##TITLE=acetanilide\n##JCAMP-DX=4.24'))).toBe('chemical/x-jcamp-dx');
  expect(fileTypeOf(bytes('wavenumber,transmittance\r\n1700,0.12'))).toBe('text/plain');
  expect(fileTypeOf(bytes('MZ', 0, 1, 2))).toBeUndefined();
  expect(fileTypeOf(bytes(0xc3, 0x28))).toBeUndefined();
  expect(fileTypeOf(bytes())).toBeUndefined();
});
