import { useEffect } from 'react';

/** Tells of a table that is pasted onto the page, outside of any field. */
export function usePastedTable(active: boolean, onPaste: (text: string) => void) {
  useEffect(() => {
    if (!active) return;
    const take = (event: ClipboardEvent) => {
      const text = event.clipboardData?.getData('text/plain') ?? '';
      const field =
        event.target instanceof HTMLElement && event.target.closest('input, textarea, select, [role=dialog]');
      if (field || !/\t|\n./.test(text)) return;
      event.preventDefault();
      onPaste(text);
    };
    document.addEventListener('paste', take);
    return () => document.removeEventListener('paste', take);
  }, [active, onPaste]);
}
