'use client';
import { useState } from 'react';
import { TypedInput } from '@/components/fields/TypedInput';
import { boilingTemperature, vapourPressure } from '@/core/models/vapour/antoine';
import { format } from '@/core/quantity/format';
import { toCanonical } from '@/core/quantity/units';
import type { Antoine } from '@/core/reference/substance';

const read = (low: number, high: number, what: string) => (text: string) => {
  const digits = text.trim().replace('−', '-');
  const value = Number(digits);
  return /^-?\d{1,4}(\.\d{1,2})?$/.test(digits) && value >= low && value <= high
    ? ({ ok: true, value: digits } as const)
    : ({ ok: false, says: `${what} from ${low} to ${high}.` } as const);
};

/** Boiling at the day's pressure, and vapour pressure at a temperature, by Antoine's equation. */
export function VapourPanel({ antoine }: { readonly antoine: Antoine }) {
  const [torr, setTorr] = useState('760');
  const [warm, setWarm] = useState('25');
  const boils = boilingTemperature(antoine, Number(torr));
  const pressure = vapourPressure(antoine, Number(warm));
  const outside = (T: number) => T < antoine.low_C || T > antoine.high_C;
  return (
    <section className="card-plain entry-card vapour" aria-label="Vapour pressure">
      <h2>Vapour pressure</h2>
      <div className="vapour-row">
        <TypedInput
          label="Pressure, torr"
          inputMode="decimal"
          shown={torr}
          read={read(1, 1500, 'A pressure')}
          commit={setTorr}
        />
        <p>
          boils at{' '}
          <strong className="num">{format({ dim: 'temperature', value: boils }, '°C', { decimals: 1 })}</strong>
          {outside(boils) && <small className="caution-line"> outside the range of the constants</small>}
        </p>
      </div>
      <div className="vapour-row">
        <TypedInput
          label="Temperature, °C"
          inputMode="decimal"
          shown={warm}
          read={read(-50, 250, 'A temperature')}
          commit={setWarm}
        />
        <p>
          vapour pressure{' '}
          <strong className="num">
            {format({ dim: 'pressure', value: toCanonical(String(pressure), 'torr') }, 'torr', { figures: 3 })}
          </strong>
          {outside(Number(warm)) && <small className="caution-line"> outside the range of the constants</small>}
        </p>
      </div>
      <p className="muted num">
        log₁₀(p/torr) = {antoine.A} − {antoine.B} / (T/°C + {antoine.C}), from {antoine.low_C} to {antoine.high_C}
        {'\u202f'}°C
      </p>
    </section>
  );
}
