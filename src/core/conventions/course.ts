import { array, object, string } from 'yup';
import { conventionsSchema } from './schema';
import { deviceSchema } from '../quantity/deviceSchema';
import type { Conventions } from './catalogue';
import type { Device } from '../quantity/device';
import type { Preparation } from '../document/document';

/** What a course settles once for all its classes. */
export interface CourseSettings {
  readonly conventions: Conventions;
  /** The lab's devices; a preparation's own stand beside them. */
  readonly devices: readonly Device[];
}

export interface Course {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly settings: CourseSettings;
  readonly author: string;
  /** ISO 8601. */
  readonly updatedAt: string;
}

/** Shape of a course's name and settings. */
export const courseSchema = object({
  name: string().trim().min(1, 'needs a name').max(120, 'must be at most 120 characters').required('needs a name'),
  settings: object({
    conventions: conventionsSchema.required(),
    devices: array(deviceSchema)
      .max(40, 'at most 40 devices')
      .test(
        'different',
        'two devices have the same id',
        // Runs before its parts are looked at: a device may be anything.
        (devices) => new Set(devices?.map((device) => device?.id)).size === devices?.length,
      )
      .required(),
  })
    .noUnknown()
    .required(),
}).noUnknown();

/**
 * A preparation under the rules of a course: its conventions, and the lab's devices beside its own. A device that the
 * preparation names keeps the preparation's description.
 */
export function withCourse(doc: Preparation, settings: CourseSettings | undefined): Preparation {
  if (!settings) return doc;
  const own = new Set(doc.devices.map(({ id }) => id));
  return {
    ...doc,
    devices: [...doc.devices, ...settings.devices.filter(({ id }) => !own.has(id))],
    conventions: { ...settings.conventions, ...doc.conventions },
  };
}
