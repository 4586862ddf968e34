'use client';
import { Opening } from '@/components/Opening';
import dynamic from 'next/dynamic';
import type { ComponentProps } from 'react';
import type { PlanScreen } from './PlanScreen';

// Worked out where it is looked at: on the server everybody else would wait for it.
const Painted = dynamic(() => import('./PlanScreen').then(({ PlanScreen }) => PlanScreen), {
  ssr: false,
  loading: () => <Opening says="Opening the plan…" />,
});

/** A plan, painted by the browser. */
export function PlanPage(props: ComponentProps<typeof PlanScreen>) {
  return <Painted {...props} />;
}
