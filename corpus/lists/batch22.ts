import { feed, fixedWidth, gtin, jsonLines, made, pick, type ListCase } from './case';

const paper = ['Chart', 'Map', 'Plan', 'Survey'] as const;
const sea = ['Cook Strait', 'Hauraki Gulf', 'Port Nicholson', 'Otago Harbour', 'Tasman Bay', 'Foveaux Strait'] as const;
const corset = ['Underbust', 'Overbust', 'Ribbon', 'Riding', 'Pregnancy stay', 'Half-boned stay', 'Cording stay'] as const;
const dye = ['ivory', 'navy', 'rust', 'black'] as const;
const oil = ['Virgin', 'Toasted', 'Dark toasted', 'First of March'] as const;
const pot = ['Ovalna posuda', 'Pravokutna posuda', 'Kaskadna posuda', 'Mame posuda', 'Okrugla posuda'] as const;

/** Drawn (291351) and written on 29 November 2026, before the reader was run on any. */
export const batch22: ListCase[] = [
  {
    drawn: '291351/1 lace bobbins, Uppsala',
    file: 'bobbins.txt',
    brief: `Knyppelboden sells bobbins for lace. We turn them in Uppsala, in a garage, and we are the cheapest in Sweden and not ashamed of it.

They all sell bobbins in boxes of twelve with a certificate. We sell one bobbin, in a paper bag. They all write "heirloom". We write what it weighs. They photograph them on velvet; we photographed ours on the bench. They have a showroom, we have a shed with a heater. They all take six weeks. We post on Mondays.

A bobbin must be smooth at the neck, or the thread frays. We sand the neck by hand with 600 paper and leave the rest as it came off the lathe. That is why it costs what it costs.

A woman in Visby wrote that ours are the first she didn't have to file down. Another said her pillow is quieter now.

Buyers: lace makers who already have a pillow, and teachers who need forty at once. The prices in the list are without VAT, please add the 25 %. Swedish kronor. We send to Sweden, Denmark and Finland.

The site should be black and white. And please something red. No, not red, the red of a Dala horse was my sister's idea. Blue, if any.

Write to hej@knyppelboden.example.
`,
    text: fixedWidth(
      [24, 8, 10, 8, 8],
      [
        ['Midlands bobbin', 'wood', 'plum', '48', '9 g'],
        ['Midlands bobbin', 'wood', 'olive', '52', '9 g'],
        ['Midlands bobbin', 'wood', 'yew', '60', '11 g'],
        ['Bobbin "Elsa', 'wood', 'birch', '29', '7 g'],
        ['Square bobbin', 'wood', 'oak', '35', '0,01 kg'],
        ['Spangle', 'bead', 'green', '12', '3 g'],
      ],
    ),
    currency: 'SEK',
    columns: 'title optionName optionValue price weight',
    want: `Midlands bobbin | plum | 4800 | ∞
Midlands bobbin | olive | 5200 | ∞
Midlands bobbin | yew | 6000 | ∞
Bobbin "Elsa | birch | 2900 | ∞
Square bobbin | oak | 3500 | ∞
Spangle | green | 1200 | ∞`,
  },
  {
    drawn: '291351/2 antique maps, Wellington',
    file: 'maps.csv',
    brief: `Meridian & Daughter, antique maps and sea charts, Wellington, New Zealand.

What our site must not be:
- no parchment, no compass roses, no burnt edges
- no "treasure"
- not brown. I have been looking at brown paper for thirty years. No sepia, no beige, no tan, no cream, nothing that looks like tea was spilt on it
- no music
- no pop-ups about newsletters
- not a museum

It should look like a pharmacy: white, clean, labelled, everything in its drawer.

What we do: we buy old maps and sea charts of the Pacific from estates and libraries, check them against the catalogues, and mend tears with wheat paste and Japanese paper. Every sheet is sold with a note of what was mended and where it came from. We don't frame.

A harbour pilot told us he navigates by ours at home. One collector said that the condition notes are the only ones he trusts.

Sheets travel rolled in a tube, never folded, anywhere in the world. If the sheet isn't what the note says, send it back within 30 days and we pay the postage.

Prices in New Zealand dollars, GST included. Ask anything: drawer@pacificsheets.example
`,
    text: made(
      120,
      (i) =>
        `"${pick(paper, i)} of ${pick(sea, Math.floor(i / 2))}, sheet ${Math.floor(i / 2) + 1}",Print,${i % 2 ? 'hand-coloured' : 'plain'},${i % 7 === 3 ? `"${1}${',' + String(240 + i)}.00"` : `${180 + i * 3}.00`},Charts > ${i % 4 < 2 ? 'Pacific' : 'New Zealand'},1:${(20 + (i % 5) * 15) * 1000},${1771 + Math.floor(i / 2)},${pick(['laid', 'wove'], i % 3)}`,
    ).join('\n'),
    currency: 'NZD',
    columns: 'title optionName optionValue price category particular particular particular',
    want: made(
      120,
      (i) =>
        `${pick(paper, i)} of ${pick(sea, Math.floor(i / 2))}, sheet ${Math.floor(i / 2) + 1} | ${i % 2 ? 'hand-coloured' : 'plain'} | ${i % 7 === 3 ? (1240 + i) * 100 : (180 + i * 3) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291351/3 toast racks, Winterthur',
    file: 'racks.txt',
    encoding: 'windows-1252',
    brief: `Vreni: So. The shop is called Röstwerk, we agreed on that at least.
Beat: Did we? Fine. Röstwerk. Toast racks. From Winterthur.
Vreni: Toast racks and egg cups. And we bend the wire ourselves.
Beat: I bend the wire. You pack.
Vreni: It must feel like the mountains. Early, cold, clear air, a hut, breakfast at six.
Beat: It must feel like breakfast. Nobody buys a toast rack on a mountain.
Vreni: People who have guests. Bed and breakfasts. My aunt had the 1950 rack, it still stands straight.
Beat: Say that each wire is one piece, bent on the jig, never welded where the toast goes. So no crumbs get stuck.
Vreni: And that toast stays crisp because air gets round it. People don't know that.
Beat: Two francs of every rack go to the mountain rescue.
Vreni: Post inside Switzerland 7 francs, free from 80. We also send to Liechtenstein.
Beat: And no photographs of me.
Vreni: Returns, thirty days, even if there was jam on it.
Beat: That's your idea.
Vreni: hallo@roestwerk.example
`,
    text: `What it is; Our number; Francs; Left
Toast rack, 4 slices – steel; R 40 1; 48.-; 12
Toast rack, 4 slices – brass; R 40 2; 62.-; 5
Toast rack, 6 slices – steel; R 60 1; 58.-; 9
Toast rack, 6 slices – brass; R 60 2; 74.-; 0
Toast rack, 8 slices – steel; R 80 1; 69.50; 3
Toast rack "Säntis" – steel; R 91 1; 88.-; 2
Egg cup – steel; E 10 1; 14.-; 30
Egg cup – brass; E 10 2; 19.-; 22
Egg cup, double – steel; E 20 1; 21.50; 8
Butter stand; B 10 0; 39.-; 4
Wire for repairs; W 00 1; 6.50; 50
`,
    currency: 'CHF',
    columns: 'title sku price stock',
    want: `Toast rack, 4 slices | steel | 4800 | 12
Toast rack, 4 slices | brass | 6200 | 5
Toast rack, 6 slices | steel | 5800 | 9
Toast rack, 6 slices | brass | 7400 | 0
Toast rack, 8 slices | steel | 6950 | 3
Toast rack "Säntis" | steel | 8800 | 2
Egg cup | steel | 1400 | 30
Egg cup | brass | 1900 | 22
Egg cup, double | steel | 2150 | 8
Butter stand |  | 3900 | 4
Wire for repairs |  | 650 | 50`,
  },
  {
    drawn: '291351/4 stays and corsets, Gdańsk',
    file: 'gorsety.psv',
    brief: `WE MAKE CORSETS AND STAYS!!! GDAŃSK, POLAND!!! THE WORKSHOP IS CALLED FISZBIN!

EVERY CORSET IS BONED WITH SPRING STEEL AND LACED WITH FLAT COTTON TAPE! WE CUT FOR 14 SIZES! NOT PLASTIC BONES! NEVER PLASTIC BONES!

WE DO NOT CARE HOW THE SITE LOOKS! GREEN IF YOU MUST! NO PINK! NO PURPLE!!! NOT A BOUDOIR!

FOR PEOPLE WHO DANCE IN THEM, ACT IN THEM, OR HAVE A BAD BACK! BUT DO NOT WRITE THAT THEY ARE GOOD FOR THE BACK! WE ARE NOT DOCTORS AND THE OFFICE WROTE US A LETTER!

IF A BONE BREAKS WITHIN TWO YEARS WE REPLACE IT FOR FREE! SEND IT BACK IN A BOX!

MEASURE YOUR WAIST BEFORE YOU ORDER! WITHOUT BREATHING IN!

PRICES IN ZŁOTY WITH VAT! WE SEND TO THE WHOLE EUROPEAN UNION! 5 DAYS!

SZYCIE@FISZBIN.EXAMPLE
`,
    text: made(700, (i) => ({ i, colour: i % 4, size: Math.floor(i / 4) % 14, model: Math.floor(i / 56) }))
      .filter(({ i }) => i % 9 !== 5)
      .map(
        ({ i, colour, size, model }) =>
          `${pick(corset, model)} no. ${model + 1}|${pick(dye, colour)}|${50 + size * 5} cm|${289 + model * 20},00 zł|${pick(['plenty', 'last one', 'sold out', 'three left', 'made to order'], i)}|<p>${pick(corset, model)} in coutil, <b>spring steel</b> bones.</p>`,
      )
      .join('\n'),
    currency: 'PLN',
    columns: 'title option option price stock description',
    want: made(700, (i) => ({ i, colour: i % 4, size: Math.floor(i / 4) % 14, model: Math.floor(i / 56) }))
      .filter(({ i }) => i % 9 !== 5)
      .map(
        ({ i, colour, size, model }) =>
          `${pick(corset, model)} no. ${model + 1} | ${pick(dye, colour)} / ${50 + size * 5} cm | ${28900 + model * 2000} | ${pick(['∞', '1', '0', '3', '∞'], i)}`,
      )
      .join('\n'),
  },
  {
    drawn: '291351/5 bonsai pots, Split',
    file: 'posude.txt',
    brief: `1. Summary
Korijen d.o.o. is a workshop and shop for bonsai pots in Split, Croatia. We fire our own stoneware and resell pots of two potters in Tokoname, Japan.

2. Market
2.1 Who buys
Bonsai growers who train for shows, and clubs. They repot in spring and want the pot in February.
2.2 Competition
Two shops in Italy, one in Slovenia. Neither has shallow ovals under 20 cm.

3. Product
Our own pots stand frost to minus 15 degrees, because we fire them at 1260 degrees. Each has two drain holes and holes for the wire. Glaze on the outside only, so that the roots hold.
The Japanese pots carry the potter's stamp; we import them twice a year.

4. Site
4.1 Quick, light, energetic, like a sports club. The colours should come from the pots.
4.2 Pages: a calendar of when to repot which tree, and a page where members show their trees. A shop, of course.
4.3 Objective: 60 % of orders before the 1st of March.

5. Delivery
Croatia 4.50 €, the rest of the EU 11 €. Each pot is packed in two boxes. Broken on the way: we send another one.

6. Contact
lonac@korijen.example, +385 21 555 014
`,
    text: fixedWidth(
      [34, 30, 12, 16, 8],
      [
        ['Naziv', 'Kategorija', 'Cijena', 'Barkod', 'Zaliha'],
        ...made(120, (i) => [
          `${pick(pot, i)} ${12 + Math.floor(i / 5)} cm`,
          `${i % 3 === 0 ? 'Tokoname' : 'Vlastite'} > ${pick(['Plitke', 'Duboke'], i)}`,
          `${(18 + i * 0.75).toFixed(2).replace('.', ',')} €`,
          gtin(385100000000 + i, i % 40 === 12 ? 1 : 0),
          String((i * 3) % 8),
        ]),
      ],
    ),
    currency: 'EUR',
    columns: 'title category price gtin stock',
    want: made(120, (i) => `${pick(pot, i)} ${12 + Math.floor(i / 5)} cm |  | ${1800 + i * 75} | ${(i * 3) % 8}`).join('\n'),
  },
  {
    drawn: '291351/6 oyster shuckers, San José',
    file: 'knives.jsonl',
    brief: `Dear Ana,

you asked how it goes with the knives. Well! I have a name, La Ostra Terca, and a bench behind the house in San José, and I have sold ninety shuckers since the rains stopped.

You know how it began: I cut my thumb on a knife that was meant for butter. So I made one that can't slip. The blade is short and thick, from old lorry springs, and the guard is a coin of cow horn. The handle fills the hand. My own are those. I also sell the gloves from Puntarenas and two French knives, which I buy in, because people ask.

I sell from November to April only, when oysters are worth opening. In the other months I sharpen what you send me.

Who buys? Men who cook for their family on Sundays, and three restaurants on the coast. They all want the left-handed one, and they all get it.

I don't mind how the site looks. Let it have the colours of the knives. Everything in colones. Within Costa Rica the post takes three days, and costs 2500; abroad I don't send, customs thinks they are weapons.

Come and see me, calle 7, on Saturdays.

A hug,
Marisol
terca@laostraterca.example
`,
    text: jsonLines(
      made(35, (i) => ({
        family: `K${Math.floor(i / 3) + 1}`,
        'What my husband calls "another knife"': `${pick(['Shucker', 'Shucker, long', 'Glove', 'French knife', 'Oyster block', 'Sharpening'], Math.floor(i / 3))} ${Math.floor(i / 3) + 1}`,
        hand: pick(['right', 'left', 'both'], i),
        colones: i % 11 === 4 ? '18.500 – 24.000' : i % 13 === 6 ? 'desde 12.000' : `${12 + i}.500`,
        'how many': pick(['a few', 'none until March', 'four', 'plenty', 'one'], i),
      })),
    ),
    currency: 'CRC',
    columns: 'group title option price stock',
    want: made(
      35,
      (i) =>
        `${pick(['Shucker', 'Shucker, long', 'Glove', 'French knife', 'Oyster block', 'Sharpening'], Math.floor(i / 3))} ${Math.floor(i / 3) + 1} | ${pick(['right', 'left', 'both'], i)} | ${i % 11 === 4 || i % 13 === 6 ? '?' : (12 + i) * 100000 + 50000} | ${pick(['?', '0', '4', '∞', '1'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '291351/7 walnut oil, Montevideo',
    file: 'feed.xml',
    brief: `1. What
Cold pressed walnut oil, pressed to order in Montevideo, Uruguay. We have no name yet.

2. Why
Walnut oil turns within months. What stands in the supermarket was pressed a year ago. We press on Thursdays what was ordered by Wednesday, and the date of pressing is written on each bottle by hand.
The walnuts come from 41 trees of my uncle in Canelones. We shell them ourselves; a bottle of 250 ml needs two kilos in the shell.

3. Who
Cooks, and people who eat salad slowly.
"I have stopped buying the French one." (Inés Baraldi, cook, Colonia)
"It smells of the tree." (Rodrigo Etchart)

4. Money
Pesos. Delivery in Montevideo by bicycle, free. By bus to the rest of the country, 180 pesos.
Goal: 300 subscriptions to the monthly bottle in the first year.

5. Look
Bare. Nothing that is not needed. The green of our van: #3F5A3C.

6. How to keep it
In the fridge, closed, three months.
`,
    text: feed(
      made(120, (i) => [
        ['title', i % 4 ? '' : `Walnut oil ${Math.floor(i / 4) + 1}, "${pick(oil, Math.floor(i / 4))}`],
        ['the-more-the-merrier', pick(['100 ml', '250 ml', '500 ml', '1 l'], i)],
        ['price', `${390 + (i % 4) * 310 + Math.floor(i / 4) * 5}`],
        ['pressed', pick(['Thursday', 'to order'], Math.floor(i / 4))],
      ]),
    ),
    currency: 'UYU',
    columns: 'title option price particular',
    want: made(
      120,
      (i) =>
        `Walnut oil ${Math.floor(i / 4) + 1}, "${pick(oil, Math.floor(i / 4))} | ${pick(['100 ml', '250 ml', '500 ml', '1 l'], i)} | ${(390 + (i % 4) * 310 + Math.floor(i / 4) * 5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291351/8 eel leather, Adelaide',
    file: 'eel.csv',
    brief: `My grandfather fished the Murray mouth from 1931. He sold the eels and threw the skins on the fence. My grandmother took them off the fence again. She was a bookbinder, and she had noticed that a strip of dried eel skin doesn't tear, however hard you pull.

My father laughed about it for forty years. When he died we found her notebook in the shed: how long in the lime, how long in the bark, how to stretch the skins on boards so that they dry flat. We, that is my brother Tom and I, Hazel, tried it in 2015 and ruined two hundred skins. The two hundred and first was good.

Today Fence & Tide makes wallets, belts and watch straps from eel leather in Adelaide. It is thinner than calf and about one and a half times as strong, and it gets softer with every year. We tan with wattle bark only, which takes six weeks. The skins are left over from the smokehouses on the Coorong, and nobody fishes for us.

It should be elegant, like a good watch shop. And wild, like the beach in July. I know.

The colours are those of the leather: there are four.

The shop is at 14 Gouger Street, Adelaide. The tannery is at 3 Jetty Road, Meningie, and you can visit it when the flag is up.

We send to Australia, New Zealand, Japan and the UK. Not to the USA, and not to the EU, because of the papers. Everything is repaired free for five years.

Prices in dollars. fence@fenceandtide.example
`,
    text: `Family,Piece,Skin,Ask,On the scales
W1,Card wallet,bark,129.00,38 g
W1,Card wallet,ink,129.00,38 g
W1,Card wallet,bark,149.00,44 g
B1,Belt,storm,219.00,0.21 kg
B1,Belt,ink,219.00,0.21 kg
S1,Watch strap,salt,89.00,12 g
`,
    currency: 'AUD',
    columns: 'group title option price weight',
    want: `Card wallet | bark | 12900 | ∞
Card wallet | ink | 12900 | ∞
Card wallet | bark | 14900 | ∞
Belt | storm | 21900 | ∞
Belt | ink | 21900 | ∞
Watch strap | salt | 8900 | ∞`,
  },
];
