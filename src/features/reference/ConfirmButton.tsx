'use client';
import { useRouter } from 'next/navigation';
import { createContext, useContext, useState } from 'react';
import { api, ApiError } from '@/api/client';
import { confirmedContent } from '@/core/reference/confirmation';
import { StandingBadge } from '@/components/StandingBadge';
import type { FieldId, ReferenceSubstance } from '@/core/reference/substance';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { Standings } from '@/core/reference/confirmation';

interface Confirming {
  readonly entry: ReferenceSubstance | ReferenceSolution;
  readonly standings: Standings;
  readonly canConfirm: boolean;
}

/** Entry whose fields the marks below are about. */
export const ConfirmContext = createContext<Confirming | undefined>(undefined);

/** The mark of a field; a coordinator confirms with it what was compared with a source, or takes that back. */
export function ConfirmButton({ field, label }: { readonly field: FieldId; readonly label: string }) {
  const context = useContext(ConfirmContext);
  if (!context) throw new Error('ConfirmButton needs a ConfirmContext above it.');
  const { entry, standings, canConfirm } = context;
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [says, setSays] = useState<string | undefined>(undefined);
  const standing = standings[field];
  const content = confirmedContent(entry, field);
  if (!standing || content === undefined) return null;
  if (!canConfirm || standing.is === 'computed') return <StandingBadge standing={standing} />;
  const confirmed = standing.is === 'confirmed';
  const toggle = async () => {
    setBusy(true);
    setSays(undefined);
    try {
      await api.confirmReference(entry.id, field, content, !confirmed);
      router.refresh();
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'This could not be stored.');
    } finally {
      setBusy(false);
    }
  };
  const doing = confirmed ? `Take back that ${label} is confirmed` : `Confirm ${label}: I compared it with a source`;
  return (
    <>
      <button
        type="button"
        className="confirm"
        disabled={busy}
        aria-label={doing}
        title={doing}
        onClick={() => void toggle()}
      >
        <StandingBadge standing={standing} />
      </button>
      {says && (
        <span className="typed-says" role="alert">
          {says}
        </span>
      )}
    </>
  );
}
