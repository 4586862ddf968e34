import { Fragment } from 'react';
import { formulaParts } from '@/core/compound/formulaParts';

/** A chemical formula with real subscripts and charges. */
export function Formula({ text }: { readonly text: string }) {
  return (
    <span className="formula">
      {formulaParts(text).map(({ text: part, place }, i) => (
        <Fragment key={i}>{place === 'sub' ? <sub>{part}</sub> : place === 'sup' ? <sup>{part}</sup> : part}</Fragment>
      ))}
    </span>
  );
}
