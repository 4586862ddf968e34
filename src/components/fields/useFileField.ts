import { useRef } from 'react';

/**
 * Properties of a field for one file. The same file may be chosen again.
 *
 * @param onChosen is told of every file that is chosen
 */
export function useFileField(onChosen: (file: File) => void) {
  const field = useRef<HTMLInputElement>(null);
  const take = () => {
    const [chosen] = field.current?.files ?? [];
    if (!field.current || !chosen) return;
    field.current.value = '';
    onChosen(chosen);
  };
  return { type: 'file', ref: field, onChange: take } as const;
}
