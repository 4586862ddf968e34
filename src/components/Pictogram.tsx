import { pictograms } from '@/core/reference/pictograms';
import type { PictogramId } from '@/core/reference/pictograms';
import type { ReactNode } from 'react';

const flame =
  'M50 22c4 9 14 14 15 27 1 6-2 11-5 13 1-4 0-8-3-10 0 5-2 8-5 9 2-6-1-12-6-15 1 7-4 9-6 15-1 3-1 6 1 9-5-2-9-8-8-16 1-12 14-17 17-32z';

// Our own drawings of the symbols that the United Nations' system asks for.
const drawings: Readonly<Record<PictogramId, ReactNode>> = {
  '01': (
    <>
      <circle cx="48" cy="56" r="11" />
      <path d="M48 40l3-12 5 12zM60 46l10-9-2 13zM62 58l13 2-12 6zM36 46l-9-9 1 13zM34 58l-13 2 12 6zM56 68l7 8-12-4zM40 68l-6 9 12-5z" />
      <path d="M57 38l9-14 2 1-8 15z" />
    </>
  ),
  '02': (
    <>
      <path d={flame} />
      <path d="M32 73h36v4H32z" />
    </>
  ),
  '03': (
    <>
      <path d={flame} transform="translate(13 -2) scale(.74)" />
      <circle cx="50" cy="63" r="11" fill="none" stroke="currentColor" strokeWidth="4.500" />
      <path d="M36 78h28v3.500H36z" />
    </>
  ),
  '04': (
    <g transform="rotate(-38 50 52)">
      <path d="M22 46c0-4 3-6 7-6h34c5 0 8 3 11 7h4v-3h6v16h-6v-3h-4c-3 4-6 7-11 7H29c-4 0-7-2-7-6z" />
    </g>
  ),
  '05': (
    <>
      <path d="M26 33l22-9 2 5-22 9zM52 29l22-9 2 5-22 9z" transform="translate(-1 3)" />
      <path d="M34 44c0 3-4 4-4 7a4 4 0 0 0 8 0c0-3-4-4-4-7zM62 40c0 3-4 4-4 7a4 4 0 0 0 8 0c0-3-4-4-4-7z" />
      <path d="M22 62h8c2 4 6 4 8 0h8v8H22zM50 62c5-3 8-6 13-6 8 0 13 4 13 7 0 4-7 7-14 7H50z" />
    </>
  ),
  '06': (
    <>
      <path d="M50 22c-11 0-18 8-18 17 0 6 3 10 7 13v6h22v-6c4-3 7-7 7-13 0-9-7-17-18-17zm-8 15a5 5 0 1 1 0 10 5 5 0 0 1 0-10zm16 0a5 5 0 1 1 0 10 5 5 0 0 1 0-10zm-8 10l3 6h-6z" />
      <path d="M27 60l46 15-2 5-46-15zM73 60L27 75l2 5 46-15z" />
    </>
  ),
  '07': <path d="M44 24h12l-3 32h-6zM50 62a6.500 6.500 0 1 1 0 13 6.500 6.500 0 0 1 0-13z" />,
  '08': (
    <>
      <path d="M50 20a9 9 0 0 1 5 16c0 3 2 4 6 5 8 2 11 7 11 16v19H28V57c0-9 3-14 11-16 4-1 6-2 6-5a9 9 0 0 1 5-16z" />
      <path
        className="pictogram-ground"
        d="M50 46l3.500 8 8.500-3.500-3.500 8.500 8 3.500-8 3.500 3.500 8.500-8.500-3.500-3.500 4-3.500-4-8.500 3.500 3.500-8.500-8-3.500 8-3.500-3.500-8.500 8.500 3.500z"
      />
    </>
  ),
  '09': (
    <>
      <path d="M40 66V46l-9-8 2-3 7 6V28l-6-7h4l5 6 5-8h4l-6 11v8l9-5 2 3-11 7v19z" />
      <path d="M24 66h52v4H24z" />
      <path d="M50 60c5-7 14-8 20-3l8-5-1 8 2 8-9-5c-7 4-15 3-20-3zm8-1a1.800 1.800 0 1 0 .1 0z" />
    </>
  ),
};

/** A hazard symbol, always with its word: the drawing alone says nothing to who does not know it. */
export function Pictogram({ id, small = false }: { readonly id: string; readonly small?: boolean }) {
  const word = pictograms[id as PictogramId];
  if (word === undefined) return null;
  const size = small ? 26 : 62;
  return (
    <span className={`pictogram ${small ? 'pictogram-small' : ''}`} title={small ? word : undefined}>
      <svg viewBox="0 0 100 100" width={size} height={size} aria-hidden="true">
        <path className="pictogram-edge" d="M50 3L97 50 50 97 3 50z" />
        <g className="pictogram-mark">{drawings[id as PictogramId]}</g>
      </svg>
      <span className={small ? 'visually-hidden' : ''}>{word}</span>
    </span>
  );
}
