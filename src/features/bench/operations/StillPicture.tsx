import { Flow, Frame, Plate, RoundFlask, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'still'> = {
  half: [64, 140],
  aids: [64, 163],
  bulb: [64, 46],
  open: [186, 150],
  tared: [196, 176],
  receivers: [196, 176],
  receiver: [196, 176],
  heatOn: [64, 182],
  firstDrop: [186, 140],
  clear: [196, 170],
  ended: [64, 182],
};

/** Pot, head with the bulb level with the side arm, sloping condenser with water from below, receiver open to the air. */
export function StillPicture({ drawing: { packed, air }, step, focus, spot, text }: PictureProps<'still'>) {
  const reads = step.asks.find(({ id }) => id === focus)?.kind === 'measure';
  return (
    <Frame
      label={`Distillation: ${packed ? 'column, ' : ''}bulb level with the side arm, ${air ? 'air condenser without water' : 'water in at the lower end of the condenser'}, open at the receiver`}
      spots={spots}
      spot={spot}
    >
      <RoundFlask x={64} y={140} fill={0.5} />
      <path d="M57 84V30M71 84V54M71 40V30M71 40L182 100M71 54L176 112" className="glass" />
      {packed && <path d="M57 60h14v22H57zM57 66h14M57 72h14M57 78h14" className="solid" />}
      {air ? (
        <text x="118" y="40" className="picture-note">
          air-cooled
        </text>
      ) : (
        <>
          <path d="M96 46l72 40l-8 14l-72-40z" className="water" />
          <Flow d="M176 128L160 104" />
          <text x="170" y="142" className="picture-note">
            in
          </text>
          <Flow d="M94 44V22" />
          <text x="98" y="20" className="picture-note">
            out
          </text>
        </>
      )}
      <path d="M182 100v26" className="glass" />
      <path d="M178 146v10L162 192h48L194 156v-10" className="glass" />
      <path d="M168 178h36l6 13h-48z" className="liquid" />
      <Thermometer bulb={[64, 48]} top={[64, 4]} text={reads ? text : ''} />
      {[58, 64, 70].map((x) => (
        <circle key={x} cx={x} cy={168 - Math.abs(x - 64) / 4} r="2.500" className="pupil" />
      ))}
      <Plate x={64} y={177} />
    </Frame>
  );
}
