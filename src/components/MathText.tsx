import { Fragment } from 'react';

const piece = /([A-Za-zα-ωΑ-Ω]+)(?:_([A-Za-z0-9]+))?|[^A-Za-zα-ωΑ-Ω]+/g;
const upright = new Set(['round', 'margin', 'fill', 'eq']);

/** A formula of the catalogue as it is printed: italic symbols, lowered indices. */
export function MathText({ text }: { readonly text: string }) {
  return (
    <span className="sym">
      {[...text.matchAll(piece)].map(([whole, symbol, index], i) => (
        <Fragment key={i}>
          {symbol === undefined ? (
            <span className="up">{whole}</span>
          ) : (
            <span className={upright.has(symbol) ? 'up' : undefined}>{symbol}</span>
          )}
          {index !== undefined && <sub>{index}</sub>}
        </Fragment>
      ))}
    </span>
  );
}
