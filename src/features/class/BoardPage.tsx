'use client';
import dynamic from 'next/dynamic';
import type { ClassBoard } from '@/core/people/class';
import type { Identity } from '@/core/people/identity';

// The states of all benches are worked out where they are looked at: on the server everybody else would wait for them.
const BoardScreen = dynamic(() => import('./BoardScreen').then(({ BoardScreen: screen }) => screen), {
  ssr: false,
  loading: () => <p className="muted page">Opening the class…</p>,
});

/** The board of a class, painted by the browser. */
export function BoardPage(props: { readonly identity: Identity; readonly first: ClassBoard }) {
  return <BoardScreen {...props} />;
}
