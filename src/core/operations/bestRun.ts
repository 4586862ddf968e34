/** The run to take: the last one with a sound ramp, otherwise the last. */
export function bestRun<T extends { readonly sound: boolean }>(runs: readonly T[]): T | undefined {
  return runs.findLast(({ sound }) => sound) ?? runs.at(-1);
}
