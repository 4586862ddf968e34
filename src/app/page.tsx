import { redirect } from 'next/navigation';
import { homeOf } from '@/server/page';
import { currentIdentity } from '@/server/sessions';

export default async function Home() {
  redirect(homeOf(await currentIdentity()));
}
