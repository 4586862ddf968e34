import 'server-only';
import { headers } from 'next/headers';
import { currentDevice } from './devices';
import type { Origin } from './identify';

/** From where the request at hand comes. The front door (bin/lib/serve.mjs) sets the address; nobody outside can. */
export async function currentOrigin(): Promise<Origin> {
  return { address: (await headers()).get('mozle-address') ?? 'unknown', device: await currentDevice() };
}
