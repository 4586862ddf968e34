'use client';
import dynamic from 'next/dynamic';
import type { ClassBoard } from '@/core/people/class';
import type { Identity } from '@/core/people/identity';

// Results of all benches are worked out where they are looked at: on the server everybody else would wait for them.
const ClassResultsScreen = dynamic(
  () => import('./ClassResultsScreen').then(({ ClassResultsScreen: screen }) => screen),
  { ssr: false, loading: () => <p className="muted page">Working out the results…</p> },
);

/** Results of a class, painted by the browser. */
export function ClassResultsPage(props: { readonly identity: Identity; readonly first: ClassBoard }) {
  return <ClassResultsScreen {...props} />;
}
