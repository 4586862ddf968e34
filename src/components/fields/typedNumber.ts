/**
 * A plain decimal as typed, with either minus sign; nothing for what is none.
 *
 * @example [typedNumber('-2.5'), typedNumber('2,5'), typedNumber('')] // → [-2.5, undefined, undefined]
 */
export function typedNumber(text: string): number | undefined {
  const plain = text.trim().replace('−', '-');
  return /^-?(\d+(\.\d*)?|\.\d+)$/.test(plain) ? Number(plain) : undefined;
}
