import { awake } from './awake';
import { keepEarly } from './keepEarly';

/** What a person does before the page has come alive counts. */
export function EarlyScript({ nonce }: { readonly nonce: string | undefined }) {
  const code = `(${keepEarly.toString()})(${JSON.stringify(awake)})`;
  // The browser hides the nonce from scripts, so that what it renders by itself seems to differ.
  return <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: code }} />;
}
