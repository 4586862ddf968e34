/** Sets dark before the first paint when the system asks for it and nobody has chosen. */
export function ThemeScript({ nonce }: { readonly nonce: string | undefined }) {
  const code = "if(matchMedia('(prefers-color-scheme: dark)').matches)document.documentElement.dataset.bsTheme='dark'";
  // The browser hides the nonce from scripts, so that what it renders by itself seems to differ.
  return <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: code }} />;
}
