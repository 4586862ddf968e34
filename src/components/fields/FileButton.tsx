'use client';
import Button from 'react-bootstrap/Button';
import { useFileField } from './useFileField';

/** A button that lets a person choose a file; the same file may be chosen again. */
export function FileButton({
  label,
  name = label,
  accept,
  variant = 'line',
  onChosen,
}: {
  readonly label: string;
  /** What the file is, for those who do not see the button. @default the label */
  readonly name?: string;
  readonly accept: string;
  readonly variant?: 'line' | 'quiet';
  readonly onChosen: (file: File) => void;
}) {
  const field = useFileField(onChosen);
  return (
    <>
      <Button variant={variant} onClick={() => field.ref.current?.click()}>
        {label}
      </Button>
      <input {...field} hidden accept={accept} aria-label={name} />
    </>
  );
}
