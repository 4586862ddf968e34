'use client';
import useSWR from 'swr';
import { api, ApiError } from '@/api/client';

/** A drawn structure from SMILES; says so when it cannot be drawn. */
export function Structure({ smiles, name }: { readonly smiles: string; readonly name: string }) {
  const { data, error } = useSWR(['structure', smiles], () => api.structure(smiles), {
    revalidateOnFocus: false,
    revalidateIfStale: false,
  });
  // What is busy is asked again by itself.
  if (error instanceof ApiError && error.code === 'badRequest')
    return <span className="structure-missing">no drawing: the SMILES cannot be read</span>;
  if (!data) return <span className="structure-missing" aria-busy="true" />;
  // The drawing is made by the server's structure package from parsed atoms and bonds, never from the text itself.
  return (
    <span
      className="structure"
      role="img"
      aria-label={`Structure of ${name}`}
      dangerouslySetInnerHTML={{ __html: data.svg }}
    />
  );
}
