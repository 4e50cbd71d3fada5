import { fixedWidth, gtin, jsonLines, made, pick, type ListCase } from './case';

/** Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. */
export const batch13: ListCase[] = [
  {
    drawn: '84417/1 tamarind sweets, Quito',
    file: 'dulces.json',
    brief: 'Tamarindo Loco makes sweets of tamarind in Quito. Ecuador pays in US dollars, and so do we.',
    text: JSON.stringify(
      made(60, (i) => ({
        'what your dentist hates':
          i % 3
            ? ''
            : `${pick(['Bolitas', 'Tiras', 'Pulpa'], Math.floor(i / 3))} ${pick(['dulces', 'con sal', 'con chile', 'ácidas'], Math.floor(i / 9))} ${Math.floor(i / 9) + 1}`,
        'how much trouble': pick(['100 g', '250 g', '1 kg'], i),
        damage: (1.2 + Math.floor(i / 3) * 0.05 + (i % 3) * 2).toFixed(2),
        burns: pick(['no', 'a little', 'yes'], Math.floor(i / 3)),
      })),
    ),
    currency: 'USD',
    columns: 'title option price particular',
    want: made(
      60,
      (i) =>
        `${pick(['Bolitas', 'Tiras', 'Pulpa'], Math.floor(i / 3))} ${pick(['dulces', 'con sal', 'con chile', 'ácidas'], Math.floor(i / 9))} ${Math.floor(i / 9) + 1} | ${pick(['100 g', '250 g', '1 kg'], i)} | ${120 + Math.floor(i / 3) * 5 + (i % 3) * 200} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '84417/2 cymbals, Cluj',
    file: 'cymbals.xlsx',
    brief: 'Tăler hammers cymbals in Cluj-Napoca, Romania. Prices in lei.',
    sheets: [
      {
        name: 'Rides and crashes',
        rows: [
          ['Title', 'Size', 'Price', 'Stock', 'Description'],
          ...made(40, (i) => [
            i % 2
              ? ''
              : `${pick(['Ride', 'Crash'], Math.floor(i / 2))} ${pick(['Someș', 'Apuseni', 'Bihor', 'Turda', 'Arieș'], Math.floor(i / 4))} ${Math.floor(i / 20) + 1}`,
            pick(['18"', '20"'], i),
            980 + Math.floor(i / 2) * 10 + (i % 2) * 150,
            i % 4,
            i % 2 ? '' : 'Dry, with a low wash.\n"Talks back."',
          ]),
          ['Test cymbal', '18"', 0, 0, 'test'],
        ],
      },
      {
        name: 'Hats',
        rows: [
          ['Title', 'Size', 'Price', 'Stock', 'Description'],
          ...made(8, (i) => [
            i % 2 ? '' : `Hats ${Math.floor(i / 2) + 1}`,
            pick(['14"', '15"'], i),
            1400 + i * 20,
            2,
            i % 2 ? '' : 'A pair.',
          ]),
        ],
      },
    ],
    currency: 'RON',
    columns: 'title option price stock description',
    want: [
      ...made(
        40,
        (i) =>
          `${pick(['Ride', 'Crash'], Math.floor(i / 2))} ${pick(['Someș', 'Apuseni', 'Bihor', 'Turda', 'Arieș'], Math.floor(i / 4))} ${Math.floor(i / 20) + 1} | ${pick(['18"', '20"'], i)} | ${(980 + Math.floor(i / 2) * 10 + (i % 2) * 150) * 100} | ${i % 4}`,
      ),
      ...made(8, (i) => `Hats ${Math.floor(i / 2) + 1} | ${pick(['14"', '15"'], i)} | ${(1400 + i * 20) * 100} | 2`),
    ].join('\n'),
    leftOut: 1,
  },
  {
    drawn: '84417/3 pewter tankards, a ferry island near Vancouver',
    file: 'tankards.psv',
    brief: 'Low Tide Pewter, on an island that you reach by ferry from Vancouver. Canadian dollars.',
    text: `Vessel of choice|Thing you decide|What you decided|Loonies|Holds|Weighs|Lid|Base|Maker's mark|Polish
${made(
  18,
  (i) =>
    `${pick(['Harbour', 'Gale', 'Slack'], Math.floor(i / 6))} tankard ${Math.floor(i / 2) + 1}|Handle|${pick(['plain', 'roped'], i)}|${95 + Math.floor(i / 2) * 5}.00|${pick(['0.5 l', '0.35 l'], Math.floor(i / 2))}|${420 + Math.floor(i / 2)} g|${pick(['yes', 'no'], Math.floor(i / 2))}|${pick(['glass', 'pewter'], Math.floor(i / 6))}|LT|satin`,
).join('\n')}
`,
    currency: 'CAD',
    columns: 'title optionName optionValue price particular weight particular particular particular particular',
    want: made(
      18,
      (i) =>
        `${pick(['Harbour', 'Gale', 'Slack'], Math.floor(i / 6))} tankard ${Math.floor(i / 2) + 1} | ${pick(['plain', 'roped'], i)} | ${(95 + Math.floor(i / 2) * 5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '84417/4 whistles, Antwerp',
    file: 'whistles.xlsx',
    brief: 'Fluitje van een Cent, Antwerp. Whistles for dogs, referees and shepherds, in euros.',
    sheets: [
      {
        name: 'Dogs',
        rows: [
          ['Name', 'Pitch', 'Price', 'Stock'],
          ['Silent one', '5400 Hz', 12.5, 'plenty'],
          ['Loud one', '3200 Hz', 'from 9', 'two left'],
          ['Horn one', '2900 Hz, 3100 Hz', 19, 'sold out'],
          ['Old one', '', '14-18', '6'],
          ['Ivory-coloured one', '3000 Hz', 11, ''],
        ],
      },
      {
        name: 'Referees',
        rows: [
          ['Name', 'Pitch', 'Price', 'Stock'],
          ['Pealess', '3700 Hz, 3900 Hz', 8, 'in stock'],
          ['Finger', '3500 Hz', 6.5, 'on order'],
          ['Brass', '3300 Hz', 22, 'none'],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price stock',
    want: `Silent one | 5400 Hz | 1250 | ∞
Loud one | 3200 Hz | ? | 2
Horn one | 2900 Hz | 1900 | 0
Horn one | 3100 Hz | 1900 | 0
Old one | | ? | 6
Ivory-coloured one | 3000 Hz | 1100 | ?
Pealess | 3700 Hz | 800 | ∞
Pealess | 3900 Hz | 800 | ∞
Finger | 3500 Hz | 650 | ?
Brass | 3300 Hz | 2200 | 0`,
  },
  {
    drawn: '84417/5 carnival masks, Plovdiv',
    file: 'masks.csv',
    brief: 'Маскарад makes carnival masks in Plovdiv, Bulgaria. We write prices in euro.',
    text: `Face,Fits heads of,Yours for,Hangs under,Made of
Fox,S / M / L,38.00 €,Animals > Forest,papier-mâché
Bear,M / L,42.00 €,Animals > Forest,papier-mâché
Goat,S / M / L,39.00 €,Animals > Farm,papier-mâché and hair
Old man,M / L,55.00 €,People > Kukeri,wood
Bride,S / M,52.00 €,People > Kukeri,wood
Plague doctor,M,48.00 €,People > Doctors,leather
Half moon,one size,22.00 €,Sky,paper
Sun,one size,22.00 €,Sky,paper
Rooster,S / M / L,36.00 €,Animals > Farm,papier-mâché and feathers
Sample face,M,0.00 €,Sky,paper
Blank to paint,S / M / L,12.00 €,Kits,paper
`,
    currency: 'EUR',
    columns: 'title option price category particular',
    want: `Fox | S | 3800 | ∞
Fox | M | 3800 | ∞
Fox | L | 3800 | ∞
Bear | M | 4200 | ∞
Bear | L | 4200 | ∞
Goat | S | 3900 | ∞
Goat | M | 3900 | ∞
Goat | L | 3900 | ∞
Old man | M | 5500 | ∞
Old man | L | 5500 | ∞
Bride | S | 5200 | ∞
Bride | M | 5200 | ∞
Plague doctor | M | 4800 | ∞
Half moon | one size | 2200 | ∞
Sun | one size | 2200 | ∞
Rooster | S | 3600 | ∞
Rooster | M | 3600 | ∞
Rooster | L | 3600 | ∞
Blank to paint | S | 1200 | ∞
Blank to paint | M | 1200 | ∞
Blank to paint | L | 1200 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '84417/6 swing seats, Suva',
    file: 'swings.txt',
    encoding: 'windows-1252',
    brief: 'Lailai Swings, Suva, Fiji. Seats for swings, for children and for those who were. Fiji dollars.',
    text: `where you sit – how wide your behind is – coconuts – rope
Plank seat – 40 cm – $45 – manila
Plank seat – 60 cm – $58 – manila
Tyre seat – 50 cm – $30 – chain
Tyre seat – 70 cm – from $35 – chain
Bucket seat – 30 cm – $85 – nylon
Bucket seat – 35 cm – $85–95 – nylon
Café seat – 90 cm – $160 – manila
Café seat – 120 cm – $190 – manila
`,
    currency: 'FJD',
    columns: 'title option price particular',
    want: `Plank seat | 40 cm | 4500 | ∞
Plank seat | 60 cm | 5800 | ∞
Tyre seat | 50 cm | 3000 | ∞
Tyre seat | 70 cm | ? | ∞
Bucket seat | 30 cm | 8500 | ∞
Bucket seat | 35 cm | ? | ∞
Café seat | 90 cm | 16000 | ∞
Café seat | 120 cm | 19000 | ∞`,
  },
  {
    drawn: '84417/7 comic back issues, Ljubljana',
    file: 'stripi.txt',
    encoding: 'windows-1250',
    brief: 'Oblaček, Ljubljana. Stari stripi, cene v evrih.',
    text: `Zvitorepec 12; 1972; 18 €; dobro ohranjen
Zvitorepec 14; 1972; 15 €; platnica počena
Zvitorepec 31; 1975; 9 €; dobro ohranjen
Lakotnik 3; 1974; 25 €; brez strani 7
Trdonja 1; 1971; 40 €; kot nov
Alan Ford 44; 1973; 12 €; dobro ohranjen
Alan Ford 45; 1973; 12 €; dobro ohranjen
Alan Ford 71; 1975; 8,50 €; rumen papir
Zagor 200; 1978; 5 €; dobro ohranjen
Poskusni izdelek; 2020; 1 €; test
`,
    currency: 'EUR',
    columns: 'title particular price particular/description',
    want: `Zvitorepec 12 | | 1800 | ∞
Zvitorepec 14 | | 1500 | ∞
Zvitorepec 31 | | 900 | ∞
Lakotnik 3 | | 2500 | ∞
Trdonja 1 | | 4000 | ∞
Alan Ford 44 | | 1200 | ∞
Alan Ford 45 | | 1200 | ∞
Alan Ford 71 | | 850 | ∞
Zagor 200 | | 500 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '84417/8 antique maps, Durban',
    file: 'maps.xlsx',
    brief: 'Meridian Maps, Durban. Antique maps and careful prints of them, in rand.',
    sheets: [
      {
        name: 'Prints',
        rows: [
          ['Meridian Maps, prints'],
          ['Every print is signed at the back'],
          ...made(48, (i) => [
            `${pick(['Cape', 'Natal', 'Zambezi', 'Mozambique'], Math.floor(i / 4))} of ${1680 + Math.floor(i / 4) * 9}`,
            pick(['sepia', 'hand-coloured'], i),
            pick(['A3', 'A2'], Math.floor(i / 2)),
            `R ${650 + Math.floor(i / 4) * 20 + (Math.floor(i / 2) % 2) * 300}`,
            gtin(600_123_400_000 + i, i === 7 ? 2 : 0),
          ]).filter((_, i) => i % 11 !== 5),
          ['Total', '', '', 'R 41000', ''],
        ],
      },
    ],
    currency: 'ZAR',
    columns: 'title option option price gtin',
    want: made(48, (i) => i)
      .filter((i) => i % 11 !== 5)
      .map(
        (i) =>
          `${pick(['Cape', 'Natal', 'Zambezi', 'Mozambique'], Math.floor(i / 4))} of ${1680 + Math.floor(i / 4) * 9} | ${pick(['sepia', 'hand-coloured'], i)} / ${pick(['A3', 'A2'], Math.floor(i / 2))} | ${(650 + Math.floor(i / 4) * 20 + (Math.floor(i / 2) % 2) * 300) * 100} | ∞`,
      )
      .join('\n'),
    leftOut: 1,
  },
  {
    drawn: '84417/9 tabla, Vilnius',
    file: 'tabla.xlsx',
    brief: 'Tabla makers in Vilnius, the only ones. Prices are in euros unless you see another sign.',
    sheets: [
      {
        name: 'Sheet1',
        rows: [
          ['Tabla and what belongs to them'],
          ['"skins from goats, always'],
          ['Dayan, sheesham', '13 cm, 14 cm', '€ 320', 'bright'],
          ['Dayan, mango', '13 cm', '€ 280', 'warm'],
          ['Bayan, copper', '23 cm, 24 cm', '€ 390', 'deep'],
          ['Bayan, brass', '23 cm', '€ 410', 'deep'],
          ['Travel pair', '12 cm', '$ 450', 'light'],
          ['Ring cushions', '20 cm, 25 cm', '€ 35', ''],
          ['Hammer', '', '€ 24', 'steel'],
          ['Total', '', '€ 1909', ''],
        ],
      },
    ],
    currency: 'EUR',
    columns: 'title option price particular/description',
    want: `Dayan, sheesham | 13 cm | 32000 | ∞
Dayan, sheesham | 14 cm | 32000 | ∞
Dayan, mango | 13 cm | 28000 | ∞
Bayan, copper | 23 cm | 39000 | ∞
Bayan, copper | 24 cm | 39000 | ∞
Bayan, brass | 23 cm | 41000 | ∞
Travel pair | 12 cm | ? | ∞
Ring cushions | 20 cm | 3500 | ∞
Ring cushions | 25 cm | 3500 | ∞
Hammer | | 2400 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '84417/10 saddle soap, Gdańsk',
    file: 'mydlo.csv',
    encoding: 'windows-1250',
    brief: 'Popręg: mydło do siodeł, Gdańsk. Ceny w złotych.',
    text: `Produkt;Cena (zł);Waga (g);Trwałość (mies.)
Mydło w kostce – bezbarwne;24,90;200;24
Mydło w kostce – brązowe;26,90;200;24
Mydło w kostce – czarne;26,90;200;24
Krem do skór – bezbarwny;39,00;150;18
Krem do skór – brązowy;41,00;150;18
Olej kopytny;32,50;500;36
Gąbka;6,00;20;
Szczotka – miękka;18,00;90;
Szczotka – twarda;18,00;95;
`,
    currency: 'PLN',
    columns: 'title price weight particular',
    want: `Mydło w kostce | bezbarwne | 2490 | ∞
Mydło w kostce | brązowe | 2690 | ∞
Mydło w kostce | czarne | 2690 | ∞
Krem do skór | bezbarwny | 3900 | ∞
Krem do skór | brązowy | 4100 | ∞
Olej kopytny | | 3250 | ∞
Gąbka | | 600 | ∞
Szczotka | miękka | 1800 | ∞
Szczotka | twarda | 1800 | ∞`,
  },
  {
    drawn: '84417/11 reed diffusers, Adelaide',
    file: 'reeds.txt',
    brief: 'Stillwater, Adelaide. Reed diffusers in three sizes. Australian dollars.',
    text: fixedWidth(
      [20, 12, 14, 24],
      [
        ['The scent', 'Bottle', 'We ask', 'Where in the shop'],
        ['Wattle', '100 ml', '$32.00', 'Scents > Flowers'],
        ['', '250 ml', '$58.00', 'Scents > Flowers'],
        ['Lemon myrtle', '100 ml', '$32.00', 'Scents > Leaves'],
        ['', '250 ml', '$58.00', 'Scents > Leaves'],
        ['Sample scent', '100 ml', '$0.00', 'Scents'],
        ['Reeds, ten', '', '$6.50', 'Extras'],
      ],
    ),
    currency: 'AUD',
    columns: 'title option price category',
    want: `Wattle | 100 ml | 3200 | ∞
Wattle | 250 ml | 5800 | ∞
Lemon myrtle | 100 ml | 3200 | ∞
Lemon myrtle | 250 ml | 5800 | ∞
Reeds, ten | | 650 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '84417/12 egg cups, Vilnius',
    file: 'cups.csv',
    brief: 'Kiaušinis. Egg cups from Vilnius, euros.',
    text: `Title,Price,Category,Foot,Glaze,Egg
Hen – white,14.00,Birds,round,matt,hen
Hen – speckled,16.00,Birds,round,matt,hen
Duck – blue,,Birds,square,gloss,duck
Duck – white,18.00,Birds,square,gloss,duck
Quail,9.00,Small,none,raw,quail
Ostrich,48.00,Large,round,raw,ostrich
Pair of feet – pink,22.00,Funny,feet,gloss,hen
Pair of feet – brown,,Funny,feet,gloss,hen
Spoon,5.00,Extras,,,
`,
    currency: 'EUR',
    columns: 'title price category particular particular particular',
    want: `Hen | white | 1400 | ∞
Hen | speckled | 1600 | ∞
Duck | blue | ? | ∞
Duck | white | 1800 | ∞
Quail | | 900 | ∞
Ostrich | | 4800 | ∞
Pair of feet | pink | 2200 | ∞
Pair of feet | brown | ? | ∞
Spoon | | 500 | ∞`,
  },
  {
    drawn: '84417/13 weather vanes, Adelaide',
    file: 'vanes.xlsx',
    brief: 'Galah Weather Vanes, Adelaide. Australian dollars.',
    sheets: [
      {
        name: 'Roof',
        rows: [
          ['Title', 'Finish', 'Price', 'SKU'],
          ['Galah vane', 'copper', 480, 'GV-C'],
          ['Galah vane', 'black', 'from 390', 'GV-B'],
          ['Ship vane', 'copper', 520, 'SV-C'],
          ['Ship vane', 'black', '400-450', 'SV-B'],
        ],
      },
      {
        name: 'Garden',
        rows: [
          ['Title', 'Finish', 'Price', 'SKU'],
          ['Fish vane', 'copper', '£210', 'FV-C'],
          ['Fish vane', 'black', 260, 'FV-B'],
        ],
      },
    ],
    currency: 'AUD',
    columns: 'title option price sku',
    want: `Galah vane | copper | 48000 | ∞
Galah vane | black | ? | ∞
Ship vane | copper | 52000 | ∞
Ship vane | black | ? | ∞
Fish vane | copper | ? | ∞
Fish vane | black | 26000 | ∞`,
  },
  {
    drawn: '84417/14 wooden spectacles, Adelaide',
    file: 'specs.txt',
    brief: 'Timber Eyes, spectacles of wood, Adelaide. In Australian dollars.',
    text: `Mdl, Prc, Wd, Brdg, Tmpl, Hng, Lns, Wt
Finder, 240, jarrah, 18, 140, spring, clear, 22 g
Reader, 220, blackwood, 20, 145, plain, clear, 20 g
Sailor, 260, huon pine, 19, 140, spring, grey, 21 g
Judge, 310, ebony, 21, 150, spring, clear, 26 g
Child, 160, jarrah, 15, 120, plain, clear, 15 g
Moon, 280, she-oak, 20, 145, spring, green, 23 g
`,
    currency: 'AUD',
    columns: 'title price particular particular particular particular particular weight',
    want: `Finder | | 24000 | ∞
Reader | | 22000 | ∞
Sailor | | 26000 | ∞
Judge | | 31000 | ∞
Child | | 16000 | ∞
Moon | | 28000 | ∞`,
  },
  {
    drawn: '84417/15 rain gauges, Cardiff',
    file: 'gauges.txt',
    brief: 'Glaw, Cardiff: gauges for rain. It does. Pounds.',
    text: `Gauge | Range | Capacity (mm) | Price (£) | Mount | Material | Reads in
Garden gauge | GG | 40 | 14.00 | stake | glass | mm
Garden gauge | GG | 80 | 19.00 | stake | glass | mm
Copper gauge | CG | 120 | 85.00 | post | copper | inches
`,
    currency: 'GBP',
    columns: 'title group/category option price particular particular particular',
    want: `Garden gauge | 40 | 1400 | ∞
Garden gauge | 80 | 1900 | ∞
Copper gauge | 120 | 8500 | ∞`,
  },
  {
    drawn: '84417/16 raw chocolate, Muscat',
    file: 'choc.psv',
    brief: 'Qahwa Kakao, Muscat, Oman. Raw chocolate. Prices in Omani rials.',
    text: `prd|dsc|prc|ctg|qty
${made(
  70,
  (i) =>
    `${pick(['Date', 'Rose', 'Cardamom', 'Salt', 'Frankincense'], i)} bar ${Math.floor(i / 5) + 1}|"${pick(['Soft', 'Dark', 'Bitter'], i)}, with a ""snap"".\nFrom Kerala beans."|${(2.25 + Math.floor(i / 5) * 0.05).toFixed(3)}|${pick(['Bars', 'Gifts'], Math.floor(i / 5))}|${(i * 3) % 17}`,
).join('\n')}
`,
    currency: 'OMR',
    columns: 'title description price category stock',
    want: made(
      70,
      (i) =>
        `${pick(['Date', 'Rose', 'Cardamom', 'Salt', 'Frankincense'], i)} bar ${Math.floor(i / 5) + 1} | | ${2250 + Math.floor(i / 5) * 50} | ${(i * 3) % 17}`,
    ).join('\n'),
  },
  {
    drawn: '84417/17 comic back issues, a ferry island near Vancouver',
    file: 'comics.jsonl',
    brief: 'Panel Island, by the ferry, near Vancouver, BC. Back issues and blank covers. All in Canadian dollars.',
    text: jsonLines([
      ...made(48, (i) => [
        `Blank cover ${pick(['Fog', 'Orca', 'Cedar', 'Raven'], Math.floor(i / 6))} ${Math.floor(i / 24) + 1}`,
        pick(['red', 'black', 'white'], i),
        pick(['A5', 'A4'], Math.floor(i / 3)),
        `$${6 + Math.floor(i / 6) + (Math.floor(i / 3) % 2) * 3}.50`,
        i === 10 ? '"thick' : 'stapled',
      ]).filter((_, i) => i % 13 !== 4),
      ['Sample product', 'red', 'A5', '$0.00', 'stapled'],
    ]),
    currency: 'CAD',
    columns: 'title option option price particular',
    want: made(48, (i) => i)
      .filter((i) => i % 13 !== 4)
      .map(
        (i) =>
          `Blank cover ${pick(['Fog', 'Orca', 'Cedar', 'Raven'], Math.floor(i / 6))} ${Math.floor(i / 24) + 1} | ${pick(['red', 'black', 'white'], i)} / ${pick(['A5', 'A4'], Math.floor(i / 3))} | ${(6 + Math.floor(i / 6) + (Math.floor(i / 3) % 2) * 3) * 100 + 50} | ∞`,
      )
      .join('\n'),
    leftOut: 1,
  },
  {
    drawn: '84417/18 tablet weaving cards, Chiang Mai',
    file: 'cards.txt',
    brief: 'Cards for tablet weaving, from Chiang Mai, by two sisters. Baht.',
    text: `The card; Its colour; Across; It costs (baht); Holes; Corners; Thickness
Plain card; natural; 5 cm; 120; 4; round; 1 mm
Plain card; natural; 7 cm; 150; 4; round; 1 mm
Plain card; indigo; 5 cm; 140; 4; round; 1 mm
Six-hole card; natural; 7 cm; 180; 6; round; 1.2 mm
Six-hole card; indigo; 7 cm; 195; 6; round; 1.2 mm
"Festival card,
in a tin"; natural; 5 cm; 320; 4; square; 1 mm
"Festival card,
in a tin"; indigo; 5 cm; 350; 4; square; 1 mm
"Festival card,
in a tin"; indigo; 7 cm; 380; 4; square; 1 mm
`,
    currency: 'THB',
    columns: 'title option option price particular particular particular',
    want: `Plain card | natural / 5 cm | 12000 | ∞
Plain card | natural / 7 cm | 15000 | ∞
Plain card | indigo / 5 cm | 14000 | ∞
Six-hole card | natural / 7 cm | 18000 | ∞
Six-hole card | indigo / 7 cm | 19500 | ∞
Festival card, in a tin | natural / 5 cm | 32000 | ∞
Festival card, in a tin | indigo / 5 cm | 35000 | ∞
Festival card, in a tin | indigo / 7 cm | 38000 | ∞`,
  },
  {
    drawn: '84417/19 alpaca duvets, Louisville, Kentucky',
    file: 'duvets.tsv',
    brief: 'Alpacas, eleven of them, outside Louisville, Kentucky. Duvets of their wool. Dollars.',
    text: `What you sleep under\tWhat you hand over\tHow it feels\tSheared in
${made(
  30,
  (i) =>
    `${pick(['Bluegrass', 'Ohio', 'Derby', 'Bourbon', 'Hollow'], i)} duvet no. ${i + 1}\t${i === 8 ? '€250' : `$${240 + i * 5}`}\t<p>${pick(['Light and <em>dry</em>.', 'Heavy as a dog.', 'In between.'], i)}</p>\t${pick(['spring', 'autumn'], i)}`,
).join('\n')}
`,
    currency: 'USD',
    columns: 'title price description particular',
    want: made(
      30,
      (i) =>
        `${pick(['Bluegrass', 'Ohio', 'Derby', 'Bourbon', 'Hollow'], i)} duvet no. ${i + 1} | | ${i === 8 ? '?' : (240 + i * 5) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '84417/20 tent repair, San José, Costa Rica',
    file: 'tents.json',
    brief: 'Carpa Sana repairs tents in San José, Costa Rica. Prices in colones.',
    text: JSON.stringify({
      items: made(40, (i) => ({
        nm: `${pick(['Patch', 'Seam', 'Zip', 'Pole', 'Window'], i)} repair ${Math.floor(i / 5) + 1}`,
        pr: 8500 + i * 250,
        spr: i % 6 === 2 ? 7000 + i * 250 : null,
        cat: pick(['Cloth', 'Cloth', 'Metal', 'Metal', 'Cloth'], i),
        dys: 3 + (i % 5),
      })),
    }),
    currency: 'CRC',
    columns: 'title earlierPrice price category particular',
    want: made(
      40,
      (i) =>
        `${pick(['Patch', 'Seam', 'Zip', 'Pole', 'Window'], i)} repair ${Math.floor(i / 5) + 1} | | ${(i % 6 === 2 ? 7000 + i * 250 : 8500 + i * 250) * 100} | ∞`,
    ).join('\n'),
  },
];
