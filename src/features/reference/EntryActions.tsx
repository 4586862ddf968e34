'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { api, ApiError } from '@/api/client';
import type { EntryPage } from '@/core/editing/entryPage';

/** Takes an own entry away, or brings the shipped values back. Asks once more before it does. */
export function EntryActions({ page, canWithdraw }: { readonly page: EntryPage; readonly canWithdraw: boolean }) {
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  const [says, setSays] = useState<string | undefined>(undefined);
  if (!page.own || !canWithdraw) return null;
  const { picked } = page;
  const id = picked.kind === 'substance' ? picked.substance.id : picked.solution.id;
  const withdraw = async () => {
    try {
      const { shipped } = await api.withdrawReference(id, page.version);
      setAsking(false);
      if (!shipped) router.push('/reference');
      router.refresh();
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'This could not be stored.');
    }
  };
  return (
    <>
      {asking ? (
        <>
          <Button variant="line" size="sm" onClick={() => void withdraw()}>
            {page.shipped ? 'Yes, the shipped values again' : 'Yes, take it away'}
          </Button>
          <Button variant="quiet" size="sm" onClick={() => setAsking(false)}>
            No
          </Button>
        </>
      ) : (
        <Button variant="quiet" size="sm" onClick={() => setAsking(true)}>
          {page.shipped ? 'Back to the shipped values' : 'Take this entry away'}
        </Button>
      )}
      {says && (
        <p className="typed-says" role="alert">
          {says}
        </p>
      )}
    </>
  );
}
