export const allRoles = ['coordinator', 'demonstrator', 'group'] as const;
export type Role = (typeof allRoles)[number];

/** Who is asking. `id` is the user's or the bench's. */
export interface Identity {
  readonly role: Role;
  readonly id: string;
  readonly name: string;
  readonly classId?: string;
}
