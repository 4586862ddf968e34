const shortest = 10;
const longest = 200;

/**
 * Why a password is not taken, in words; nothing when it is. Length is what counts; what everybody would try first is refused.
 *
 * @example passwordFault('short', 'A. Reed') // → 'A password has at least 10 characters.'
 * Source: NIST SP 800-63B, 5.1.1.2 (length before composition, no obvious values).
 */
export function passwordFault(password: string, name: string): string | undefined {
  if (password.length < shortest) return `A password has at least ${shortest} characters.`;
  if (password.length > longest) return `A password has at most ${longest} characters.`;
  const bare = password.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
  if (new Set(bare).size < 4) return 'This password is too easy to guess: use more different characters.';
  const own = name.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
  if ((own.length > 3 && bare.includes(own)) || bare.includes('mozle')) return 'A password must not hold the name.';
  if (/^(?:0?123456789\d*|qwertyuiop\w*|password\d*)$/.test(bare))
    return 'This password is among the first to be tried.';
  return undefined;
}
