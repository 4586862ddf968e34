'use client';
import Form from 'react-bootstrap/Form';
import type { StaffMember } from '@/core/people/class';

/** Which demonstrators belong to a class: to all others it is not there. */
export function StaffChoice({
  staff,
  onChange,
}: {
  readonly staff: readonly StaffMember[];
  readonly onChange: (staff: readonly StaffMember[]) => void;
}) {
  const toggle = (id: string) =>
    onChange(staff.map((one) => (one.id === id ? { ...one, belongs: !one.belongs } : one)));
  return (
    <fieldset className="staff-choice">
      <legend>Demonstrators of this class</legend>
      {staff.length === 0 && <p className="muted">There are no demonstrators yet.</p>}
      {staff.map(({ id, name, belongs }) => (
        <Form.Check key={id} id={`staff-${id}`} label={name} checked={belongs} onChange={() => toggle(id)} />
      ))}
      {staff.length > 0 && belonging(staff).length === 0 && (
        <p className="typed-says">
          Nobody yet: until one is chosen, here or on the roster, only coordinators see the class.
        </p>
      )}
      <small className="muted">They see, write and sign here. To other demonstrators the class is not there.</small>
    </fieldset>
  );
}

/** Ids of those who belong. */
export const belonging = (staff: readonly StaffMember[]): readonly string[] =>
  staff.filter(({ belongs }) => belongs).map(({ id }) => id);
