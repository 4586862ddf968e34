import type { SlotAsk } from '@/core/operations/ask';

/** What is read and where: the display of a balance, or the lower edge of the meniscus at eye level. */
export function MeasurePicture({ slot, text }: { readonly slot: SlotAsk; readonly text: string }) {
  if (slot.dim === 'volume') {
    return (
      <svg
        viewBox="0 0 180 150"
        className="measure-picture"
        role="img"
        aria-label={`Read the lower edge of the meniscus at eye level: ${text}`}
      >
        <path d="M70 8v118a8 8 0 0 0 8 8h24a8 8 0 0 0 8-8V8" className="glass" />
        <path d="M71 62q19 12 38 0v64a7 7 0 0 1-7 7H78a7 7 0 0 1-7-7z" className="liquid" />
        {Array.from({ length: 10 }, (_, i) => (
          <path key={i} d={`M110 ${20 + i * 11}h${i % 5 === 0 ? -14 : -8}`} className="glass" />
        ))}
        <path d="M30 68h80" className="sight" />
        <path d="M8 68q12-11 24 0q-12 11-24 0z" className="eye" />
        <circle cx="20" cy="68" r="3.500" className="pupil" />
        <text x="120" y="72" className="picture-text">
          {text}
        </text>
      </svg>
    );
  }
  return (
    <svg
      viewBox="0 0 180 150"
      className="measure-picture"
      role="img"
      aria-label={`Read the display of the balance when it stands still: ${text}`}
    >
      <path d="M30 62h120M50 62v-6h80v6M20 132l8-66h124l8 66a6 6 0 0 1-6 7H26a6 6 0 0 1-6-7z" className="glass" />
      {slot.slot !== 'empty' && <path d="M78 44h24v12H78z" className="liquid" />}
      <path d="M76 20h28v36H76zM80 12h20v8H80z" className="glass" />
      <rect x="48" y="82" width="84" height="34" rx="5" className="display" />
      <text x="90" y="106" textAnchor="middle" className="picture-text">
        {text}
      </text>
    </svg>
  );
}
