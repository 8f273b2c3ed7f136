import type { TokenScope } from '@/db/queries/api-tokens';
import type { Role } from '@/db/queries/members';

/** Everything a member may be allowed to do. */
export type Action =
  | 'plan.read'
  | 'plan.write'
  | 'plan.delete'
  | 'check.record'
  | 'log.read'
  | 'log.write'
  | 'rigging.read'
  | 'rigging.write'
  | 'meter.read'
  | 'gear.read'
  | 'gear.write'
  | 'gear.record'
  | 'knot.read'
  | 'knot.write'
  | 'drill.do'
  | 'skill.read'
  | 'skill.sign'
  | 'course.write'
  | 'talk.lead'
  | 'crew.read'
  | 'crew.change'
  | 'member.manage'
  | 'self.change';

/** Who may do what. The whole of the program's permissions is this table. */
const PERMISSIONS: Record<Action, readonly Role[]> = {
  'plan.read': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  'plan.write': ['lead', 'instructor', 'keeper', 'hand'],
  'plan.delete': ['lead', 'instructor', 'hand'],
  'check.record': ['lead', 'instructor', 'keeper', 'hand'],
  'log.read': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  // Whoever sees something go wrong writes it down.
  'log.write': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  'rigging.read': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  'rigging.write': ['lead', 'instructor', 'keeper', 'hand'],
  'meter.read': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  'gear.read': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  'gear.write': ['lead', 'keeper'],
  'gear.record': ['lead', 'instructor', 'keeper', 'hand'],
  'knot.read': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  'knot.write': ['lead', 'instructor', 'keeper', 'hand'],
  'drill.do': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  'skill.read': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  'skill.sign': ['lead', 'instructor'],
  'course.write': ['lead', 'instructor'],
  'talk.lead': ['lead', 'instructor'],
  'crew.read': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
  'crew.change': ['lead'],
  'member.manage': ['lead'],
  'self.change': ['lead', 'instructor', 'keeper', 'hand', 'trainee'],
};

/**
 * What a program may do by a token of each scope. Nothing that is a person's own is among them: signing, the crew and its people,
 * their account, and tokens themselves.
 */
const SCOPES: Record<TokenScope, readonly Action[]> = {
  read: [
    'plan.read',
    'log.read',
    'rigging.read',
    'meter.read',
    'gear.read',
    'knot.read',
    'skill.read',
    'crew.read',
  ],
  plans: ['plan.write', 'rigging.write'],
  gear: ['gear.write', 'gear.record'],
  records: ['check.record', 'log.write'],
};

/** Whether a token of some scopes is good for something; its member must be permitted to do it too. */
export const scopesAllow = (scopes: readonly TokenScope[], action: Action): boolean =>
  scopes.some((scope) => SCOPES[scope].includes(action));

/** Whether a role may do something. */
export function may(role: Role, action: Action): boolean {
  return PERMISSIONS[action].includes(role);
}
