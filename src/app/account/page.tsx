import { AccountScreen } from '@/features/account/AccountScreen';
import { enterPage } from '@/server/page';

export const metadata = { title: 'Your account' };

export default async function AccountPage() {
  return <AccountScreen identity={await enterPage('PAGE /account')} />;
}
