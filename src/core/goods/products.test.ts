import { read, shown } from '../../../tests/lists';
import { noMapping } from './index';

describe('which rows are one product', () => {
  test.each([
    ['a title that is repeated', 'title,price,size\nCap,4,S\nCap,5,M\nBag,6,\n', ['Cap: S 400, M 500', 'Bag:  600']],
    ['a title in the first row only', 'title,price,size\nCap,4,S\n,5,M\nBag,6,\n', ['Cap: S 400, M 500', 'Bag:  600']],
    ['a group', 'group,title,price,colour\nc,Cap,4,red\nb,Bag,6,\nc,Cap,5,blue\n', ['Cap: red 400, blue 500', 'Bag:  600']],
    [
      'a group whose titles say how its rows differ',
      'group,title,price\nm1,"Cave map, folded",12\nm1,"Cave map, rolled",18\nm2,"Gorge map, folded",9\nm2,"Gorge map, rolled",9\n',
      ['Cave map: folded 1200, rolled 1800', 'Gorge map: folded 900, rolled 900'],
    ],
    [
      'a group whose titles end alike, or are written in two ways',
      'group,title,price\na,Blue mug,12\na,Red mug,13\nb,"Cup, blue",5\nb,Cup red,5\n',
      ['Mug: Blue 1200, Red 1300', 'Cup: blue 500, red 500'],
    ],
    [
      'a group in a script without spaces',
      'group,title,price\na,茶碗青,7\na,茶碗赤,8\nb,皿,5\n',
      ['茶碗: 青 700, 赤 800', '皿:  500'],
    ],
    [
      'no group of what is not called alike',
      'group,title,price\na,Crimson,7\na,Navy,7\nb,Cup large,5\nb,Cup small,4\n',
      ['Crimson:  700', 'Navy:  700', 'Cup: large 500, small 400'],
    ],
    [
      'no maker of several things',
      'ttl,art,pr,qty\nHold the Rope,Firth Quartet,29.50,2\nEarly in the Morning,R. Pell,47.00,1\nHem of the Garment,R. Pell,12.00,1\nOld Ship,Alder Sisters,14.00,3\nWade,Ashlar Singers,33.00,1\n',
      ['Hold the Rope:  2950', 'Early in the Morning:  4700', 'Hem of the Garment:  1200', 'Old Ship:  1400', 'Wade:  3300'],
    ],
    [
      'two columns that every thing has all of, rather than a number that follows from them',
      'pillow,feel,measures,loft,price\nYoff,soft,40 x 60,600,4\nYoff,firm,40 x 60,610,5\nYoff,soft,50 x 75,620,6\nYoff,firm,50 x 75,630,7\nNgor,soft,40 x 60,600,4\n',
      ['Yoff: soft/40 x 60 400, firm/40 x 60 500, soft/50 x 75 600, firm/50 x 75 700', 'Ngor: soft/40 x 60 400'],
    ],
    [
      'tails of titles',
      'title,price\nMug – blue – large,8\nMug – red – small,7\nJug,12\n',
      ['Mug: blue/large 800, red/small 700', 'Jug:  1200'],
    ],
    [
      'measures in a cell whose unit stands behind the last',
      'Blatt,Längen,Preis\nBogen,500 / 600 / 700 mm,18\nLaub,130 mm,4\n',
      ['Bogen: 500 mm 1800, 600 mm 1800, 700 mm 1800', 'Laub: 130 mm 400'],
    ],
    [
      'no choice of what a thing is printed in, beside what else is said of it',
      'Moon 4,Condition,fine,14,colour,clean\nMoon 4,Condition,worn,6,colour,taped\nBear 1,Condition,fine,8,black and white,clean\nBear 1,Condition,worn,4,black and white,cut\nBear 2,Condition,worn,3,colour,clean\n',
      ['Moon 4: fine 1400, worn 600', 'Bear 1: fine 800, worn 400', 'Bear 2: worn 300'],
    ],
    [
      'tails behind a comma, where several heads show that it parts them',
      'title,price\n"Ness, alto",4\n"Ness, bass",6\n"Tay, alto",4\n"Tay, bass",7\n"Isla, pendant",2\n"Isla, pocket",3\n"Salt, coarse",1\n',
      ['Ness: alto 400, bass 600', 'Tay: alto 400, bass 700', 'Isla: pendant 200, pocket 300', 'Salt, coarse:  100'],
    ],
    [
      'tails in brackets and a lone one that is written as the others are',
      'title,price\n"Mug (small, moss)",7\n"Mug (large, moss)",8\n"Jug (small, rust)",12\n"Jug (large, rust)",14\n"Cup (small, rust)",5\n',
      ['Mug: small/moss 700, large/moss 800', 'Jug: small/rust 1200, large/rust 1400', 'Cup: small/rust 500'],
    ],
    [
      'tails of which one is shared, in three rows',
      'title,price\nCutter – ash,64\nCutter – hickory,72\nSpade – ash,88\n',
      ['Cutter: ash 6400, hickory 7200', 'Spade: ash 8800'],
    ],
    [
      'words rather than a number or a weight that differ with them',
      'title,price,hours,weight,sheen\nOil,8,8,450 g,matt\nOil,9,6,500 g,gloss\nWax,5,2,90 g,matt\n',
      ['Oil: matt 800, gloss 900', 'Wax: matt 500'],
    ],
    ['pairs of name and value', 'title,price,Option 1 name,Option 1 value\nCap,4,Size,S\nCap,5,Size,M\n', ['Cap: S 400, M 500']],
    [
      'several sizes in a cell',
      'title,price,size\nCap,4,"S, M"\nHat,5,S / M / L\n',
      ['Cap: S 400, M 400', 'Hat: S 500, M 500, L 500'],
    ],
    [
      'a column that nobody knew',
      'title,price,Blade\nKnife,40,carbon\nKnife,48,stainless\n',
      ['Knife: carbon 4000, stainless 4800'],
    ],
    ['nothing but their codes', 'title,price,code\nSpoke,1,S-1\nSpoke,1,S-2\n', ['Spoke: S-1 100, S-2 100']],
  ])('%s', (_, text, wanted) => expect(shown(read(text)).map((line) => line.replace(':  ', ':  '))).toEqual(wanted));

  test('a row that says the same twice is left out, one with another price is asked about', () => {
    const same = read('title,price\nCap,4\nCap,4\nBag,5\n');
    expect([shown(same), same.counts.leftOut]).toEqual([['Cap:  400', 'Bag:  500'], 1]);
    const other = read('title,price\nCap,4\nCap,6\nBag,5\n');
    expect(other.products[0]?.variants[0]).toMatchObject({ price: null, asks: ['price'] });
    expect(other.questions).toHaveLength(1);
    const [question] = other.questions;
    const answered = read('title,price\nCap,4\nCap,6\nBag,5\n', 'EUR', {
      ...noMapping,
      answers: { [question?.id ?? '']: 'second' },
    });
    expect(answered.products[0]?.variants[0]).toMatchObject({ price: 600, asks: [] });
  });

  test('what rows of one product tell is told, each of its own choice; what they all tell, once', () => {
    const told = (text: string) => read(text).products.map(({ description }) => description);
    expect(
      told(
        'title,size,price,description\nQuilt,Cot,210,Twelve blocks.\nQuilt,Double,640,Forty blocks.\nStar,Cot,9,One star.\nStar,Double,19,One star.\n',
      ),
    ).toEqual(['Cot: Twelve blocks.\n\nDouble: Forty blocks.', 'One star.']);
    expect(told('title,size,price,description\nCap,S,4,Wool.\nCap,M,5,\nCap,L,6,"Wool. Lined."\nBag,,7,\n')).toEqual([
      'Wool. Lined.',
      '',
    ]);
    expect(told('title,size,price,description\nCap,S,4,Wool.\nCap,M,5,Wool.\nCap,L,6,Felt.\n')).toEqual([
      'S; M: Wool.\n\nL: Felt.',
    ]);
  });

  test('a million combinations are never made', () => {
    const many = Array.from({ length: 30 }, (_, i) => `V${i}`).join(' | ');
    const { products, problems } = read(`title,price,colour,size,length,finish\nCap,4,${many},${many},${many},${many}\n`);
    expect(products[0]?.variants).toHaveLength(1);
    expect(problems.some(({ say }) => say.includes('810,000 variants'))).toBe(true);
  });
});

test('a few short words that come again are chosen by, and describe nothing, whatever is written over them', () => {
  const { columns } = read(
    'Extender,Body of,Price\nShort,brass,4.50\n,olive,3.90\n,horn,6.20\nLong,brass,5.80\n,olive,5.20\nFat,brass,6.90\n,horn,8.70\n',
  );
  expect(columns.map(({ as }) => as)).toEqual(['title', 'option', 'price']);
});

describe('titles with tails', () => {
  const things = (list: string) =>
    read(`title;price\n${list}`, 'USD').products.map(({ title, options, variants }) => [
      title,
      options,
      variants.map(({ values }) => values.join(', ')),
    ]);

  test('a list that writes sizes behind a dash writes other choices there, too', () => {
    expect(things('Flat – small;9\nFlat – large;11\nPrefold – newborn;14\nPrefold – toddler;18\nPins – pair;3\n')).toEqual([
      ['Flat', ['Size'], ['small', 'large']],
      ['Prefold', ['Kind'], ['newborn', 'toddler']],
      ['Pins – pair', [], ['']],
    ]);
  });

  test('what stands behind several heads is a choice', () => {
    expect(things('Candle - Rose Hip;9\nCandle - Old Book;9\nSoap - Rose Hip;4\nSoap - Old Book;4\n')).toEqual([
      ['Candle', ['Kind'], ['Rose Hip', 'Old Book']],
      ['Soap', ['Kind'], ['Rose Hip', 'Old Book']],
    ]);
  });

  test('a choice that ends otherwise beside another thing is the same, and what is said of one alone is said there, too', () => {
    const { products } = read(
      'Produkt;Cena\nMydło – brązowe;24\nMydło – czarne;26\nKrem – brązowy;39\nKrem – czarny;41\nPędzel – miękki;18\nPędzel – twardy;18\n',
      'PLN',
    );
    expect(products.map(({ title, variants }) => `${title} ${variants.length}`)).toEqual(['Mydło 2', 'Krem 2', 'Pędzel 2']);
  });

  test('what stands behind a slash or a comma is a choice where it stands behind others as well, and for all rows of a head', () => {
    const { products } = read('title,price\nMorze / łatwe,19\nMorze / trudne,21\nGóry / łatwe,19\nGóry / trudne,21\n', 'PLN');
    expect(products.map(({ title, variants }) => `${title} ${variants.length}`)).toEqual(['Morze 2', 'Góry 2']);
    const whole = read('title;price\nFelt, plain;48\nFelt, with ribbon;52\nFelt, child;30\nSlipper, red;40\nSlipper, blue;41\n');
    expect(whole.products.map(({ title }) => title)).toEqual(['Felt, plain', 'Felt, with ribbon', 'Felt, child', 'Slipper']);
  });

  test('a maker before a dash is no product', () => {
    expect(things('Beethoven – Symphony five;9\nBeethoven – Fidelio;11\nBrahms – Requiem;14\n')).toHaveLength(3);
  });
});

test('a row without a name goes on with the thing above it, unless it is filed elsewhere', () => {
  const { products, problems } = read(
    'title,size,price,category\nCap,S,4,Hats\n,M,5,\nBag,,9,Bags\n,,12,Odd things\nScarf,,7,Wool\nGlove,,8,Wool\n',
  );
  expect(products.map(({ title, variants }) => [title, variants.length])).toEqual([
    ['Cap', 2],
    ['Bag', 1],
    ['Scarf', 1],
    ['Glove', 1],
  ]);
  expect(problems.filter(({ kind }) => kind === 'left-out').map(({ row }) => row)).toEqual([5]);
});

test('what is the same in all rows that go on with a thing is no name of it', () => {
  const list =
    'Flower;Sheet;Price (€);Picked\nCornflower;10 x 15;8;June\n;20 x 30;16;June\nPoppy;10 x 15;9;July\n;20 x 30;18;July\n';
  expect(shown(read(list))).toEqual(['Cornflower: 10 x 15 800, 20 x 30 1600', 'Poppy: 10 x 15 900, 20 x 30 1800']);
});

test('codes that are the same for all rows of a thing bring them together, whatever their heading says', () => {
  const { columns } = read('Familia,Nombre,Talla,Precio\nG1,Jarra,S,4\nG1,Jarra,M,5\nG2,Cesta,S,6\nG2,Cesta,M,7\n');
  expect(columns[0]?.as).toBe('group');
});

test('a code is no name where there are names', () => {
  const { columns } = read('Drawer label,Ta rzecz,Cena\nPL-200,Kasia okrągły,20\nPL-201,Żuraw mały,30\nPL-202,Wrona stary,40\n');
  expect(columns.slice(0, 2).map(({ as }) => as)).toEqual(['sku', 'title']);
});

test('rows without a name under a sample go with the sample', () => {
  const { products, counts } = read('title,size,price\nCap,S,4\n,M,5\nSample product,S,1\n,M,1\nBag,S,6\n');
  expect(products.map(({ title, variants }) => `${title} ${variants.length}`)).toEqual(['Cap 2', 'Bag 1']);
  expect(counts.leftOut).toBe(2);
});

test('a sample with a tail is one, and a sample of something is sold', () => {
  expect(shown(read('title,price\nCap,4\nSample product – red,5\nBag,6\n'))).toEqual(['Cap:  400', 'Bag:  600']);
  expect(shown(read('title,price\nCap,4\nProduct 1,0\nBag,6\n'))).toEqual(['Cap:  400', 'Bag:  600']);
  expect(shown(read('title,price\nCap,4\nProduct 1,5\nBag,6\n')).length).toBe(3);
  expect(read('title,price\nRose oil,40\nSample – 2 ml,5\nSandalwood oil,60\n').products).toHaveLength(3);
});

test('words that bring rows together are the name, where no heading speaks of one', () => {
  const proposal = read(
    'Modèle;Tissu;Diamètre;Prix\nCorniche;lin;30 cm;48,00\nCorniche;soie;30 cm;72,50\nCorniche;lin;45 cm;66,00\n',
  );
  expect(shown(proposal)).toEqual(['Corniche: lin/30 cm 4800, soie/30 cm 7250, lin/45 cm 6600']);
});

test('codes bring together as many rows as they stand in; a word under which things are filed does not', () => {
  const rows = (group: (i: number) => string) =>
    `group,title,price\n${Array.from({ length: 12 }, (_, i) => `${group(i)},${i < 6 ? 'Aro' : 'Tawa'} hoop ${'abcdef'[i % 6] ?? ''}${'abcdef'[i % 6] ?? ''},${4 + i}`).join('\n')}\n`;
  expect(read(rows((i) => (i < 6 ? 'G1' : 'G2'))).products.map(({ title }) => title)).toEqual(['Aro hoop', 'Tawa hoop']);
  expect(read(rows((i) => (i < 6 ? 'near' : 'far'))).products).toHaveLength(12);
});

test('what names a choice does so where one thing has two of them', () => {
  const proposal = read(
    'Artigo;Opção;Valor;Preço\nFoz;Altura;90 cm;79\nFoz;Altura;120 cm;99\nFoz;Cor;cinza;99\nLordelo;Altura;90 cm;79\nLordelo;Cor;creme;89\n',
  );
  expect(proposal.columns.map(({ as }) => as)).toEqual(['title', 'optionName', 'optionValue', 'price']);
  expect(proposal.products[0]?.options).toEqual(['Altura', 'Cor']);
  const cut = read('kite,opt,val,price\nRush,Span,80 cm,28\nRush,Span,120 cm,36\nSutton,Span,80 cm,28\nSutton,Span,120 cm,36\n');
  expect(cut.columns.map(({ as }) => as)).toEqual(['title', 'optionName', 'optionValue', 'price']);
});

test('a measure under its unit is chosen by only where no size and no title tells the rows apart', () => {
  const { products } = read('kit,To make,Focal length (mm),price\nMont,6 × 6,60,89\nMont,6 × 9,75,95\nSerra,6 × 9,90,99\n');
  expect(products[0]?.options).toEqual(['To make']);
  const tails = read(
    'blade,Thickness (mm),price\nToumba - 300 mm,0.6,8\nToumba - 400 mm,0.7,9\nSeih - 300 mm,0.8,7\nSeih - 400 mm,0.8,8\n',
  );
  expect(shown(tails)).toEqual(['Toumba: 300 mm 800, 400 mm 900', 'Seih: 300 mm 700, 400 mm 800']);
  expect(
    read('rod,Length (mm),price\nTent rod,600,8\nTent rod,700,9\nBean rod,600,7\nBean rod,700,8\n').products[0]?.options,
  ).toEqual(['Length (mm)']);
});

test('one word for all that have one is no shelf, unless it is headed so or is a path', () => {
  const as = (heading: string, word: string) =>
    read(`What,Price,${heading}\nCase for one,340,${word}\nCase for two,690,${word}\nStrap,48,\nStand,75,${word}\n`).columns[2]
      ?.as;
  expect(as('Shell', 'poplar')).toBe('particular');
  expect(as('Category', 'Cases')).toBe('category');
  expect(as('Where', 'Cases > Hard')).toBe('category');
});
