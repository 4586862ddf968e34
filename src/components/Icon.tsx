import {
  BoxArrowRight,
  CheckLg,
  CircleHalf,
  Download,
  ExclamationOctagon,
  ExclamationTriangle,
  InfoCircle,
  PencilSquare,
  PinAngle,
  PinAngleFill,
  PlusLg,
  Printer,
  Search,
  Trash,
  Upload,
  XLg,
} from './icons';

const icons = {
  'box-arrow-right': BoxArrowRight,
  'check-lg': CheckLg,
  'circle-half': CircleHalf,
  download: Download,
  stop: ExclamationOctagon,
  caution: ExclamationTriangle,
  note: InfoCircle,
  edit: PencilSquare,
  pin: PinAngle,
  pinned: PinAngleFill,
  plus: PlusLg,
  printer: Printer,
  search: Search,
  trash: Trash,
  upload: Upload,
  'x-lg': XLg,
} as const;

export type IconName = keyof typeof icons;

/** A decorative icon; the control around it carries the words. */
export function Icon({ name }: { readonly name: IconName }) {
  const Drawing = icons[name];
  return <Drawing />;
}
