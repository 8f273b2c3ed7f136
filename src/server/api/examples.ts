/** Examples of the documentation; a test sends each one and expects an answer. */

const ring = (id: string, wllN: string) => ({
  id,
  kind: 'anchor',
  at: { on: 'own', name: 'ring', rating: { state: 'rated', wllN } },
});

/** 5/16 in braided nylon of 1,800 lbf with a bowline, round a 1 in bar: 216 lbf. */
export const lineExample = {
  elements: [
    ring('a', '500 lbf'),
    { id: 'k', kind: 'knot', knot: 'bowline' },
    {
      id: 'r',
      kind: 'rope',
      rope: { material: 'nylon-braid', diameterM: '5/16 in', mbsN: '1,800 lbf', condition: 'new' },
    },
    { id: 'e', kind: 'edge', name: 'bar', shape: 'rounded', bendDiameterM: '1 in' },
    ring('b', '500 lbf'),
  ],
  strength: { school: 'tenth-doubled' },
};

export const rulesExample = {
  article: { massKg: '1,100 lb', lengthM: '5 ft' },
  tieDowns: [{ id: 'strap', wllN: '2,000 lbf' }],
};

const onDeck = (id: string, anchorId: string) => ({
  id,
  kind: 'anchor',
  at: { on: 'deck', anchorId },
});
const deckRing = (id: string, fromCentreM: number) => ({
  id,
  name: `ring ${id}`,
  fromFrontM: 1,
  fromCentreM,
  rating: { state: 'rated', wllN: '8 kN' },
});

export const assessExample = {
  format: 'vast-cleat/plan',
  version: 2,
  title: 'Feed bin',
  ruleSet: 'eu-road',
  units: [
    {
      id: 'bin',
      name: 'feed bin',
      massKg: '380 kg',
      lengthM: 1.2,
      widthM: 1,
      heightM: 0.75,
      cgHeightM: 0.4,
      fromFrontM: 0.4,
      friction: { known: 'pair', pair: 'sawn-wood-plywood' },
    },
  ],
  deck: {
    name: 'trailer',
    lengthM: 3.2,
    widthM: 1.8,
    anchors: [deckRing('L', 0.85), deckRing('R', -0.85)],
  },
  lines: [
    {
      id: 'l1',
      name: 'Over the middle',
      kind: 'over',
      units: ['bin'],
      settling: 0,
      elements: [
        onDeck('a', 'L'),
        { id: 'w', kind: 'webbing', widthM: '50 mm', markedWllN: '25 kN' },
        {
          id: 't',
          kind: 'ratchet',
          rating: { state: 'rated', wllN: '25 kN' },
          standardTensionN: '3.5 kN',
        },
        onDeck('b', 'R'),
      ],
    },
  ],
};

/** Trucker's hitch in 12 mm polyester, two gloved hands. */
export const riggingExample = {
  format: 'vast-cleat/rigging',
  version: 1,
  title: 'Slip loop on a ring',
  system: { kind: 'truckers', loop: 'slip-loop', handForceN: '250 N' },
  rope: { material: 'polyester', diameterM: '12 mm', mbsN: '28 kN' },
  lengthM: '5 m',
  anchor: { name: 'ring', rating: { state: 'rated', wllN: '5 kN' } },
  farAnchor: { name: 'ring', rating: { state: 'rated', wllN: '5 kN' } },
};

const measured = (id: string, fromFrontM: number, fromCentreM: number) => ({
  ...deckRing(id, fromCentreM),
  fromFrontM,
  barDiameterM: '16 mm',
});

/** A light load, a rope, and a deck whose rings have been measured. */
export const enoughExample = {
  plan: {
    ...assessExample,
    title: 'Sacks on a pallet',
    ruleSet: 'us-light',
    units: [{ ...assessExample.units[0], massKg: '90 kg' }],
    deck: {
      ...assessExample.deck,
      anchors: [
        measured('L1', 0.6, 0.85),
        measured('L2', 1.4, 0.85),
        measured('R1', 0.6, -0.85),
        measured('R2', 1.4, -0.85),
      ],
    },
    lines: [],
  },
  things: [
    {
      id: '0190b5a0-0000-7000-8000-000000000001',
      gear: {
        format: 'vast-cleat/gear',
        version: 1,
        code: 'PE-12-2',
        lengthM: '20 m',
        item: { kind: 'rope', material: 'polyester', diameterM: '12 mm', mbsN: '21 kN' },
      },
    },
    {
      id: '0190b5a0-0000-7000-8000-000000000002',
      gear: {
        format: 'vast-cleat/gear',
        version: 1,
        code: 'PE-12-3',
        lengthM: '15 m',
        item: { kind: 'rope', material: 'polyester', diameterM: '12 mm', mbsN: '21 kN' },
      },
    },
  ],
  mats: true,
  marginPart: 0.1,
};
