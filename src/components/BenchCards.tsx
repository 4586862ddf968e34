'use client';
import { toString as drawCode } from 'qrcode';
import useSWR from 'swr';
import type { IssuedClass } from '@/core/people/class';

/** One card a bench: join code, PIN, and a code for the tablet's camera that fills in everything but the PIN. */
export function BenchCards({ name: className, joinCode, benches }: Pick<IssuedClass, 'name' | 'joinCode' | 'benches'>) {
  return (
    <>
      <p className="banner banner-note">The PINs are shown this once and stored only as hashes. Print the cards now.</p>
      <ul className="bench-cards">
        {benches.map(({ name, pin }) => (
          <li key={name}>
            <div>
              <h3>{name}</h3>
              <p>{className}</p>
              <dl>
                <dt>Join code</dt>
                <dd className="num">{joinCode}</dd>
                <dt>PIN</dt>
                <dd className="num">{pin}</dd>
              </dl>
            </div>
            <JoinCode joinCode={joinCode} bench={name} />
          </li>
        ))}
      </ul>
    </>
  );
}

function JoinCode({ joinCode, bench }: { readonly joinCode: string; readonly bench: string }) {
  const address = `${window.location.origin}/sign-in?code=${joinCode}&bench=${encodeURIComponent(bench)}`;
  const { data } = useSWR(['code', address], () => drawCode(address, { type: 'svg', margin: 1 }), {
    revalidateOnFocus: false,
  });
  return (
    <span
      className="join-code"
      role="img"
      aria-label={`Code that opens ${address}`}
      dangerouslySetInnerHTML={{ __html: data ?? '' }}
    />
  );
}
