/** Sets dark before the first paint when the system asks for it and nobody has chosen. */
export function ThemeScript() {
  const code = "if(matchMedia('(prefers-color-scheme: dark)').matches)document.documentElement.dataset.bsTheme='dark'";
  return <script dangerouslySetInnerHTML={{ __html: code }} />;
}
