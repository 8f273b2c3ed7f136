/**
 * A sign-off in the shape of an Open Badges 3.0 credential (from memory), unsigned: it says what was seen and by whom, it proves
 * nothing by itself.
 */
export interface BadgeFacts {
  readonly id: string;
  readonly home: string;
  readonly crew: string;
  readonly who: { readonly id: string; readonly name: string };
  readonly skill: string;
  readonly title: string;
  readonly points: readonly string[];
  readonly done: string;
  readonly signedBy: string;
  readonly signedAt: string;
  /** ISO day. */
  readonly until: string;
  readonly revoked: { readonly at: string; readonly reason: string } | null;
}

const subjectOf = (f: BadgeFacts) => ({
  type: ['AchievementSubject'],
  identifier: [
    {
      type: 'IdentityObject',
      identityType: 'name',
      hashed: false,
      identityHash: f.who.name,
    },
  ],
  achievement: {
    id: `${f.home}/skills/${f.skill}`,
    type: ['Achievement'],
    name: f.title,
    description: `Seen by ${f.signedBy}: ${f.done}.`,
    criteria: { narrative: f.points.map((p) => `* ${p}`).join('\n') },
  },
});

/** The credential as JSON. */
export function badgeOf(f: BadgeFacts) {
  return {
    '@context': [
      'https://www.w3.org/ns/credentials/v2',
      'https://purl.imsglobal.org/spec/ob/v3p0/context-3.0.3.json',
    ],
    id: `urn:uuid:${f.id}`,
    type: ['VerifiableCredential', 'OpenBadgeCredential'],
    name: f.title,
    issuer: {
      id: `${f.home}/crews/${encodeURIComponent(f.crew)}`,
      type: ['Profile'],
      name: f.crew,
    },
    validFrom: f.signedAt,
    validUntil: `${f.until}T00:00:00Z`,
    credentialSubject: subjectOf(f),
    ...(f.revoked
      ? {
          credentialStatus: {
            type: 'TakenBack',
            id: `urn:uuid:${f.id}#taken-back`,
            at: f.revoked.at,
            reason: f.revoked.reason,
          },
        }
      : {}),
  };
}
