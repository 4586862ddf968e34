'use client';
import { Opening } from '@/components/Opening';
import dynamic from 'next/dynamic';
import type { ComponentProps } from 'react';
import type { PreparationList } from './PreparationList';

const Painted = dynamic(() => import('./PreparationList').then(({ PreparationList }) => PreparationList), {
  ssr: false,
  loading: () => <Opening says="Opening the library…" />,
});

/** The library of preparations, painted by the browser. */
export function PreparationPage(props: ComponentProps<typeof PreparationList>) {
  return <Painted {...props} />;
}
