'use client';
import { useState } from 'react';
import { HandoutReview } from './HandoutReview';
import { HandoutSource } from './HandoutSource';
import { Shell } from '@/components/Shell';
import type { Identity } from '@/core/identity';
import type { ReadFile } from '@/core/handout/readFile';

/** From a handout to a preparation: its text is brought in, looked through beside what it becomes, and stored as a draft. */
export function HandoutScreen({ identity }: { readonly identity: Identity }) {
  const [read, setRead] = useState<ReadFile | undefined>(undefined);
  return (
    <Shell identity={identity} crumb="From a handout">
      <div className={`page handout-page ${read ? 'handout-wide' : ''}`}>
        {read ? <HandoutReview read={read} onAgain={() => setRead(undefined)} /> : <HandoutSource onRead={setRead} />}
      </div>
    </Shell>
  );
}
