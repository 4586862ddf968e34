import { Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'dish'> = { begun: [110, 120], done: [110, 140] };

/** An open dish, covered loosely against dust. */
export function DishPicture({ spot }: PictureProps<'dish'>) {
  return (
    <Frame label="Open dish under a loose cover; the solvent leaves by itself" spots={spots} spot={spot}>
      <path d="M40 126q6 40 70 40t70-40z" className="liquid" />
      <path d="M32 112h156q-4 58-78 58t-78-58z" className="glass" />
      <path d="M90 160l6-10l6 10zM116 162l7-12l7 12z" className="solid" />
      <path d="M28 92q82-22 164 0" className="stem" />
      {[74, 110, 146].map((x) => (
        <path key={x} d={`M${x} 80q-6-12 0-22t0-22`} className="vapour" />
      ))}
    </Frame>
  );
}
