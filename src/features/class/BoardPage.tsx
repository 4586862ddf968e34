'use client';
import { Opening } from '@/components/Opening';
import dynamic from 'next/dynamic';
import { FirstBoard } from '@/components/record/FirstBoard';
import type { Identity } from '@/core/identity';

// The states of all benches are worked out where they are looked at: on the server everybody else would wait for them.
const BoardScreen = dynamic(() => import('./BoardScreen').then(({ BoardScreen: screen }) => screen), {
  ssr: false,
  loading: () => <Opening says="Opening the class…" />,
});

/** The board of a class, painted by the browser. */
export function BoardPage({ identity, classId }: { readonly identity: Identity; readonly classId: string }) {
  return (
    <FirstBoard classId={classId} waiting="Opening the class…">
      {(first) => <BoardScreen identity={identity} first={first} />}
    </FirstBoard>
  );
}
