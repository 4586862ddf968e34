import { RosterScreen } from '@/features/roster/RosterScreen';
import { enterPage, orNotFound } from '@/server/page';
import { readRoster } from '@/server/roster';

export const metadata = { title: 'Roster' };

export default async function RosterPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /classes/[id]/roster', params);
  const { id } = await params;
  return <RosterScreen key={id} identity={identity} first={await orNotFound(readRoster(id))} />;
}
