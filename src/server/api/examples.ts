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
