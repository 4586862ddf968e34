'use client';
import { Opening } from '@/components/Opening';
import dynamic from 'next/dynamic';
import type { ComponentProps } from 'react';
import type { SheetScreen } from './SheetScreen';

// Worked out where it is looked at: on the server everybody else would wait for it.
const Painted = dynamic(() => import('./SheetScreen').then(({ SheetScreen }) => SheetScreen), {
  ssr: false,
  loading: () => <Opening says="Opening the sheet…" />,
});

/** A sheet on screen, painted by the browser. */
export function SheetPage(props: ComponentProps<typeof SheetScreen>) {
  return <Painted {...props} />;
}
