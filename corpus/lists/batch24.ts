import { gtin, made, pick, type ListCase } from './case';

const pan = ['Pan lid', 'Pot lid', 'Wok lid', 'Splatter lid', 'Baking lid'] as const;
const dots = ['Birthday', 'New house', 'Get well', 'Thank you', 'New baby', 'Sorry', 'Sympathy', 'Good luck'] as const;
const drop = ['水滴形', '圓形', '長頸'] as const;

/** Drawn (291354) and written on 29 November 2026, before the reader was run on any. */
export const batch24: ListCase[] = [
  {
    drawn: '291354/1 pan lids, Athens',
    file: 'lids.csv',
    brief: `My grandfather Stavros came from Smyrna with a sewing machine and no needle. In Piraeus he beat tin for the ships' kitchens, and what was left over he beat into lids, because every woman in the street had a pot and no lid. He never measured. He put the pot on his knee and looked at it.

My mother measured. She took over the shop in Athens in 1971 and had forty-one sizes by the end, hanging from the ceiling like bells. Tourists photographed them and bought postcards next door.

I am Danae. I make pan lids, pot lids and wok lids from tinned steel and copper, at the same bench, still in Athens, and I cut any size to half a centimetre. The rim is rolled twice, so it does not cut your hand. The knob is olive wood and turned by my cousin.

We do not do sets. Nobody has a set of pots.

It should be rebellious. A lid is a rebellion against the pan it didn't come with. Colours like our van: blue below, rust above.

If a rim opens within ten years I roll it again, and you pay only the post.

We ship to Greece, Cyprus and the rest of the EU. Corfu takes a day longer than Paris, don't ask.

danae@kapaki.example
`,
    text: `Code;Title;Option;Value;Price;Barcode;Category\n${made(
      35,
      (i) =>
        `L${100 + i};${pick(pan, Math.floor(i / 4))}, ${['steel', 'copper'][Math.floor(i / 4) % 2]};Diameter;${16 + (i % 4) * 2.5} cm;${(12.5 + i * 0.9).toFixed(2).replace('.', ',')};${gtin(520100000000 + i, i % 12 === 5 ? 2 : 0)};${['Steel', 'Copper'][Math.floor(i / 4) % 2]}`,
    ).join('\n')}\n`,
    currency: 'EUR',
    columns: 'sku title optionName optionValue price gtin category',
    want: made(
      35,
      (i) =>
        `${pick(pan, Math.floor(i / 4))}, ${['steel', 'copper'][Math.floor(i / 4) % 2]} | ${16 + (i % 4) * 2.5} cm | ${1250 + i * 90} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291354/2 lutes, Taipei',
    file: 'lutes.psv',
    brief: `Interviewer: What do you make?
Mei-Lin: Lutes. Pipas and ruans, and small travel lutes that fit over a bicycle rack.
Interviewer: Where?
Mei-Lin: In Taipei, behind the night market. It's called Four Strings.
Interviewer: There is a big factory that everybody knows.
Mei-Lin: There is. They make nine hundred a week, I won't say their name. We make thirty-five a year.
Interviewer: What's different about yours?
Mei-Lin: The back is one piece of camphor wood, hollowed out, not glued from strips. And we play each one in for a month before it goes.
Interviewer: Play in?
Mei-Lin: My brother does, four hours a day. He complains.
Interviewer: Who buys them?
Mei-Lin: Students who run out of money, and people who play in the mountains.
Interviewer: What should the site be like?
Mei-Lin: Sporty. A lute is a thing to run with. The colours of the woods.
Interviewer: And prices?
Mei-Lin: In dollars, without tax. We ship in Taiwan and to Japan.
Interviewer: If something breaks?
Mei-Lin: A crack in the back within six years, I make a new back.
Interviewer: How can people reach you?
Mei-Lin: mei@fourstrings.example
`,
    text: `琴名|尺寸|價格|琴弦|說明\n${made(
      35,
      (i) =>
        `${pick(drop, Math.floor(i / 7))} ${Math.floor(i / 7) + 1}|${pick(['小 / 大', '小', '大'], i)}|${9800 + i * 400}|${i % 2 ? '尼龍' : '鋼'}|${i % 5 === 0 ? '"背板一塊木頭,\n""樟木"""' : '樟木'}`,
    ).join('\n')}\n`,
    currency: 'TWD',
    columns: 'title option price option/particular description/particular',
    want: made(35, (i) => i)
      .flatMap((i) =>
        (i % 3 === 0 ? ['小', '大'] : i % 3 === 1 ? ['小'] : ['大']).map(
          (size) =>
            `${pick(drop, Math.floor(i / 7))} ${Math.floor(i / 7) + 1} | ${size} / ${i % 2 ? '尼龍' : '鋼'} | ${(9800 + i * 400) * 100} | ∞`,
        ),
      )
      .join('\n'),
  },
  {
    drawn: '291354/3 greetings cards in Braille, Dunedin',
    file: 'cards.csv',
    encoding: 'windows-1252',
    brief: `A card says two things: what is written on it, and that somebody went and got it. For my aunt Moana, who has been blind since she was nine, it said only the second. So in 2016 I bought a slate and a stylus and made her one that said both.

Raised Hand makes greetings cards in Braille and in print, on one sheet, so that two people can read the same card. They are embossed in Dunedin on cotton paper of 300 grams, which holds its dots for about thirty readings; ordinary card flattens after three. The words are proofread by Moana, who is strict about capitals.

We write Braille in Unified English, grade 2, and grade 1 for children. A line of your own costs nothing extra if it fits.

They are for people who write to somebody blind, and for anybody who likes to read in the dark.

Please do not say that we are a charity, or that the cards are inspiring. They are cards.

The site should be quiet and rather dear-looking. Ink blue and paper white.

If the dots are flat when the card arrives, we emboss it again the same day and send it on.

We post within New Zealand and to Australia. Prices in New Zealand dollars. Write to dots@raisedhand.example.
`,
    text: `Card,Grade,Price (NZ$),Size (mm),Dots (n)\n${made(
      120,
      (i) =>
        `${i % 3 ? '' : `"${pick(dots, Math.floor(i / 3))} – no. ${Math.floor(i / 3) + 1}"`},${pick(['grade 1', 'grade 2', 'print only'], i)},${i % 17 === 4 ? 'from 7.50' : i % 23 === 9 ? '7.00-9.00' : (6 + (i % 3) * 0.5).toFixed(2)},${pick(['105 × 148', '148 × 210'], Math.floor(i / 3))},${i % 3 === 2 ? 0 : 180 + i}`,
    ).join('\n')}\n`,
    currency: 'NZD',
    columns: 'title option price particular particular',
    want: made(
      120,
      (i) =>
        `${pick(dots, Math.floor(i / 3))} – no. ${Math.floor(i / 3) + 1} | ${pick(['grade 1', 'grade 2', 'print only'], i)} | ${i % 17 === 4 || i % 23 === 9 ? '?' : 600 + (i % 3) * 50} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '291354/4 facsimile letters, Wellington',
    file: 'letters.csv',
    brief: `To whom it may concern,

Folio 49 reproduces letters of historical interest in facsimile. Our premises are in Wellington, New Zealand. Each sheet is printed by collotype upon rag paper, folded as the original was folded, and accompanied by a transcription.

Until last year we also offered framed certificates; this has been discontinued.

The originals are in public collections, whose permission is printed upon the reverse. Ink blots, corrections and the marks of the censor are reproduced.

Our clientele consists of schools, museums and persons of a patient disposition.

It is requested that the site be urban in character, in #222831 and #d65a31.

Should a facsimile prove defective, it shall be replaced within 60 days of receipt.

Despatch is worldwide. Prices in New Zealand dollars.

post@folio49.example
`,
    text: `Letter,Asked,From whom,Sheets
"A whaler to his sister, 1841",48.00,Hocken,2
"Two gunners to a baker, 1917",52.00,Turnbull,1
"A gardener to the Governor, 1866",AU$46.00,Turnbull,3
Test item,1.00,x,1
"A schoolboy to nobody, 1903",36.00,Hocken,1
"A widow to the Post Office, 1888",44.00,Turnbull,2
`,
    currency: 'NZD',
    columns: 'title price particular particular',
    want: `A whaler to his sister, 1841 |  | 4800 | ∞
Two gunners to a baker, 1917 |  | 5200 | ∞
A gardener to the Governor, 1866 |  | ? | ∞
A schoolboy to nobody, 1903 |  | 3600 | ∞
A widow to the Post Office, 1888 |  | 4400 | ∞`,
    leftOut: 1,
  },
];
