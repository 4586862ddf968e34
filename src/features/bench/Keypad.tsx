'use client';

const keys = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'] as const;

/** Keys large enough for gloves. */
export function Keypad({ value, onChange }: { readonly value: string; readonly onChange: (value: string) => void }) {
  const press = (key: (typeof keys)[number]) => {
    if (key === '⌫') onChange(value.slice(0, -1));
    else if (key !== '.' || !value.includes('.')) onChange((value + key).slice(0, 12));
  };
  return (
    <div className="keypad" role="group" aria-label="Keypad">
      {keys.map((key) => (
        <button
          key={key}
          type="button"
          onClick={() => press(key)}
          aria-label={key === '⌫' ? 'Delete the last digit' : key === '.' ? 'Point' : key}
        >
          {key}
        </button>
      ))}
    </div>
  );
}
