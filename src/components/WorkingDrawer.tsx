'use client';
import { createContext, useContext, useMemo, useState } from 'react';
import Offcanvas from 'react-bootstrap/Offcanvas';
import { formatDigits } from '@/core/quantity/format';
import { lossDigits, withUncertainty } from '@/core/quantity/withUncertainty';
import { WorkingPanel } from './WorkingPanel';
import type { Named } from './WorkingPanel';
import type { Worked } from '@/core/quantity/worked';
import type { ReactNode } from 'react';

interface Opened {
  readonly worked: Worked;
  readonly title: string;
  readonly doc: Named;
  readonly entryWords?: (id: string) => string | undefined;
  readonly assumptionWords?: (id: string) => string | undefined;
}

const DrawerContext = createContext<((opened: Opened) => void) | undefined>(undefined);

type RecordSource = Omit<Opened, 'worked' | 'title'>;
const RecordContext = createContext<RecordSource | undefined>(undefined);

/** Whose readings the numbers inside rest on: their working can then name the entries. */
export function WorkingSource({
  doc,
  entryWords,
  assumptionWords,
  children,
}: RecordSource & { readonly children: ReactNode }) {
  const value = useMemo(
    () => ({ doc, ...(entryWords ? { entryWords } : {}), ...(assumptionWords ? { assumptionWords } : {}) }),
    [doc, entryWords, assumptionWords],
  );
  return <RecordContext.Provider value={value}>{children}</RecordContext.Provider>;
}

/** Lets every number below it open its working in a drawer at the side. */
export function WorkingDrawer({ children }: { readonly children: ReactNode }) {
  const [opened, setOpened] = useState<Opened | undefined>(undefined);
  return (
    <DrawerContext.Provider value={setOpened}>
      {children}
      <Offcanvas
        show={opened !== undefined}
        onHide={() => setOpened(undefined)}
        placement="end"
        className="working-drawer"
        aria-labelledby="working-title"
      >
        <Offcanvas.Header closeButton>
          <Offcanvas.Title id="working-title" as="h2">
            {opened?.title}
          </Offcanvas.Title>
        </Offcanvas.Header>
        <Offcanvas.Body>{opened && <WorkingPanel {...opened} />}</Offcanvas.Body>
      </Offcanvas>
    </DrawerContext.Provider>
  );
}

/** A number with its unit; tapping it opens the working. Stands inside a WorkingDrawer and a WorkingSource. */
export function WorkedNumber({
  worked,
  label,
  uncertain = false,
  bare = false,
  loss = false,
}: {
  readonly worked: Worked;
  readonly label: string;
  /** Print ± beside it. */
  readonly uncertain?: boolean;
  /** Leave the unit to the number after it. */
  readonly bare?: boolean;
  /** A loss: to a hundredth of a gram, and "< 0.01" below. */
  readonly loss?: boolean;
}) {
  const open = useContext(DrawerContext);
  const source = useContext(RecordContext);
  if (!open || !source) throw new Error('WorkedNumber needs a WorkingDrawer and a WorkingSource above it.');
  const shown = uncertain
    ? withUncertainty(worked)
    : { digits: formatDigits(worked.q, worked.unit, { figures: worked.figures }) };
  const digits = loss && worked.unit === 'g' ? lossDigits(worked.q.value) : shown.digits;
  const u = 'u' in shown ? shown.u : undefined;
  return (
    <button
      type="button"
      className="worked worked-number"
      aria-label={`${label}: ${digits} ${worked.unit}. Show the working`}
      onClick={() => open({ worked, title: label, ...source })}
    >
      <span className="num">{digits}</span>
      {u !== undefined && <span className="num muted">±{u}</span>}
      {worked.unit !== '' && !bare && <span className="unit">{worked.unit}</span>}
    </button>
  );
}

/** A range of two numbers of one kind, each opening its own working. */
export function WorkedRange({
  low,
  high,
  label,
}: {
  readonly low: Worked;
  readonly high: Worked;
  readonly label: string;
}) {
  return (
    <span className="worked-range">
      <WorkedNumber worked={low} label={`${label}, lower end`} bare />–
      <WorkedNumber worked={high} label={`${label}, upper end`} />
    </span>
  );
}
