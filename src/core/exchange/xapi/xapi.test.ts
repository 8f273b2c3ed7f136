import { describe, expect, it } from 'vitest';
import { badgeOf } from '../badge';
import { checkStatement } from './rules';
import { passedStatement, voidingStatement } from './statement';

const HOME = 'https://yard.example';
const ID = '0190b5a0-0000-7000-8000-000000000001';
const who = { id: '0190b5a0-0000-7000-8000-000000000002', name: 'Joss Pemberly' };
const by = { id: '0190b5a0-0000-7000-8000-000000000003', name: 'Tomas Quill' };
const at = '2026-03-01T09:00:00.000Z';
const signed = {
  id: ID,
  who,
  by,
  at,
  skill: 'bowline/facing-away',
  title: 'Bowline (facing away)',
  points: ['The collar goes round the standing part.'],
  times: 3,
  under: ['gloves'],
};
const good = passedStatement(HOME, signed);
const voiding = voidingStatement(HOME, '0190b5a0-0000-7000-8000-000000000004', { of: ID, by, at });

/** Source: Experience API 1.0.3, part two (data), sections 2.2 to 2.4 and 4; from memory. */
describe('statements', () => {
  it('of a sign-off and of one taken back keep the rules', () => {
    expect(checkStatement(good).ok).toBe(true);
    expect(checkStatement(voiding).ok).toBe(true);
    expect(good.verb.id).toBe('http://adlnet.gov/expapi/verbs/passed');
    expect(voiding.object).toEqual({ objectType: 'StatementRef', id: ID });
  });
  it.each([
    ['a number that is no UUID', { ...good, id: '17' }],
    ['a property that is not known', { ...good, grade: 1 }],
    ['null anywhere', { ...good, result: null }],
    ['null in an extension', { ...good, context: { extensions: { [`${HOME}/x`]: null } } }],
    ['an extension whose key is no IRI', { ...good, context: { extensions: { done: 1 } } }],
    ['an agent known by nothing', { ...good, actor: { objectType: 'Agent', name: 'J' } }],
    [
      'an agent known by two things',
      { ...good, actor: { ...good.actor, mbox: 'mailto:j@yard.example' } },
    ],
    ['an account at no address', { ...good, actor: { account: { homePage: 'yard', name: 'j' } } }],
    ['a verb that is no IRI', { ...good, verb: { id: 'passed' } }],
    ['a language that is none', { ...good, verb: { ...good.verb, display: { english: 'x' } } }],
    ['a time without a zone', { ...good, timestamp: '2026-03-01T09:00:00' }],
    ['a score beyond one', { ...good, result: { score: { scaled: 1.5 } } }],
    ['a duration that is none', { ...good, result: { duration: '20 s' } }],
    ['voiding something that is no statement', { ...good, verb: voiding.verb }],
    ['a platform for what is no activity', { ...voiding, context: { platform: 'x' } }],
    ['no actor', { ...good, actor: undefined }],
  ])('%s breaks them', (_, statement) => {
    expect(checkStatement(JSON.parse(JSON.stringify(statement))).ok).toBe(false);
  });
});

/** Source: Open Badges 3.0 and the data model of verifiable credentials 2.0, from memory: what such a credential must have. */
describe('a credential', () => {
  const facts = {
    ...signed,
    home: HOME,
    crew: 'Pell & Marsh',
    done: '3 times clean, in gloves',
    signedBy: by.name,
    signedAt: at,
    until: '2027-03-01',
    revoked: null,
  };
  it('has context, types, issuer, times and the achievement', () => {
    const badge = badgeOf(facts);
    expect(badge['@context'][0]).toBe('https://www.w3.org/ns/credentials/v2');
    expect(badge.type).toEqual(['VerifiableCredential', 'OpenBadgeCredential']);
    expect([badge.validFrom, badge.validUntil]).toEqual([at, '2027-03-01T00:00:00Z']);
    expect(URL.canParse(badge.issuer.id)).toBe(true);
    const { achievement } = badge.credentialSubject;
    expect([achievement.name, achievement.type]).toEqual([signed.title, ['Achievement']]);
    expect(achievement.criteria.narrative).toContain('collar');
    expect(badge).not.toHaveProperty('credentialStatus');
  });
  it('says when it was taken back', () => {
    const badge = badgeOf({ ...facts, revoked: { at, reason: 'Wrong side.' } });
    expect(badge.credentialStatus).toMatchObject({ reason: 'Wrong side.' });
  });
});
