import {
  BoxArrowRight,
  CircleHalf,
  Download,
  ExclamationOctagon,
  ExclamationTriangle,
  InfoCircle,
  PencilSquare,
  PinAngle,
  PinAngleFill,
  PlusLg,
  Trash,
  Upload,
} from './icons';

const icons = {
  'box-arrow-right': BoxArrowRight,
  'circle-half': CircleHalf,
  download: Download,
  stop: ExclamationOctagon,
  caution: ExclamationTriangle,
  note: InfoCircle,
  edit: PencilSquare,
  pin: PinAngle,
  pinned: PinAngleFill,
  plus: PlusLg,
  trash: Trash,
  upload: Upload,
} as const;

export type IconName = keyof typeof icons;

/** A decorative icon; the control around it carries the words. */
export function Icon({ name }: { readonly name: IconName }) {
  const Drawing = icons[name];
  return <Drawing />;
}
