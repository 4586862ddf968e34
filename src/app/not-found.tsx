import { MessagePage } from '@/components/MessagePage';

export default function NotFound() {
  return (
    <MessagePage
      title="Nothing stands here"
      text="The page was moved, or its address was typed wrongly."
      action={{ href: '/', label: 'Go to the start' }}
    />
  );
}
