'use client';
import { Opening } from '@/components/Opening';
import dynamic from 'next/dynamic';
import { FirstBoard } from '@/components/record/FirstBoard';
import type { Identity } from '@/core/identity';

// Results of all benches are worked out where they are looked at: on the server everybody else would wait for them.
const ClassResultsScreen = dynamic(
  () => import('./ClassResultsScreen').then(({ ClassResultsScreen: screen }) => screen),
  { ssr: false, loading: () => <Opening says="Working out the results…" /> },
);

/** Results of a class, painted by the browser. */
export function ClassResultsPage({ identity, classId }: { readonly identity: Identity; readonly classId: string }) {
  return (
    <FirstBoard classId={classId} waiting="Working out the results…">
      {(first) => <ClassResultsScreen identity={identity} first={first} />}
    </FirstBoard>
  );
}
