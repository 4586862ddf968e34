'use client';
import { Opening } from '@/components/Opening';
import dynamic from 'next/dynamic';
import type { ComponentProps } from 'react';
import type { BenchResultsScreen } from './BenchResultsScreen';

// Worked out where it is looked at: on the server everybody else would wait for it.
const Painted = dynamic(() => import('./BenchResultsScreen').then(({ BenchResultsScreen }) => BenchResultsScreen), {
  ssr: false,
  loading: () => <Opening says="Working out the results…" />,
});

/** Results of a bench, painted by the browser. */
export function BenchResultsPage(props: ComponentProps<typeof BenchResultsScreen>) {
  return <Painted {...props} />;
}
