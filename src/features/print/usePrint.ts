import { useEffect, useState } from 'react';
import { api, ApiError } from '@/api/client';
import type { PrintState, SheetId } from '@/core/sheet/sheets';

const lookEveryMs = 500;

/** Asks the server for a PDF, follows it until it is there, and takes it back. */
export function usePrint(sheet: SheetId, preparation: string) {
  const [print, setPrint] = useState<PrintState | undefined>(undefined);
  const [says, setSays] = useState<string | undefined>(undefined);
  const refused = (error: unknown) => {
    setPrint(undefined);
    setSays(error instanceof ApiError ? error.message : 'The sheet could not be made.');
  };
  const busy = print?.state === 'waiting' || print?.state === 'working';
  const id = print?.id;
  useEffect(() => {
    if (!busy || id === undefined) return;
    const timer = setInterval(() => void api.print(id).then(setPrint, refused), lookEveryMs);
    return () => clearInterval(timer);
  }, [busy, id]);
  return {
    print,
    says,
    begin: () => {
      setSays(undefined);
      void api.askForPrint(sheet, { kind: 'preparation', id: preparation }).then(setPrint, refused);
    },
    cancel: () => {
      if (print) void api.cancelPrint(print.id).then(() => setPrint({ ...print, state: 'cancelled' }), refused);
    },
  };
}
