import { Frame, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'mortar'> = { begun: [104, 140], changed: [104, 140], ended: [104, 140] };

/** Two solids ground or melted together in a mortar. */
export function MortarPicture({ focus, spot, text }: PictureProps<'mortar'>) {
  return (
    <Frame label="Two solids ground or melted together" spots={spots} spot={spot}>
      <path d="M50 126q54 24 108 0q-4 24-22 38H72q-18-14-22-38z" className="solid" />
      <path d="M36 104h136q-2 54-34 70v10H70v-10q-32-16-34-70z" className="glass" />
      <path d="M112 140L158 34q8-10 16 2l-46 108q-10 8-16-4z" className="glass" />
      {focus === 'temperature' && <Thermometer bulb={[76, 140]} top={[66, 44]} text={text} />}
    </Frame>
  );
}
