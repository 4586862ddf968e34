'use client';
import { MessagePage } from '@/components/MessagePage';

export default function ErrorPage({
  error,
  reset,
}: {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}) {
  const reference = error.digest ? ` Reference ${error.digest}.` : '';
  return (
    <MessagePage
      title="This page broke"
      text={`Something went wrong here; what was stored stays stored.${reference}`}
      action={{ onClick: reset, label: 'Try again' }}
    />
  );
}
