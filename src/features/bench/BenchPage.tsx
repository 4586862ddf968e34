'use client';
import { Opening } from '@/components/Opening';
import dynamic from 'next/dynamic';
import type { BenchStart } from '@/components/record/benchStart';

// Worked out where it is looked at: on the server everybody else would wait for it.
const Painted = dynamic(() => import('./BenchScreen').then(({ BenchScreen }) => BenchScreen), {
  ssr: false,
  loading: () => <Opening says="Opening the bench…" />,
});

/** A bench, painted by the browser. */
export function BenchPage(props: BenchStart) {
  return <Painted {...props} />;
}
