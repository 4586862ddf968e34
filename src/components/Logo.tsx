/** The mark: bars of different reach and the plumb line that the shortest drops. */
export function Logo({ size = 28 }: { readonly size?: number }) {
  return (
    <svg className="mozle-mark" width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
      <g fill="currentColor">
        <rect x="4" y="5" width="24" height="5" rx="1.5" opacity="0.4" />
        <rect x="4" y="12.500" width="13" height="5" rx="1.5" />
        <rect x="4" y="20" width="18" height="5" rx="1.5" opacity="0.4" />
      </g>
      <path d="M17 2v22" stroke="var(--plumb)" strokeWidth="1.7" />
      <path d="M17 23l2.800 3.700-2.800 3.800-2.800-3.800z" fill="var(--plumb)" />
    </svg>
  );
}
