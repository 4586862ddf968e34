import { HandoutScreen } from '@/features/handout/HandoutScreen';
import { enterPage } from '@/server/page';

export const metadata = { title: 'From a handout' };

export default async function HandoutPage() {
  return <HandoutScreen identity={await enterPage('PAGE /preparations/handout')} />;
}
