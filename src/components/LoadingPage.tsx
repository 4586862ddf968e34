import { Mark } from './Mark';

/** Shown while a page's data are on their way. */
export function LoadingPage() {
  return (
    <main className="message-page" aria-busy="true">
      <Mark size={56} />
      <p>Loading …</p>
    </main>
  );
}
