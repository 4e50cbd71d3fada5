import { type MarkedBrief } from './brief';

/**
 * Written after the reader was, to see how it does on what it was not made for: at first sight it read them with a precision of 0.88 and a
 * recall of 0.75. It has been mended on them since. All are invented.
 */
export const after: readonly MarkedBrief[] = [
  {
    what: 'a piano tuner who sells parts',
    brief: `Greta Orsmond, piano tuner, Dunedin, New Zealand.

I sell the small parts that pianos lose: felt, hammers, tuning pins, centre pins. Everything is sorted by maker and year. I measured 212 pianos to make the list, and nobody else has one like it.

Mostly technicians buy from me, and a few brave owners. I post within New Zealand and to Australia.

The site has to be tidy and exact, like a parts drawer. Ivory and black, one dull red. No music notes, no purple. People should be able to ask a question with a form. greta@orsmondparts.example, 03 555 0199. Prices in NZ dollars.`,
    expected: {
      name: 'Greta Orsmond',
      sells: ['felt', 'hammers', 'tuning pins', 'centre pins'],
      trade: 'parts',
      audience: ['technicians'],
      tone: ['tidy', 'exact'],
      coloursWanted: ['ivory', 'black', 'red'],
      coloursAvoided: ['purple'],
      features: ['form'],
      difference: ['nobody else has one like it'],
      place: 'Dunedin, New Zealand',
      country: 'NZ',
      reach: 'abroad',
      email: 'greta@orsmondparts.example',
      phone: '+64 3 555 0199',
      currency: 'NZD',
      language: 'en',
    },
    never: /tidy|purple|drawer/i,
  },
  {
    what: 'hot sauce, shouting',
    brief: `WE ARE DEVIL'S KITCHEN AND WE MAKE HOT SAUCE IN AUSTIN, TEXAS. FOUR SAUCES, FERMENTED NINETY DAYS. NO SUGAR, NO FILLERS. OUR CUSTOMERS ARE PEOPLE WHO THINK SUPERMARKET SAUCE IS KETCHUP. THE SITE SHOULD BE LOUD AND WEIRD, RED AND YELLOW, NOT CUTE. WE SHIP ACROSS THE US. PRICES IN DOLLARS.`,
    expected: {
      name: "Devil's Kitchen",
      sells: ['hot sauce'],
      trade: 'sauce',
      audience: ['people who think supermarket sauce is ketchup'],
      tone: ['loud', 'weird'],
      coloursWanted: ['red', 'yellow'],
      place: 'Austin, Texas',
      country: 'US',
      reach: 'country',
      origin: 'own',
      currency: 'USD',
      language: 'en',
    },
    never: /weird|cute/i,
  },
  {
    what: 'rare plants, resold and grown',
    brief: `Fern & Frond Nursery

About us: We grow ferns and mosses in an old glasshouse at Wageningen in the Netherlands, and we also buy in orchids from two growers in Taiwan. Every plant is three years old at least before it leaves.

Audience: collectors with a cold windowsill, terrarium builders

Feel: calm, botanical, a little scholarly
Colours: moss green, off-white, never bright green
Needs: a journal, questions and answers, opening hours for the glasshouse
Delivery: Netherlands, Belgium and Germany; plants don't travel in frost
Contact: post@fernfrond.example`,
    expected: {
      name: 'Fern & Frond Nursery',
      sells: ['ferns', 'mosses', 'orchids'],
      trade: 'plants',
      audience: ['collectors with a cold windowsill, terrarium builders'],
      tone: ['calm', 'scholarly'],
      coloursWanted: ['moss green', 'off-white'],
      coloursAvoided: ['bright green'],
      features: ['journal', 'questions', 'hours'],
      difference: ['Every plant is three years old at least before it leaves.'],
      place: 'Wageningen',
      country: 'NL',
      reach: 'abroad',
      origin: 'both',
      email: 'post@fernfrond.example',
      language: 'en',
    },
    never: /scholarly|botanical/i,
  },
  {
    what: 'a letterpress printer, playful, by list',
    brief: `Inky Fingers makes greeting cards and posters on a 1912 press in Galway. Two sisters, one press, no computer. We set every line by hand and print on cotton paper. Cards cost €4.50.

Who it's for: people who still post birthday cards.
Please make the website playful and warm! Bold type. Coral and ink blue. Don't want anything pastel.
There should be a gallery of old posters and a page about the two of us.
Ring 091 555 010. We deliver to Ireland and the UK.`,
    expected: {
      name: 'Inky Fingers',
      sells: ['greeting cards', 'posters'],
      trade: 'cards',
      audience: ['people who still post birthday cards'],
      tone: ['playful', 'warm', 'bold'],
      coloursWanted: ['coral', 'ink blue'],
      features: ['gallery', 'people'],
      difference: ['We set every line by hand and print on cotton paper.'],
      place: 'Galway',
      country: 'IE',
      reach: 'abroad',
      origin: 'own',
      phone: '+353 91 555 010',
      currency: 'EUR',
      language: 'en',
    },
    never: /playful|pastel|gallery/i,
  },
  {
    what: 'a tailor for dogs, one paragraph',
    brief: `I sew coats for greyhounds and whippets. Nothing off the shelf fits them, they are all leg and chest. You send me five measurements and I cut a pattern for your dog alone; it stays in my drawer for the next coat. Wool outside, cotton inside, no velcro because they hate the noise. I'm called Bea and the shop is called Long Dog. I live in Ludlow, Shropshire. Post to the UK only. Understated please, navy and oatmeal, nothing with paw prints. bea@longdog.example`,
    expected: {
      name: 'Long Dog',
      sells: ['coats'],
      trade: 'coats',
      tone: ['understated'],
      coloursWanted: ['navy', 'oatmeal'],
      difference: ['I cut a pattern for your dog alone', 'it stays in my drawer for the next coat'],
      place: 'Ludlow, Shropshire',
      country: 'GB',
      reach: 'country',
      origin: 'own',
      email: 'bea@longdog.example',
      language: 'en',
    },
    never: /understated|paw/i,
  },
  {
    what: 'board games, a formal brief with numbers',
    brief: `1. Company
Lanternfish Games GmbH, Vienna. Founded 2016.
2. Products
Board games and card games for two players. Six titles so far.
3. Target group
Couples and travellers.
4. Purpose of the website
Sell direct instead of through shops; collect addresses for a newsletter.
5. Design
Modern, geometric, confident. Dark teal with yellow accents. Avoid brown.
6. Shipping
European Union.
7. Contact
Lanternfish Games, Zieglergasse 999, 1070 Wien. +43 1 5550 123. office@lanternfish.example`,
    expected: {
      name: 'Lanternfish Games GmbH',
      sells: ['Board games', 'card games'],
      trade: 'games',
      audience: ['Couples and travellers'],
      tone: ['modern', 'geometric', 'confident'],
      style: ['modern', 'geometric'],
      coloursWanted: ['dark teal', 'yellow'],
      coloursAvoided: ['brown'],
      features: ['newsletter'],
      goal: 'sell',
      place: 'Vienna',
      country: 'AT',
      reach: 'region',
      email: 'office@lanternfish.example',
      phone: '+43 1 5550123',
      address: 'Zieglergasse 999, 1070 Wien',
      language: 'en',
    },
    never: /geometric|target/i,
  },
  {
    what: 'a bakery that wants visitors',
    brief: `Our bakery, Crumb Street, stands on the corner of the market square in Ghent. Bread, cakes on order, and since last year flour by the kilo that we mill ourselves.

What we want from the website is that people come to the shop, and that they order cakes before Thursday. So: opening hours, a map, photos of the cakes, and an order form for cakes. No delivery, collection only.

Our regulars are the whole neighbourhood, from students to grandmothers.

Look: honest, warm, like brown paper bags. Not the chalkboard thing, please. Flour white and crust brown.`,
    expected: {
      name: 'Crumb Street',
      sells: ['Bread', 'cakes', 'flour'],
      trade: 'bakery',
      audience: ['the whole neighbourhood, from students to grandmothers'],
      tone: ['honest', 'warm'],
      coloursWanted: ['flour white', 'crust brown'],
      features: ['hours', 'map', 'gallery', 'form'],
      goal: 'visits',
      place: 'Ghent',
      country: 'BE',
      reach: 'local',
      origin: 'own',
      language: 'en',
    },
    never: /chalkboard|honest/i,
  },
  {
    what: 'a thin one, three fragments',
    brief: `Handwoven blankets. Faroe Islands. For cold houses.`,
    expected: {
      sells: ['Handwoven blankets'],
      trade: 'blankets',
      audience: ['cold houses'],
      place: 'Faroe Islands',
      country: 'FO',
      origin: 'own',
      language: 'en',
    },
  },
  {
    what: 'an electronics rescuer with promises and prices',
    brief: `Second Signal repairs and sells old radios and amplifiers. Based in Krakow, Poland. Every set is opened, cleaned, recapped and run for 48 hours; you get the list of what was replaced. Two years' guarantee. We never polish the case. Typical prices are 300 to 1,900 zł.

Our customers: people who inherited a radio and people who wish they had.

Want: technical, sober, a touch nostalgic. Bakelite brown, cream. Not steampunk!
Also want a price table for repairs and a video.
Kontakt: serwis@secondsignal.example, tel. +48 12 555 01 23. We ship everywhere in the world.`,
    expected: {
      name: 'Second Signal',
      sells: ['radios', 'amplifiers'],
      trade: 'radios',
      audience: ['people who inherited a radio and people who wish they had'],
      tone: ['technical', 'sober', 'nostalgic'],
      coloursWanted: ['Bakelite brown', 'cream'],
      features: ['price-table', 'video'],
      difference: ['Every set is opened, cleaned, recapped and run for 48 hours', 'We never polish the case.'],
      place: 'Krakow, Poland',
      country: 'PL',
      reach: 'world',
      origin: 'resold',
      email: 'serwis@secondsignal.example',
      phone: '+48 12 555 01 23',
      currency: 'PLN',
      language: 'en',
    },
    never: /steampunk|sober/i,
  },
  {
    what: 'seaweed snacks, marketing talk',
    brief: `At Tideline we are passionate about premium seaweed. Our unique crisps and seasonings are made from dulse and kelp that we cut by hand at low tide on the coast of Donegal, Ireland. They are rich in iodine. We started in 2019 with one bucket.

Our target customers are health-conscious millennials and vegan cooks.

We need a modern, clean website in sea green and white with a blog and customer reviews. Avoid stock photos. Follow us on instagram.example/tideline. hello@tideline.example. Prices in €.`,
    expected: {
      name: 'Tideline',
      sells: ['crisps', 'seasonings', 'seaweed'],
      trade: 'seaweed',
      audience: ['health-conscious millennials and vegan cooks'],
      tone: ['modern', 'clean'],
      style: ['modern'],
      coloursWanted: ['sea green', 'white'],
      features: ['journal', 'reviews'],
      place: 'Donegal, Ireland',
      country: 'IE',
      origin: 'own',
      email: 'hello@tideline.example',
      links: ['instagram.example/tideline'],
      currency: 'EUR',
      language: 'en',
    },
    never: /stock photos|blog/i,
  },
  {
    what: 'a violin bow maker, personal and slow',
    brief: `Bows for violin, viola and cello. I am Henrik Sandvik and I make eleven a year in a boathouse in Bergen, Norway. There is a waiting list; a bow takes about four months once I begin, and I begin when the player has visited. The wood was bought by my teacher in 1971.

Please keep it quiet. Few words, much white, a warm grey. I don't want a cart full of things, one page for each bow that is ready is enough. An appointment calendar for visits would help me: getting people to visit is the whole point of the site.

henrik@sandvikbuer.example, +47 55 55 01 23. Prices in kroner.`,
    expected: {
      name: 'Henrik Sandvik',
      sells: ['Bows'],
      trade: 'bows',
      tone: ['quiet'],
      coloursWanted: ['white', 'warm grey'],
      features: ['appointments'],
      goal: 'visits',
      place: 'Bergen, Norway',
      country: 'NO',
      origin: 'own',
      email: 'henrik@sandvikbuer.example',
      phone: '+47 55 55 01 23',
      currency: 'NOK',
      language: 'en',
    },
    never: /quiet\b|few words|cart/i,
  },
  {
    what: 'bicycle bags, from a copywriter',
    brief: `Panniers that outlive the bike.

Mudlark Bags are sewn in Bristol from old lorry tarpaulin. No two are the same colour because no two lorries were. If a seam goes, we resew it, no matter how old the bag is. 40 litres, 900 grams, fits any rack.

Who buys: commuters, tourers, and the odd newspaper boy.

Tone of voice – dry, confident, a bit cheeky. Colours – asphalt grey + hi-vis orange. No stock phrases about adventure.

Nice to have: reviews, a size table, gift cards.

Postage: UK £4, Europe £9. mudlark.example / ahoy@mudlark.example`,
    expected: {
      name: 'Mudlark Bags',
      sells: ['Panniers'],
      trade: 'bags',
      audience: ['commuters, tourers, and the odd newspaper boy'],
      tone: ['dry', 'confident', 'cheeky'],
      coloursWanted: ['asphalt grey', 'hi-vis orange'],
      features: ['reviews', 'gift-cards'],
      difference: [
        'No two are the same colour because no two lorries were.',
        'If a seam goes, we resew it, no matter how old the bag is.',
      ],
      place: 'Bristol',
      country: 'GB',
      reach: 'region',
      origin: 'own',
      email: 'ahoy@mudlark.example',
      links: ['mudlark.example'],
      currency: 'GBP',
      language: 'en',
    },
    never: /stock phrases|cheeky/i,
  },
];
