/** Words of the vocabulary that statements are written with; source: the ADL registry of verbs and activity types, from memory. */
const PASSED = { id: 'http://adlnet.gov/expapi/verbs/passed', display: { en: 'passed' } };
const VOIDED = { id: 'http://adlnet.gov/expapi/verbs/voided', display: { en: 'voided' } };
const SKILL = 'http://adlnet.gov/expapi/activities/performance';

/** Somebody, known by the account they have here and by no address of theirs. */
export interface Agent {
  readonly objectType: 'Agent';
  readonly name: string;
  readonly account: { readonly homePage: string; readonly name: string };
}

interface Verb {
  readonly id: string;
  readonly display: Readonly<Record<string, string>>;
}

/** A statement of the Experience API, version 1.0.3. */
export interface Statement {
  readonly id: string;
  readonly actor: Agent;
  readonly verb: Verb;
  readonly object:
    | {
        readonly objectType: 'Activity';
        readonly id: string;
        readonly definition: {
          readonly type: string;
          readonly name: Readonly<Record<string, string>>;
          readonly description: Readonly<Record<string, string>>;
        };
      }
    | { readonly objectType: 'StatementRef'; readonly id: string };
  readonly result?: { readonly success: boolean; readonly completion: boolean };
  readonly context?: {
    readonly instructor: Agent;
    readonly platform: string;
    readonly extensions: Readonly<Record<string, unknown>>;
  };
  readonly timestamp: string;
}

export interface Person {
  readonly id: string;
  readonly name: string;
}

/** @param home address under which this program is known, without a slash at its end */
export const agentOf = ({ id, name }: Person, home: string): Agent => ({
  objectType: 'Agent',
  name,
  account: { homePage: home, name: id },
});

/** That somebody was seen to do something, and who saw it. */
export function passedStatement(
  home: string,
  signed: {
    readonly id: string;
    readonly who: Person;
    readonly by: Person;
    readonly skill: string;
    readonly title: string;
    readonly points: readonly string[];
    readonly times: number;
    readonly under: readonly string[];
    readonly at: string;
  },
): Statement {
  return {
    id: signed.id,
    actor: agentOf(signed.who, home),
    verb: PASSED,
    object: {
      objectType: 'Activity',
      id: `${home}/skills/${signed.skill}`,
      definition: {
        type: SKILL,
        name: { en: signed.title },
        description: { en: signed.points.join(' ') },
      },
    },
    result: { success: true, completion: true },
    context: {
      instructor: agentOf(signed.by, home),
      platform: 'Vast Cleat',
      extensions: { [`${home}/extensions/done`]: { times: signed.times, under: signed.under } },
    },
    timestamp: signed.at,
  };
}

/** That an earlier statement no longer holds. @param id its own */
export const voidingStatement = (
  home: string,
  id: string,
  { of, by, at }: { readonly of: string; readonly by: Person; readonly at: string },
): Statement => ({
  id,
  actor: agentOf(by, home),
  verb: VOIDED,
  object: { objectType: 'StatementRef', id: of },
  timestamp: at,
});
