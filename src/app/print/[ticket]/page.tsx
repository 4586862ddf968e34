import { notFound } from 'next/navigation';
import { enterOpenPage } from '@/server/page';
import { printOfTicket } from '@/server/prints';
import { Sheet } from '@/features/print/Sheet';
import { sheetSource } from '@/server/sheetSource';

export const metadata = { title: 'Sheet', referrer: 'no-referrer' as const };

/** What the server's own browser prints: open to whoever holds the ticket, as long as its print is being made. */
export default async function PrintPage({ params }: { readonly params: Promise<{ ticket: string }> }) {
  await enterOpenPage('PAGE /print/[ticket]');
  const { ticket } = await params;
  const job = /^[\w-]{32}$/.test(ticket) ? await printOfTicket(ticket) : undefined;
  if (!job) notFound();
  return <Sheet sheet={job.sheet} {...await sheetSource(job.of.id, job.version)} />;
}
