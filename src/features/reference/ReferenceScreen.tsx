'use client';
import { EntryList } from './EntryList';
import { Shell } from '@/components/Shell';
import type { Identity } from '@/core/identity';
import type { ReactNode } from 'react';

/** The reference: everything that can be looked up at the left, what is open at the right. */
export function ReferenceScreen({
  identity,
  open,
  children,
}: {
  readonly identity: Identity;
  /** Entry whose page is open. */
  readonly open?: string;
  readonly children: ReactNode;
}) {
  return (
    <Shell identity={identity}>
      <div className={`reference ${open === undefined ? '' : 'reference-open'}`}>
        <EntryList {...(open === undefined ? {} : { open })} />
        <div className="reference-main">{children}</div>
      </div>
    </Shell>
  );
}
