/** What stands where a page is about to stand. */
export function Opening({ says }: { readonly says: string }) {
  return (
    <main className="page">
      <p className="muted" role="status">
        {says}
      </p>
    </main>
  );
}
