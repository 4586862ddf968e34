import { Flow, Frame, Plate, RoundFlask, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'reflux'> = {
  clamped: [84, 100],
  aids: [100, 163],
  condenser: [114, 74],
  open: [100, 12],
  joints: [100, 90],
  heatOn: [100, 178],
  heatOff: [100, 178],
  firstReflux: [100, 70],
};

/** Flask, upright condenser with water from below to above, open at the top; the vapour ring in the lower third. */
export function RefluxPicture({ drawing: { air }, focus, spot, text }: PictureProps<'reflux'>) {
  const ring = focus === 'firstReflux' || focus === 'temperature' || focus === 'heatOff';
  return (
    <Frame
      label={`Flask under an upright condenser: ${air ? 'cooled by air' : 'water in at the bottom, out at the top'}; open above`}
      spots={spots}
      spot={spot}
    >
      <RoundFlask x={100} y={140} side />
      <path d={`M93 84V12M107 84V12${air ? '' : 'M86 78V24h28v54z'}`} className="glass" />
      {air ? (
        <text x="118" y="48" className="picture-note">
          air-cooled
        </text>
      ) : (
        <>
          <Flow d="M150 68H116" />
          <Flow d="M116 34h34" />
          <text x="153" y="72" className="picture-note">
            in
          </text>
          <text x="153" y="38" className="picture-note">
            out
          </text>
        </>
      )}
      <path d="M60 100h30M60 94v12" className="glass" />
      {ring && <path d="M94 68q6 5 12 0M97 78v5M103 74v5" className="vapour" />}
      {[92, 100, 108].map((x) => (
        <circle key={x} cx={x} cy={168 - Math.abs(x - 100) / 4} r="2.500" className="pupil" />
      ))}
      {focus === 'temperature' && <Thermometer bulb={[112, 150]} top={[146, 96]} text={text} />}
      <Plate x={100} y={177} />
    </Frame>
  );
}
