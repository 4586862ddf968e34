import { notFound } from 'next/navigation';
import { enterPage, orNotFound } from '@/server/page';
import { SheetPage as Paper } from '@/features/print/SheetPage';
import { sheetIds } from '@/core/sheet/sheets';
import { sheetSource } from '@/server/sheetSource';

export const metadata = { title: 'Sheet' };

export default async function SheetPage({ params }: { readonly params: Promise<{ id: string; sheet: string }> }) {
  const identity = await enterPage('PAGE /preparations/[id]/sheets/[sheet]', params);
  const { id, sheet } = await params;
  const found = sheetIds.find((one) => one === sheet);
  if (!found) notFound();
  return <Paper identity={identity} sheet={found} {...await orNotFound(sheetSource(id))} />;
}
