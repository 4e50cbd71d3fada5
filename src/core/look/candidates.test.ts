import { Decided, parseAt, type Wish } from '../places';
import { decisionsOf } from '../../../tests/decisions';
import { readFileSync } from 'node:fs';
import { readBrief } from '../brief';
import { importText, makeCatalogue } from '../goods';
import { surveyedColours } from '../lexicon/about';

import {
  bandsOf,
  candidates,
  contrastPairs,
  differenceToAll,
  families,
  familiesFor,
  familyDistance,
  geneWishes,
  hueDistance,
  lchOf,
  makeLook,
  mixOf,
  quickPairs,
  quickPalettes,
  startAgain,
  styleDistance,
  vary,
  type LookSource,
  type Occasion,
  type Part,
} from './index';

const decide = (places: Record<string, unknown> = {}) => new Decided(decisionsOf(places));
const wished = (wishes: readonly Wish[]) =>
  new Decided(new Map(wishes.flatMap(({ place, value }) => (value === undefined ? [] : [[place, value]]))));

function source(brief: string, list: string, seed = 1): LookSource {
  const goods = importText(list);
  if (!goods.ok) throw new Error(goods.say);
  return {
    reading: readBrief(brief),
    catalogue: makeCatalogue(goods.value.products, decide(), 2, 2),
    pictured: 1,
    drawn: true,
    seed,
  };
}

const sample = source(readFileSync('demo/brief.txt', 'utf8'), readFileSync('demo/goods.csv', 'utf8'));
const bicycles = source(
  'Radlauf. We sell bicycle parts in Leipzig. The site should be loud and punchy. Colours blue and red, no green.',
  'title,price\nChain,12\nBell,9\nPump,30\n',
);
const stationery = source(
  'Papelería Nube is a stationery workshop in Oaxaca. The site should feel cheerful and hand-made, yellow and pink, no grey and no blue.',
  'title,price\nNotebook,280\nLetter set,190\nCard,45\n',
);
const search = (of: LookSource, locks: Part[] = [], turn = 0, places: Record<string, unknown> = {}) => ({
  source: of,
  decided: decide(places),
  locks,
  turn,
});

const neutral: Occasion = {
  mood: { loud: 0, warm: 0, exact: 0, ornate: 0 },
  spoken: true,
  words: new Set(),
  goods: 20,
  ground: null,
  bright: false,
  pale: false,
  pictured: 1,
  drawn: true,
  own: 0,
};

test('a light strong colour is worn: cheerful yellow is no night, and not one plain white after the other', () => {
  const found = candidates(search(stationery));
  expect(found).toHaveLength(3);
  expect(['tinted', 'field', 'flood']).toContain(found[0]?.genes.scheme);
  for (const { genes, palette } of found) {
    expect(genes.scheme).not.toBe('night');
    expect(['#f0c419', '#e58aa6']).toEqual(expect.arrayContaining([palette.accent]));
  }
});

describe('families', () => {
  test('are many, and any two differ in structure', () => {
    expect(families.length).toBeGreaterThanOrEqual(10);
    families.forEach((a, i) =>
      families.slice(i + 1).forEach((b) => expect([a.id, b.id, familyDistance(a, b) >= 0.2]).toEqual([a.id, b.id, true])),
    );
  });

  test('are chosen for mood, goods and their number', () => {
    expect(familiesFor({ ...neutral, mood: { ...neutral.mood, loud: 1 } })[0]?.id).toBe('poster');
    expect(
      familiesFor({ ...neutral, mood: { ...neutral.mood, exact: 1 } })
        .slice(0, 2)
        .map(({ id }) => id),
    ).toContain('ledger');
    expect(familiesFor({ ...neutral, mood: { ...neutral.mood, loud: -1 } })[0]?.id).toBe('quiet');
    expect(familiesFor({ ...neutral, spoken: false, goods: 3000 })[0]?.id).toBe('counter');
    expect(familiesFor({ ...neutral, spoken: false, words: new Set(['toy', 'child']) })[0]?.id).toBe('stall');
  });
});

describe.each([
  ['the sample shop', sample],
  ['bicycle parts', bicycles],
])('candidates for %s', (_, of) => {
  const three = candidates(search(of));

  test('are three, of three families, far from each other', () => {
    expect(new Set(three.map((candidate) => candidate.genes.family)).size).toBe(3);
    for (const [i, a] of three.entries()) for (const b of three.slice(i + 1)) expect(styleDistance(a, b)).toBeGreaterThan(0.4);
  });

  test('the first is the shop as it is made', () => expect(three[0]?.genes).toEqual(makeLook(of, decide()).genes));

  test('each is brought about by its decisions alone', () => {
    for (const { wishes, genes, palette } of three) {
      const look = makeLook(of, wished(wishes));
      expect(look.genes).toEqual(genes);
      expect(look.palette).toEqual(palette);
    }
  });

  test('all show the colours that were asked for', () => {
    const asked = makeLook(of, decide()).asked.map((colour) => colour.hex);
    expect(asked.length).toBeGreaterThan(1);
    for (const { palette } of three)
      for (const hex of asked.slice(0, 2)) expect([palette.accent, palette.second, palette.ground, palette.text]).toContain(hex);
  });

  test('are the same for the same inputs', () => expect(candidates(search(of))).toEqual(three));

  test('varying stays near and is still to be told apart', () => {
    const base = three[0];
    if (!base) throw new Error('no candidate');
    const near = vary(search(of));
    expect(near).toHaveLength(3);
    for (const candidate of near) {
      expect(candidate.genes.family).toBe(base.genes.family);
      const far = styleDistance(candidate, base);
      expect(far).toBeGreaterThan(0.02);
      expect(far).toBeLessThan(0.31);
    }
  });

  test('starting again goes far from all that was seen', () => {
    const again = startAgain(
      search(of, [], 1),
      three.map((candidate) => candidate.genes),
    );
    expect(again).toHaveLength(3);
    for (const candidate of again)
      for (const before of three) {
        expect(candidate.genes.family).not.toBe(before.genes.family);
        expect(styleDistance(candidate, before)).toBeGreaterThan(0.25);
      }
  });

  test.each([
    ['palette', ['scheme', 'harmony', 'mix']],
    ['type', ['heading', 'text']],
    ['family', ['family']],
    ['shape', ['corner', 'rule', 'room', 'treatment', 'motion']],
  ] as const)('a locked %s stays in all of them', (part, genes) => {
    const base = makeLook(of, decide()).genes;
    for (const candidate of [...candidates(search(of, [part])), ...vary(search(of, [part]), 3)])
      for (const gene of genes) expect([gene, candidate.genes[gene]]).toEqual([gene, base[gene]]);
  });
});

describe('quick choices', () => {
  test.each([
    ['the sample shop', sample],
    ['bicycle parts', bicycles],
    ['cheerful stationery', stationery],
  ])('twenty palettes for %s can be told apart, can be read and hold the asked colours', (_, of) => {
    const look = makeLook(of, decide());
    const palettes = quickPalettes(of, decide(), look, 20);
    expect(palettes).toHaveLength(20);
    for (const { palette, wishes } of palettes) {
      for (const pair of contrastPairs(palette)) expect(pair.ratio).toBeGreaterThanOrEqual(pair.least);
      expect(makeLook(of, wished(wishes)).palette).toEqual(palette);
      expect(differenceToAll(palette.good, palette.bad)).toBeGreaterThan(5);
    }
    expect(new Set(palettes.map(({ palette }) => JSON.stringify(palette))).size).toBe(20);
  });

  test('twenty pairs', () => expect(quickPairs(makeLook(sample, decide()), 20)).toHaveLength(20));
});

describe('a look', () => {
  test('says where each choice came from', () => {
    const made = makeLook(sample, decide());
    expect(made.from).toEqual({ family: 'made', palette: 'brief', type: 'made', shape: 'made' });
    const chosen = makeLook(
      sample,
      decide({ 'look/family': 'stall', 'look/corner': 3, 'look/heading': 'jost', 'look/accent': '#123456' }),
    );
    expect(chosen.from).toEqual({ family: 'seller', palette: 'seller', type: 'seller', shape: 'seller' });
    expect(chosen.palette.accent).toBe('#123456');
  });

  test('takes colours that come with a picture before those of the brief', () => {
    const look = makeLook(sample, decide({ 'look/colours': ['#2b3a67', '#c9972b'] }));
    expect(look.palette).toMatchObject({ accent: '#2b3a67', second: '#c9972b' });
  });

  test('has the colours of its goods where the brief names none, and those of the brief where it does', () => {
    const scarves = 'title,colour,price\nScarf,plum,40\nScarf,teal,40\nShawl,plum,60\nShawl,grey,60\n';
    const of = (brief: string) => makeLook(source(brief, scarves), decide());
    const plum = lchOf(surveyedColours.plum ?? '');
    const silent = of('Halm. We weave scarves and shawls in Bergen.');
    expect(hueDistance(lchOf(silent.palette.accent).h, plum.h)).toBeLessThan(12);
    expect(silent.because.palette).toMatch(/plum that your goods come in/);
    const told = of('Halm. We weave scarves and shawls in Bergen. The site should be green.');
    expect(hueDistance(lchOf(told.palette.accent).h, plum.h)).toBeGreaterThan(60);
    const green = lchOf(surveyedColours.green ?? '');
    const brief = 'Halm. We weave scarves and shawls in Bergen. No green on the site.';
    const refusing = makeLook(source(brief, scarves.replaceAll('plum', 'green')), decide());
    expect(hueDistance(lchOf(refusing.palette.accent).h, green.h)).toBeGreaterThan(25);
  });

  test('is not that of every other shop which asks for nothing', () => {
    const trades = ['bread tins', 'bonsai pots', 'toast racks', 'fishing reels', 'tent pegs', 'book ends', 'door bells', 'rosin'];
    const looks = trades.map((trade) =>
      makeLook(source(`Halm. We make ${trade} in Bergen.`, 'title,price\nOne,40\nTwo,50\nThree,70\n'), decide()),
    );
    const hues = looks.map(({ palette }) => Math.round(lchOf(palette.accent).h / 30) % 12);
    expect(new Set(hues).size).toBeGreaterThanOrEqual(5);
    expect(new Set(looks.map(({ genes }) => genes.family)).size).toBeGreaterThanOrEqual(3);
  });

  test('leaves decisions on things that are gone aside', () => {
    for (const [place, value] of [
      ['look/family', 'nowhere'],
      ['look/heading', 'nothing'],
      ['look/scheme', 'nought'],
    ] as const)
      expect(parseAt(place, value).ok).toBe(false);
  });
});

describe('a single part of another look', () => {
  const [a, b] = candidates(search(sample)).map(({ genes }) => genes);
  if (!a || !b) throw new Error('There are no two looks.');
  const all = { family: a, head: a, foot: a, palette: a, type: a, shape: a, pictures: a };

  test('its header is that of its family, and what is all of one look names none', () => {
    expect(mixOf(all)).toEqual(a);
    expect(mixOf({ ...all, head: b })).toEqual({ ...a, head: b.family });
    expect(mixOf({ ...all, family: b })).toEqual({ ...a, family: b.family, head: a.family, foot: a.family });
    expect(mixOf({ ...all, family: { ...b, foot: a.family } })).toMatchObject({ family: b.family, foot: a.family });
  });

  test('what is taken is seen, and nothing else of the look is other', () => {
    const own = makeLook(sample, wished(geneWishes(a)));
    const mixed = makeLook(sample, wished(geneWishes(mixOf({ ...all, head: b }))));
    expect([mixed.family.id, mixed.head.id, mixed.foot.id]).toEqual([a.family, b.family, a.family]);
    expect(mixed.palette).toEqual(own.palette);
    expect(bandsOf(mixed)).toEqual({ head: mixed.head.bands.head ?? 'ground', foot: bandsOf(own).foot });
  });

  test('a header that is laid out with its pages stays theirs', () => {
    for (const { id, keepsHead } of families) {
      const { head, foot } = makeLook(sample, decide({ 'look/family': 'ledger', 'look/head': id, 'look/foot': id }));
      expect([head.id, foot.id]).toEqual([keepsHead ? 'ledger' : id, id]);
    }
  });

  test('a header that is kept stays through every turn, whatever family comes', () => {
    const places = { 'look/family': 'poster' };
    for (const find of [candidates, vary]) {
      const found = find(search(sample, ['head'], 1, places));
      expect(found.length).toBeGreaterThan(1);
      for (const { wishes } of found) expect(makeLook(sample, wished(wishes)).head.id).toBe('poster');
    }
    const free = candidates(search(sample, [], 1, places)).map(({ wishes }) => makeLook(sample, wished(wishes)).head.id);
    expect(new Set(free).size).toBeGreaterThan(1);
  });
});
