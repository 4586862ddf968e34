'use client';
import { MessagePage } from '@/components/MessagePage';

/** Expected failures, by the code that the server tells: nothing is broken then. */
const expected: Readonly<Record<string, { readonly title: string; readonly text: string }>> = {
  tooManyRequests: {
    title: 'One moment',
    text: 'Too much was asked for at once under this name. Wait a few seconds; what was stored stays stored.',
  },
  unavailable: {
    title: 'The server is busy',
    text: 'It cannot get at its database now. Readings stay on this tablet until it can; what was stored stays stored.',
  },
};

export default function ErrorPage({
  error,
  reset,
}: {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}) {
  const known = expected[/^expected (\w+)$/.exec(error.digest ?? '')?.[1] ?? ''];
  const reference = error.digest ? ` Reference ${error.digest}.` : '';
  return (
    <MessagePage
      title={known?.title ?? 'This page broke'}
      text={known?.text ?? `Something went wrong here; what was stored stays stored.${reference}`}
      action={{ onClick: reset, label: 'Try again' }}
    />
  );
}
