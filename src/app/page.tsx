import { redirect } from 'next/navigation';
import { enterOpenPage, homeOf } from '@/server/page';

export default async function Home() {
  redirect(homeOf(await enterOpenPage('PAGE /')));
}
