import type { Role } from '@/db/queries/members';

/** Roles to choose from, with what each may do. */
export const ROLE_CHOICES: readonly { id: Role; name: string }[] = [
  { id: 'lead', name: 'lead: everything' },
  { id: 'instructor', name: 'instructor: plans, signs off' },
  { id: 'keeper', name: 'yard keeper: plans, the locker' },
  { id: 'hand', name: 'hand: plans' },
  { id: 'trainee', name: 'trainee: reads' },
];

/** A member as the crew's page shows one. */
export interface MemberLine {
  readonly id: string;
  readonly name: string;
  readonly signInName: string;
  readonly role: Role;
  readonly cautioned: boolean;
}

/** A one-time link as the server makes it. */
export interface OneTimeLink {
  readonly path: string;
  readonly expiresAt: string;
}
