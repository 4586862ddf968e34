'use client';
import { Opening } from '@/components/Opening';
import dynamic from 'next/dynamic';
import type { ComponentProps } from 'react';
import type { HazardSheet } from './HazardSheet';

// Worked out where it is looked at: on the server everybody else would wait for it.
const Painted = dynamic(() => import('./HazardSheet').then(({ HazardSheet }) => HazardSheet), {
  ssr: false,
  loading: () => <Opening says="Opening the hazard sheet…" />,
});

/** A hazard sheet, painted by the browser. */
export function HazardPage(props: ComponentProps<typeof HazardSheet>) {
  return <Painted {...props} />;
}
