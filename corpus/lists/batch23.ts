import { gtin, jsonLines, made, pick, product, savedPage, type ListCase } from './case';

const mesh = ['2 mm', '5 mm', '8 mm', '12 mm'] as const;
const frame = ['Round sieve', 'Square sieve', 'Riddle', 'Compost screen', 'Seed sieve', 'Bulb tray'] as const;
const lace = ['Flat lace', 'Round lace', 'Waxed lace', 'Leather lace', 'Hook lace'] as const;

/** Drawn (291353) and written on 29 November 2026, before the reader was run on any. */
export const batch23: ListCase[] = [
  {
    drawn: '291353/1 garden sieves, Gdańsk',
    file: 'sita.html',
    brief: `Dear Sir or Madam,

we hereby submit the particulars of our enterprise for the purpose of an internet shop.

Sitarz & Córka, with its seat in Gdańsk, has been manufacturing garden sieves since 1978. The frames are bent from steamed beech; the mesh is woven in our own workshop from galvanised wire and can be exchanged without tools. Each sieve is inspected by the undersigned in person.

Our customers are allotment holders and nurseries.

We guarantee the mesh for a period of eight years. Should a wire break within that time, the mesh shall be exchanged at no cost, provided that the sieve was not used for stones.

The appearance of the shop is to be tender, in keeping with seedlings. Under no circumstances shall yellow be employed: neither lemon, nor mustard, nor ochre, nor any shade which a reasonable person would describe as yellowish. Our competitor uses it.

Furthermore, a page is requested on which visitors may compare their soil with ours, as well as a page of thanks to Mr Lewandowski.

Deliveries are effected within Poland and to Germany. Prices are stated in złoty, inclusive of value added tax.

Correspondence: biuro@sitarz.example, telephone 58 555 01 99.

Yours faithfully,
Halina Sitarz
`,
    text: savedPage('Sitarz & Córka', [
      ...made(118, (i) =>
        product(
          `${pick(frame, Math.floor(i / 4))} ${28 + Math.floor(i / 4)} cm`,
          64 + Math.floor(i / 4) * 3 + (i % 4) * 4,
          'PLN',
          {
            inProductGroupWithID: `S${Math.floor(i / 4) + 1}`,
            size: pick(mesh, i),
            'how-it-feels-in-the-hand': pick(['light', 'steady', 'heavy'], Math.floor(i / 4)),
            offer: {
              availability: pick(
                ['https://schema.org/InStock', 'https://schema.org/InStock', 'https://schema.org/OutOfStock'],
                i,
              ),
            },
          },
        ),
      ),
      product('Sample product', 1, 'PLN', {}),
      product('Your product name here', 0, 'PLN', {}),
    ]),
    currency: 'PLN',
    columns: 'title group option particular price currency stock',
    want: made(
      118,
      (i) =>
        `${pick(frame, Math.floor(i / 4))} ${28 + Math.floor(i / 4)} cm | ${pick(mesh, i)} | ${(64 + Math.floor(i / 4) * 3 + (i % 4) * 4) * 100} | ${i % 3 === 2 ? '0' : '∞'}`,
    ).join('\n'),
    leftOut: 2,
  },
  {
    drawn: '291353/2 clock hands, Budapest',
    file: 'hands.json',
    brief: `Mutató Kft., Budapest. 1 workshop, 2 people, 1 press from 1926, 340 dies.

Clock hands, 31 styles, 14 to 260 mm. We also still cut by the line: 1 line is 2.2558 mm, old clockmakers ask for it, so each size is given in both. Blued steel is heated to 296 degrees, not 300, not 290; at 300 it turns pale. Brass is cut 0.4 mm thick, steel 0.3.

Pairs only. 2 hands that were pressed the same morning weigh the same to 0.02 g.

We work from September to May. In the 3 months of summer the workshop is 41 degrees and steel rusts under our fingers.

7 of 10 go to people who mend church clocks; the others hang them on kitchen walls.

The site should look scientific: a table, a scale, a drawing. Steel blue. Everything white. No blue in the background. Blue only. I mean: blue.

Post: Hungary 1,490 Ft, 2 days. EU 4,200 Ft, 6 days. If a hand doesn't fit your arbor, send the arbor: we broach it, no charge, within 365 days.

mutato@340dies.example
`,
    text: JSON.stringify(
      made(18, (i) => ({
        hand: `${['Breguet', 'Spade', 'Serpentine'][Math.floor(i / 6)]} pair`,
        finish: pick(['blued', 'brass', 'black'], i),
        'length (mm)': pick([40, 80], Math.floor(i / 3)),
        'price (Ft)': i === 7 ? '' : 1900 + Math.floor(i / 3) * 350 + (i % 3) * 120,
        about: `<p>Pressed in <em>${['spring', 'autumn'][i % 2]}</em>.</p>`,
        where: `Hands > ${['Breguet', 'Spade', 'Serpentine'][Math.floor(i / 6)]}`,
      })),
      null,
      1,
    ),
    currency: 'HUF',
    columns: 'title option option price description category',
    want: made(
      18,
      (i) =>
        `${['Breguet', 'Spade', 'Serpentine'][Math.floor(i / 6)]} pair | ${pick(['blued', 'brass', 'black'], i)} / ${pick([40, 80], Math.floor(i / 3))} | ${i === 7 ? '?' : (1900 + Math.floor(i / 3) * 350 + (i % 3) * 120) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291353/3 chimney cowls, Sapporo',
    file: 'cowls.jsonl',
    brief: `They all make cowls for rain. We make cowls for snow. Kitaguni Cowls, Sapporo.

They all show a house in the sun. We test on our own roof, from December to March, with a camera.

They all use stainless, and it whistles. We rivet copper over a steel ring, it doesn't. Our own are the two with the hood. The third one we buy from a factory in Denmark, because for gas boilers nobody makes a better one, and we say so.

They all have a call centre. We have my husband, who is on a roof until four.

Who buys: people with a wood stove and a flat roof, and the fire brigade of Otaru.

Should be bare, like a wall. Grey. No grey, it's grey enough here. White then, or grey.

If it comes down in a storm within ten years, we climb up and put it back, anywhere in Hokkaido. Elsewhere you get a new one.

Yen, prices without tax. We ship in Japan only.
yane@kitagunicowls.example
`,
    text: jsonLines([
      {
        cowl: 'Snow hood',
        'yen (no tax)': 24800,
        'flue (mm)': 150,
        copper: 'bright',
        'rivets (n)': 24,
        'draught gain (Pa)': 6,
        'rated snow (cm)': 180,
        filed: 'Cowls > Snow',
      },
      {
        cowl: 'Snow hood',
        'yen (no tax)': 27800,
        'flue (mm)': 200,
        copper: 'patina',
        'rivets (n)': 30,
        'draught gain (Pa)': 6,
        'rated snow (cm)': 180,
        filed: 'Cowls > Snow',
      },
      {
        cowl: 'Gas cowl',
        'yen (no tax)': 13500,
        'flue (mm)': 125,
        copper: '',
        'rivets (n)': 0,
        'draught gain (Pa)': 3,
        'rated snow (cm)': 60,
        filed: 'Cowls > Gas',
      },
    ]),
    currency: 'JPY',
    columns: 'title price option option particular particular particular category',
    want: `Snow hood | 150 / bright | 24800 | ∞
Snow hood | 200 / patina | 27800 | ∞
Gas cowl | 125 | 13500 | ∞`,
  },
  {
    drawn: '291353/4 pencil extenders, Santiago',
    file: 'alargadores.xlsx',
    brief: `- Cabo Largo, Santiago de Chile
- pencil extenders turned from native wood: lenga, ulmo, raulí
- no two alike, numbered under the ferrule
- brass ferrule, drawn here, grips a pencil of 7 to 8 mm
- so a pencil lasts to the last two centimetres
- we sell to stationers and museum shops, boxes of twelve, not to people
- should feel ceremonial, like opening a box
- black and copper
- the shops should write to us for a box, prices are for orientation
- Chile by bus, elsewhere in South America by post
- a ferrule that loosens is replaced for ten years
- cabo@cabolargo.example
`,
    sheets: [
      {
        name: 'Cajas',
        rows: [
          ['Extender', 'Wood', 'Price (CLP)', 'Length (mm)'],
          ['Extender, slim', 'lenga', 14900, 110],
          ['Extender, slim', 'ulmo', 14900, 112],
          ['Extender, slim', 'lenga', 16900, 128],
          ['Extender, stout', 'raulí', 18900, 115],
        ],
      },
      {
        name: 'Export',
        rows: [
          ['Extender', 'Wood', 'Price (CLP)', 'Length (mm)'],
          ['Extender, stout', 'ulmo', 'US$22', 115],
          ['Ferrule, spare', 'brass', 4900, 30],
        ],
      },
    ],
    currency: 'CLP',
    columns: 'title option price option/particular',
    want: `Extender, slim | lenga / 110 | 14900 | ∞
Extender, slim | ulmo / 112 | 14900 | ∞
Extender, slim | lenga / 128 | 16900 | ∞
Extender, stout | raulí / 115 | 18900 | ∞
Extender, stout | ulmo / 115 | ? | ∞
Ferrule, spare | brass / 30 | 4900 | ∞`,
  },
  {
    drawn: '291353/5 crab pots, St John’s',
    file: 'pots.xlsx',
    brief: `Petty Hbr Pots // St John's NL
-> crab pots, knit by hand, steel hoop, 1 or 2 doors
-> escape panel rots thru in 60 d. if pot is lost -> no ghost fishing (!! main thing)
-> for guys w/ a punt + cabin owners, not the fleet
-> not like the big orange ones from you know who
-> tone: dry, b/c weather isn't
-> #1d3557 + #f1faee
-> newsletter? hate them. but OK, 1x/yr when season opens
-> hoop rusts thru w/in 3 yrs = new pot
-> ship NL + Maritimes, pots nest -> cheaper x 3
-> pots@pettyhbr.example
`,
    sheets: [
      {
        name: 'Pots',
        rows: [
          ['Name', 'Sizes', 'Price', 'Stock'],
          ['Crab pot, one door', '24 in, 30 in', 68, 12],
          ['Crab pot, two doors', '30 in, 36 in', 84, 6],
          ['Lorem ipsum', 'S, M', 1, 1],
        ],
      },
      {
        name: 'Bits',
        rows: [
          ['Name', 'Sizes', 'Price', 'Stock'],
          ['Escape panel, pack of 5', '', 14, 40],
          ['Bait bag', '', 4.5, 100],
          ['Buoy, painted', '5 in, 7 in', 19, 0],
        ],
      },
    ],
    currency: 'CAD',
    columns: 'title option price stock',
    want: `Crab pot, one door | 24 in | 6800 | ?
Crab pot, one door | 30 in | 6800 | ?
Crab pot, two doors | 30 in | 8400 | ?
Crab pot, two doors | 36 in | 8400 | ?
Escape panel, pack of 5 |  | 1400 | 40
Bait bag |  | 450 | 100
Buoy, painted | 5 in | 1900 | 0
Buoy, painted | 7 in | 1900 | 0`,
    leftOut: 1,
  },
  {
    drawn: '291353/6 boot laces, Plovdiv',
    file: 'laces.jsonl',
    brief: `HOME | LACES | ABOUT US | CONTACT | CART (0)

Welcome to Vrazka!

Click here to see our spring sale

About us
Vrazka is a braiding mill in Plovdiv. The machines came from Wuppertal in 1961 and the cotton comes from near Haskovo. We braid boot laces that do not come undone: the core is wool, the outside is waxed cotton, and the knot bites.
In Wuppertal they don't braid any more, so they visit us.

Our laces
A pair is cut to the hole: count the holes, and we know the length. The tips are brass, crimped, not melted.
"On the Vihren they froze, and I could still untie them." Mila Georgieva, mountain guide

For mountain people, for soldiers who are tired of the army's, and for one circus.

Shipping
The whole EU, 3 to 6 days. Tips come off? We send tips.

Design notes for the new site
Dark and rich. Chestnut, which is also our best seller. No stock photos. Put the sale away, it was in 2019.

Copyright 2019 Vrazka Ltd. All rights reserved. Prices in euro without VAT.
info@vrazka.example | Privacy | Back to top
`,
    text: jsonLines(
      made(120, (i) => ({
        'which lace': i % 3 ? '' : `${pick(lace, Math.floor(i / 3))} ${Math.floor(i / 3) + 1}`,
        'for how many holes': pick(['10', '14', '18'], i),
        euros: (4.2 + (i % 3) * 0.8 + Math.floor(i / 3) * 0.1).toFixed(2),
        dyed: pick(['chestnut', 'black', 'moss'], Math.floor(i / 3)),
        barcode: gtin(380000400000 + i, i % 50 === 9 ? 3 : 0),
      })),
    ),
    currency: 'EUR',
    columns: 'title option price particular gtin',
    want: made(
      120,
      (i) =>
        `${pick(lace, Math.floor(i / 3))} ${Math.floor(i / 3) + 1} | ${pick(['10', '14', '18'], i)} | ${Math.round((4.2 + (i % 3) * 0.8 + Math.floor(i / 3) * 0.1) * 100)} | ∞`,
    ).join('\n'),
  },
];
