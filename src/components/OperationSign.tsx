import type { OperationSign as Sign } from '@/core/operations/operation';

// Outlines in a box of 24 × 24, one stroke.
const outlines: Readonly<Record<Sign, string>> = {
  pour: 'M4 4l7 3-3 8-6-2zM11 8c3 1 4 3 4 5M10 15h10l-1 7h-8z',
  drop: 'M9 2v7l3 4 3-4V2M12 15c-1.500 2-1.500 3.500 0 3.500s1.500-1.500 0-3.500M5 22h14',
  reflux: 'M10 2h4v9h-4zM7 5h3M14 9h3M11 11v2a5 5 0 1 0 2 0v-2',
  stir: 'M9 3v7l-5 10h16l-5-10V3M9 17h6M7 3h10',
  ice: 'M4 10h16v11H4zM7 10V6h5v4M14 13h4v4h-4zM7 14h4v4H7z',
  beaker: 'M5 4v16c0 1 .6 2 2 2h10c1.400 0 2-1 2-2V4M5 12h14M9 2l6 4',
  suction: 'M4 3h16v4H4zM6 7l4 4h4l4-4M10 11v3l-4 8h12l-4-8v-3M15 15l5-1',
  crystals: 'M9 3v6L4 20c-.5 1 0 2 1 2h14c1 0 1.500-1 1-2L15 9V3M8 19l2-3 2 3zM13 19l1.500-2.500L16 19z',
  dish: 'M2 12h20c-1 5-5 7-10 7S3 17 2 12M8 9c-1-2 1-3 0-5M12 9c-1-2 1-3 0-5M16 9c-1-2 1-3 0-5',
  balance: 'M4 21h16v-6H4zM8 15v-3h8v3M6 9h12M9 18h6',
  capillary: 'M10 2v18a2 2 0 0 0 4 0V2M10 15h4M17 6v10M19 6v10',
  percent: 'M5 19L19 5M7 9.500a2.500 2.500 0 1 1 .01 0M17 19.500a2.500 2.500 0 1 1 .01 0',
  flask: 'M10 2v7a7 7 0 1 0 4 0V2M8 2h8M6 15h12',
  mortar: 'M3 12h18c0 6-4 9-9 9s-9-3-9-9M14 12l5-9',
  vial: 'M8 3h8v4H8zM7 7h10v13c0 1-.6 2-2 2H9c-1.400 0-2-1-2-2zM7 13h10',
  paper: 'M6 3h12v18H6zM6 9h12M6 15h12',
  funnel: 'M10 2v3C5 7 5 12 7 15l4 4v3M14 2v3c5 2 5 7 3 10l-4 4v3M6 11h12M9 20h6',
  grains:
    'M9 3v6L4 20c-.5 1 0 2 1 2h14c1 0 1.500-1 1-2L15 9V3M8 19h.01M11 19h.01M14 19h.01M9.500 17h.01M12.500 17h.01M16 19h.01',
  rotary: 'M3 6l8 4M11 10a5.500 5.500 0 1 1 0 9M11 10c-1 3-1 6 0 9M3 21h18M20 4a3 3 0 0 1-3 3',
  cone: 'M4 4h16l-7 9v3h-2v-3zM12 17v1M7 22v-3h10v3',
  still: 'M5 4v7a5 5 0 1 0 4 0V6l10 6M19 12v4M16 16h6v5h-6zM5 2h4',
  column: 'M9 2h4v11H9zM9 5l4 2M9 9l4 2M10 13v1a4 4 0 1 0 2 0v-1M13 4l7 4v12',
  tube: 'M7 3v15a2.500 2.500 0 0 0 5 0V3M6 3h7M7 12h5M16 6v12a2 2 0 0 0 4 0V6',
  trace: 'M3 3v18h18M5 18h4l2-11 2 11h3l1.500-5 1.500 5h2',
};

/** The small drawing of an operation; its name stands beside it or is its label. */
export function OperationSign({ sign, label }: { readonly sign: Sign; readonly label?: string }) {
  return (
    <svg
      className="operation-sign"
      width="1.5em"
      height="1.5em"
      viewBox="0 0 24 24"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.6"
      strokeLinecap="round"
      strokeLinejoin="round"
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      {label !== undefined && <title>{label}</title>}
      <path d={outlines[sign]} />
    </svg>
  );
}
