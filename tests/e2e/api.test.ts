import { describe, expect, it } from 'vitest';
import { N_PER_LBF } from '@/core/units';
import { API, ENDPOINTS } from '@/server/api/endpoints';
import { demoDocument } from '../support/demo';
import { request } from '../support/api';
import { braidedNylon, ownAnchor } from '../support/lines';

const ids = (elements: Record<string, unknown>[]) =>
  elements.map((e, i) => ({ id: `e${i}`, ...e }));

const line = (elements: Record<string, unknown>[], extra: Record<string, unknown> = {}) =>
  request('POST', '/line', {
    body: { elements: ids(elements), strength: { school: 'tenth-doubled' }, ...extra },
  });

const lbf = (json: Record<string, unknown>) => (json['wllN'] as number) / N_PER_LBF;

describe('POST /line: the worked example without session or stored plan', () => {
  const strong = ownAnchor(5000);
  const knot = (id: string, extra: Record<string, unknown> = {}) => ({
    kind: 'knot',
    knot: id,
    ...extra,
  });
  it.each([
    ['unknotted', [strong, braidedNylon(), strong], 360],
    ['clove hitch', [strong, knot('clove-hitch'), braidedNylon(), strong], 198],
    ['bowline', [strong, knot('bowline'), braidedNylon(), strong], 216],
    ['a ring of 150 lbf', [ownAnchor(150), knot('bowline'), braidedNylon(), strong], 150],
    [
      'fisherman’s bend, bar elsewhere',
      [
        strong,
        knot('fishermans-bend'),
        braidedNylon(),
        { kind: 'edge', shape: 'rounded', bendDiameterM: '1 in' },
        strong,
      ],
      273.6,
    ],
    [
      'fisherman’s bend on the bar',
      [strong, knot('fishermans-bend', { liesOnBarM: '1 in' }), braidedNylon(), strong],
      360 * 0.76 * 0.764,
    ],
    [
      '550 cord',
      [
        strong,
        {
          kind: 'rope',
          rope: { material: 'paracord', diameterM: '4 mm', mbsN: '550 lbf', condition: 'new' },
        },
        strong,
      ],
      110,
    ],
  ])('%s', async (_, elements, expected) => {
    const { status, json } = await line(elements);
    expect(status).toBe(200);
    expect(lbf(json)).toBeCloseTo(expected, 6);
  });
  it('names what governs, and gives each element’s allowed line tension with its working', async () => {
    const { json } = await line([ownAnchor(150), knot('clove-hitch'), braidedNylon(), strong]);
    expect(json['governing']).toEqual([{ elementId: 'e0', part: 'anchor' }]);
    const elements = json['elements'] as unknown as {
      part: string;
      allowedLineTensionN: number;
      working: { formula: string };
    }[];
    expect(elements.map((e) => [e.part, Math.round(e.allowedLineTensionN / N_PER_LBF)])).toEqual([
      ['anchor', 150],
      ['knot', 198],
      ['rope', 360],
      ['anchor', 5000],
    ]);
    expect(elements[1]!.working.formula).toContain('η');
  });
  it('trucker’s hitch: counted 3, hauling 1.8, over-tension said and not clamped', async () => {
    const { json } = await line(
      [
        strong,
        braidedNylon(),
        { kind: 'truckers', loop: 'alpine-butterfly', handForceN: '1,000 N' },
        { kind: 'lock', knot: 'two-half-hitches' },
        ownAnchor(150),
      ],
      { routeLengthM: 5 },
    );
    const tension = json['tension'] as unknown as Record<string, number | boolean>;
    expect(tension).toMatchObject({ countedRatio: 3, overTension: true });
    expect(tension['haulingRatio']).toBeCloseTo(1.8, 9);
    expect(tension['hauledN']).toBeCloseTo(1800, 6);
    expect(lbf(json)).toBeCloseTo(150, 6);
  });
  it('the rule set decides where the WLL comes from', async () => {
    const rope = {
      kind: 'rope',
      rope: { material: 'polyester', diameterM: '1/2 in', mbsN: '6,000 lbf', condition: 'new' },
    };
    expect(lbf((await line([strong, rope, strong], { ruleSet: 'us-cmv' })).json)).toBeCloseTo(
      960,
      6,
    );
    expect(lbf((await line([strong, rope, strong])).json)).toBeCloseTo(1200, 6);
  });
});

describe('POST /rules/{set}', () => {
  const rules = (
    set: string,
    article: Record<string, unknown>,
    tieDowns: Record<string, unknown>[],
  ) => request('POST', `/rules/${set}`, { body: { article, tieDowns } });
  it('393.110 at its boundary: 5 ft and 1,100 lb need one; a pound more needs two', async () => {
    const strap = { id: 's', wllN: '2,000 lbf' };
    expect(
      (await rules('us-cmv', { massKg: '1,100 lb', lengthM: '5 ft' }, [strap])).json['verdict'],
    ).toBe('holds');
    const heavy = await rules('us-cmv', { massKg: '1,101 lb', lengthM: '5 ft' }, [strap]);
    expect(heavy.json['verdict']).toBe('short');
    expect(heavy.json['findings']).toContainEqual(
      expect.objectContaining({
        code: 'tie-down-count',
        clause: '49 CFR 393.110',
        required: 2,
        provided: 1,
        margin: -1,
        effect: 'short',
      }),
    );
  });
  it('knots are barred, with the clause and what to do instead', async () => {
    const { json } = await rules('us-cmv', { massKg: 100, lengthM: 1 }, [
      { id: 's', wllN: 9000, knots: true, gear: 'rope' },
    ]);
    expect(json['verdict']).toBe('barred');
    expect(json['findings']).toContainEqual(
      expect.objectContaining({
        code: 'knot-prohibited',
        clause: '49 CFR 393.104(f)(1)',
        message: expect.stringContaining('webbing with a ratchet'),
      }),
    );
  });
  it('eu-road by hand: 2,000 kg, μ 0.4, 4 lashings of 4 kN at 90° hold forward, 3 do not', async () => {
    const strap = (n: number) => ({
      id: `s${n}`,
      wllN: '20 kN',
      pretensionN: '4 kN',
      alphaRad: '90 deg',
    });
    const article = { massKg: 2000, lengthM: 2, widthM: 1.2, heightM: 1, cgHeightM: 0.5, mu: 0.4 };
    const of = async (n: number) =>
      (
        (
          await rules(
            'eu-road',
            article,
            Array.from({ length: n }, (_, i) => strap(i)),
          )
        ).json['findings'] as unknown as { code: string; direction?: string; effect: string }[]
      ).find((f) => f.code === 'sliding' && f.direction === 'forward')!.effect;
    expect([await of(3), await of(4)]).toEqual(['short', 'holds']);
  });
  it('unknown rule sets are named as such', async () => {
    const { status, json } = await rules('moon', { massKg: 1, lengthM: 1 }, []);
    expect(status).toBe(404);
    expect(json['issues']).toEqual([
      expect.objectContaining({ code: 'rule-set-unknown', path: ['set'] }),
    ]);
  });
});

describe('POST /assess', () => {
  it.each([
    ['apple-bins', 'holds'],
    ['pipe-bundle', 'holds'],
    ['water-tote', 'barred'],
    ['carousel-crate', 'cannot-say'],
    ['bee-stand', 'short'],
  ])('%s: %s', async (name, verdict) => {
    const { status, json } = await request('POST', '/assess', { body: demoDocument(name) });
    expect(status).toBe(200);
    expect(json['verdict']).toBe(verdict);
    expect(
      (json['rows'] as unknown as { working: { provided: { formula: string } } }[])[0]!.working
        .provided,
    ).toHaveProperty('inputs');
  });
});

describe('documentation', () => {
  it('describes every endpoint, and every example is answered', async () => {
    const { json } = await request('GET', '/openapi.json');
    expect(json['openapi']).toBe('3.1.0');
    const paths = json['paths'] as unknown as Record<string, Record<string, unknown>>;
    for (const e of ENDPOINTS)
      expect(paths[e.path]?.[e.method.toLowerCase()], `${e.method} ${e.path}`).toBeTruthy();
    for (const e of [
      API.assess,
      API.compare,
      API.markAnswer,
      API.markLevel,
      API.line,
      API.rules,
      API.tackle,
      API.tieOff,
      API.takeUp,
      API.span,
      API.run,
      API.wraps,
    ]) {
      expect(
        (await request('POST', e.path.replace('{set}', 'us-cmv'), { body: e.example })).status,
        e.path,
      ).toBe(200);
    }
  });
  it('publishes the plan’s JSON Schema, which names every top-level part', async () => {
    const { json } = await request('GET', '/schemas/plan.json');
    expect(Object.keys(json['properties'] as unknown as object)).toEqual([
      'format',
      'version',
      'title',
      'notes',
      'ruleSet',
      'strength',
      'units',
      'deck',
      'lines',
    ]);
  });
});
