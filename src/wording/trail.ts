/** What is written down of changes to a crew and its people. */
export const AUDIT_ACTIONS = [
  'crew-founded',
  'settings-changed',
  'member-added',
  'member-joined',
  'link-made',
  'role-changed',
  'member-removed',
  'password-changed',
  'password-reset',
  'sessions-ended',
  'token-made',
  'token-ended',
  'crew-exported',
] as const;
export type AuditAction = (typeof AUDIT_ACTIONS)[number];

export interface AuditEntry {
  readonly id: string;
  readonly at: string;
  readonly by: string;
  readonly about: string | null;
  readonly action: AuditAction;
  readonly details: Readonly<Record<string, string | number>>;
}

/** Roles as people say them. */
export const ROLE_WORDS = {
  lead: 'lead',
  instructor: 'instructor',
  keeper: 'yard keeper',
  hand: 'hand',
  trainee: 'trainee',
} as const;

const roleOf = (value: unknown): string =>
  ROLE_WORDS[value as keyof typeof ROLE_WORDS] ?? String(value);

type Sentence = (entry: AuditEntry) => string;
const SENTENCES: Record<AuditEntry['action'], Sentence> = {
  'crew-founded': (e) => `${e.by} founded the crew`,
  'settings-changed': (e) => `${e.by} changed the crew’s settings`,
  'member-added': (e) => `${e.by} added ${e.about} as ${roleOf(e.details['role'])}`,
  'member-joined': (e) => `${e.by} joined by link as ${roleOf(e.details['role'])}`,
  'link-made': (e) =>
    e.about
      ? `${e.by} made a link for a new password of ${e.about}`
      : `${e.by} made a link to join as ${roleOf(e.details['role'])}`,
  'role-changed': (e) =>
    `${e.by} made ${e.about} ${roleOf(e.details['to'])}, before ${roleOf(e.details['from'])}`,
  'member-removed': (e) => `${e.by} took ${e.about} out of the crew`,
  'password-changed': (e) => `${e.by} changed their own password`,
  'password-reset': (e) => `${e.about} set a new password by the link of ${e.by}`,
  'token-made': (e) => `${e.by} made a token for a program: ${e.details['name']}`,
  'token-ended': (e) => `${e.by} ended the token of a program: ${e.details['name']}`,
  'crew-exported': (e) => `${e.by} took a copy of everything of the crew`,
  'sessions-ended': (e) =>
    e.details['ended'] === 1
      ? `${e.by} ended one other session of theirs`
      : `${e.by} ended ${e.details['ended']} other sessions of theirs`,
};

/** An entry of the trail as one sentence. */
export const trailSentence = (entry: AuditEntry): string => SENTENCES[entry.action](entry);
