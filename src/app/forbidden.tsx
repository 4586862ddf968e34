import { MessagePage } from '@/components/MessagePage';

export default function Forbidden() {
  return (
    <MessagePage
      title="Not open to your role"
      text="You are signed in, but this page belongs to somebody else's work."
      action={{ href: '/', label: 'Go to your own start' }}
    />
  );
}
