import { formatDigits } from '@/core/quantity/format';
import { WorkedNumber } from '@/components/WorkingDrawer';
import type { Loss } from '@/core/worktop/loss';
import type { ShownPlace } from './shownPlace';

/** What every vessel holds after a step, and what the step costs. */
export function ContentTable({
  title,
  places,
  traces,
  product,
  losses,
  remarks,
}: {
  readonly title: string;
  readonly places: readonly ShownPlace[];
  /** Emptied vessels to which a little clings. */
  readonly traces: readonly ShownPlace[];
  readonly product: string;
  readonly losses: readonly Loss[];
  readonly remarks: readonly string[];
}) {
  return (
    <section className="content-table" aria-label={title}>
      <h3>{title}</h3>
      <table className="values">
        <thead>
          <tr>
            <th scope="col">Vessel</th>
            <th scope="col">Layer</th>
            <th scope="col" className="r">
              mL
            </th>
            <th scope="col">Holds, g</th>
          </tr>
        </thead>
        <tbody>
          {places.flatMap(({ place, label, layers, temperature_C }) =>
            layers.map((layer, i) => (
              <tr key={`${place}/${layer.kind}`} className={place === product ? 'content-product' : undefined}>
                {i === 0 && (
                  <th scope="rowgroup" rowSpan={layers.length}>
                    {label}
                    <small className="muted">
                      {place === product ? 'the product is here · ' : ''}
                      {formatDigits({ dim: 'temperature', value: temperature_C }, '°C', { decimals: 0 })}
                      {'\u202f'}°C
                    </small>
                  </th>
                )}
                <td>{layer.name}</td>
                <td className="r num">{formatDigits({ dim: 'volume', value: layer.mL }, 'mL', { figures: 2 })}</td>
                <td>
                  {layer.parts.map(({ id, name, grams }, k) => (
                    <span key={id} className="content-part">
                      {k > 0 && ', '}
                      {name} <b className="num">{formatDigits({ dim: 'mass', value: grams }, 'g', { decimals: 2 })}</b>
                    </span>
                  ))}
                </td>
              </tr>
            )),
          )}
        </tbody>
      </table>
      {losses.length > 0 && (
        <p>
          Lost here:{' '}
          {losses.map(({ key, label, mass }, i) => (
            <span key={key}>
              {i > 0 && '; '}
              <WorkedNumber worked={mass} label={`Foreseen: ${label}`} loss /> {label}
            </span>
          ))}
        </p>
      )}
      {traces.length > 0 && (
        <p className="muted">
          Emptied, with a little that clings to it: {traces.map(({ label }) => label).join(', ')}.
        </p>
      )}
      {remarks.map((text) => (
        <p key={text} className="caution-line">
          {text}
        </p>
      ))}
      <p className="muted">
        Masses as the models foresee them, printed to a hundredth of a gram; volumes taken as additive. Ions are counted
        as the acids and bases they come from.
      </p>
    </section>
  );
}
