import { type MarkedBrief } from './brief';

/** Written before the reader of trade, goal, reach and the rest was. All are invented. */
export const before: readonly MarkedBrief[] = [
  {
    what: 'a beekeeper, three short paragraphs',
    brief: `Cwm Hives

We keep forty hives on the heather above Brecon, in Wales, and sell what the bees make: heather honey, beeswax and comb honey. Nothing is heated or blended. Every jar says which hillside it comes from.

Most of our customers are people who had honey as children and wonder where the taste went. We post anywhere in the UK, on Mondays.

The site should feel quiet and honest. Dark brown and amber, no yellow cartoon bees, no black. We would like a page with our opening hours, because people come to the gate on Saturdays. gwen@cwmhives.example, 01632 960233.`,
    expected: {
      name: 'Cwm Hives',
      sells: ['heather honey', 'beeswax', 'comb honey'],
      trade: 'honey',
      audience: ['people who had honey as children and wonder where the taste went'],
      tone: ['quiet', 'honest'],
      coloursWanted: ['dark brown', 'amber'],
      coloursAvoided: ['yellow', 'black'],
      features: ['hours'],
      difference: ['Nothing is heated or blended.', 'Every jar says which hillside it comes from.'],
      place: 'Brecon',
      country: 'GB',
      reach: 'country',
      origin: 'own',
      email: 'gwen@cwmhives.example',
      phone: '+44 1632 960233',
      language: 'en',
    },
    never: /cartoon|opening hours/i,
  },
  {
    what: 'second-hand clothes, chatty, resold',
    brief: `Hiya! So we're Twice Round, we sell second-hand children's clothes out of Salford. Parents bring us bags, we wash and mend everything and pass it on at about a third of what it cost new. We never sell anything we wouldn't put on our own kids. Buyers are mums and dads who are fed up with paying £30 for a coat that fits for four months.

please make it cheerful and easy, not babyish!! bright green + navy. anything but pastel pink. there should be a gift card and a newsletter. find us at instagram.example/twiceround`,
    expected: {
      name: 'Twice Round',
      sells: ["second-hand children's clothes"],
      trade: 'clothes',
      audience: ['mums and dads who are fed up with paying £30 for a coat that fits for four months'],
      tone: ['cheerful', 'easy'],
      coloursWanted: ['bright green', 'navy'],
      coloursAvoided: ['pastel pink'],
      features: ['gift-cards', 'newsletter'],
      difference: ['We never sell anything we wouldn’t put on our own kids.'],
      place: 'Salford',
      country: 'GB',
      origin: 'resold',
      links: ['instagram.example/twiceround'],
      currency: 'GBP',
      language: 'en',
    },
    never: /babyish|newsletter/i,
  },
  {
    what: 'questions and answers, fountain pens',
    brief: `What's the business called?
Marlow & Nib.
What do you sell?
Fountain pens from the 1930s to the 1960s, restored, and ink.
Where are you based?
Basel, Switzerland.
Who buys from you?
Collectors, and people who were given a pen by a grandparent and want another.
What makes you different?
I fit a new sac to every pen and write a page with it before it leaves.
How should it look?
Classic, exact, like a good catalogue. Deep blue and ivory. No gold.
Where do you deliver?
Worldwide.
What should the site do for you?
Sell pens, and get people to send theirs in for repair.
Prices?
Swiss francs.`,
    expected: {
      name: 'Marlow & Nib',
      sells: ['Fountain pens', 'ink'],
      trade: 'fountain pens',
      audience: ['Collectors', 'people who were given a pen by a grandparent and want another'],
      tone: ['classic', 'exact'],
      style: ['classic'],
      coloursWanted: ['deep blue', 'ivory'],
      coloursAvoided: ['gold'],
      goal: 'sell',
      difference: ['I fit a new sac to every pen and write a page with it before it leaves.'],
      place: 'Basel, Switzerland',
      country: 'CH',
      reach: 'world',
      origin: 'own',
      currency: 'CHF',
      language: 'en',
    },
    never: /catalogue/i,
  },
  {
    what: 'no capitals, hardly a full stop: dog biscuits',
    brief: `hi im sam and i bake dog biscuits in hobart tasmania under the name good boy biscuits, all of it is made from what the fish market and the brewery would throw away so no wheat no sugar no additives, dogs dont care about fonts but their owners do so please make it playful and loud, orange and teal, definitely not cutesy, no paw prints, prices in aussie dollars, i deliver all over australia, text me on 0491 570 006`,
    expected: {
      name: 'Good Boy Biscuits',
      sells: ['dog biscuits'],
      trade: 'biscuits',
      tone: ['playful', 'loud'],
      coloursWanted: ['orange', 'teal'],
      difference: ['all of it is made from what the fish market and the brewery would throw away'],
      place: 'Hobart',
      country: 'AU',
      reach: 'country',
      origin: 'own',
      phone: '+61 491 570 006',
      currency: 'AUD',
      language: 'en',
    },
    never: /fonts|cutesy|playful|paw/i,
  },
  {
    what: 'a workshop whose goal is bookings',
    brief: `# Curd School

We teach cheese making in a barn outside Kilkenny, Ireland. Classes of six, one day, everyone leaves with two kilos of cheese they made. We also sell the kits that we use in class: rennet, cultures, moulds and cloth.

## Who comes
- couples looking for a day out
- smallholders with too much milk

## What the site must do
- get people to book a class, that is what pays the rent
- an appointments calendar
- photos of past classes in a gallery
- answer the usual questions

## Look
Fresh, plain, a bit rustic. White with grass green. Not twee.

hello@curdschool.example / +353 20 910 1234 / Prices in euro`,
    expected: {
      name: 'Curd School',
      sells: ['kits', 'rennet', 'cultures', 'moulds', 'cloth'],
      trade: 'cheese',
      audience: ['couples looking for a day out', 'smallholders with too much milk'],
      tone: ['fresh', 'plain', 'rustic'],
      style: ['rustic'],
      coloursWanted: ['white', 'grass green'],
      features: ['appointments', 'gallery', 'questions'],
      goal: 'bookings',
      place: 'Kilkenny, Ireland',
      country: 'IE',
      origin: 'own',
      email: 'hello@curdschool.example',
      phone: '+353 20 910 1234',
      currency: 'EUR',
      language: 'en',
    },
    never: /twee|calendar|pays the rent/i,
  },
  {
    what: 'American, given up one thing for another',
    brief: `Juniper Row Soap Company of Asheville, North Carolina. We used to sell candles, now only soap: bar soap, shaving soap and a laundry bar. Cold-process, cured six weeks, wrapped in newsprint. Started in my mother-in-law's garage in 2011. Our customers have sensitive skin and read labels. I want the colors to be gray-green and cream. It should look handmade but not sloppy. Ships across the United States only. Questions: ask@juniperrow.example`,
    expected: {
      name: 'Juniper Row Soap Company',
      sells: ['bar soap', 'shaving soap', 'laundry bar'],
      trade: 'soap',
      audience: ['have sensitive skin and read labels'],
      tone: ['handmade'],
      style: ['handmade'],
      coloursWanted: ['gray-green', 'cream'],
      difference: ['Cold-process, cured six weeks, wrapped in newsprint.'],
      place: 'Asheville, North Carolina',
      country: 'US',
      reach: 'country',
      origin: 'own',
      email: 'ask@juniperrow.example',
      language: 'en',
    },
    never: /candles|sloppy|gray-green/i,
  },
  {
    what: 'bullets only, a surfboard shaper',
    brief: `* name = Longshore Boards
* what: hand-shaped wooden surfboards and paddles
* where: St Ives, Cornwall
* who: surfers over forty who want one good board
* colours: navy, sail white, a dash of signal red
* avoid: neon, black
* feeling: unhurried, sturdy
* delivery: UK and Europe
* contact: Pete, pete@longshore.example
* special: every board is weighed and its tree is named`,
    expected: {
      name: 'Longshore Boards',
      sells: ['hand-shaped wooden surfboards', 'paddles'],
      trade: 'surfboards',
      audience: ['surfers over forty who want one good board'],
      tone: ['unhurried', 'sturdy'],
      coloursWanted: ['navy', 'sail white', 'signal red'],
      coloursAvoided: ['neon', 'black'],
      difference: ['every board is weighed and its tree is named'],
      place: 'St Ives, Cornwall',
      country: 'GB',
      reach: 'region',
      email: 'pete@longshore.example',
      language: 'en',
    },
    never: /avoid|dash of/i,
  },
  {
    what: 'an importer of stationery',
    brief: `Kami & Co is a stationery shop on the Nieuwe Binnenweg in Rotterdam. We import paper, notebooks and brush pens from eleven small makers in Japan; we visit each of them every other year. Nothing here is made by us and we say so. Our buyers are illustrators and students. We ship to all of Europe.

Style: minimalist but not cold. Pale grey, with vermilion for the buttons. Please no beige. We'd like a journal where we tell about the makers, and a map.

Nieuwe Binnenweg 900, 3015 Rotterdam. Prices in euros, tax included.`,
    expected: {
      name: 'Kami & Co',
      sells: ['paper', 'notebooks', 'brush pens'],
      trade: 'stationery',
      audience: ['illustrators and students'],
      tone: ['minimalist'],
      style: ['minimalist'],
      coloursWanted: ['pale grey', 'vermilion'],
      coloursAvoided: ['beige'],
      features: ['journal', 'map'],
      difference: ['we visit each of them every other year'],
      place: 'Rotterdam',
      country: 'NL',
      reach: 'region',
      origin: 'resold',
      address: 'Nieuwe Binnenweg 900, 3015 Rotterdam',
      currency: 'EUR',
      language: 'en',
    },
    never: /minimalist|beige|vermilion/i,
  },
  {
    what: 'a jeweller, long and winding',
    brief: `My name is Ines Caldeira and I have been making jewellery in Porto for nineteen years, the last twelve of them in a former butcher's shop with hooks still in the ceiling. The business is called Gancho, which is Portuguese for hook.

I work in recycled silver and, when somebody asks for it, in gold that they bring me themselves. Rings mostly, earrings, now and then a chain. Each piece is cast from wax that I carve by hand, so there are no two alike. If a stone comes loose I set it again for nothing, for as long as I live. Wedding rings take five weeks.

The people who come to me are, how to say it, not people who want a diamond. They are architects, nurses, one bus driver.

I would not like the website to look like a jeweller's. No velvet, no sparkle, no pink and no gold letters. More like a workshop: concrete, silver grey, black, one strong red like the door. Serious but with a wink.

People can make an appointment to try things on. I also want reviews on it, my clients have written lovely things.

Gancho, Rua do Almada 999, 4050-032 Porto, Portugal. ola@gancho.example. I send to the whole world.`,
    expected: {
      name: 'Gancho',
      sells: ['Rings', 'earrings', 'chain', 'jewellery'],
      trade: 'jewellery',
      audience: ['architects, nurses, one bus driver'],
      tone: ['serious'],
      coloursWanted: ['silver grey', 'black', 'red'],
      coloursAvoided: ['pink', 'gold'],
      features: ['appointments', 'reviews'],
      difference: ['there are no two alike', 'If a stone comes loose I set it again for nothing, for as long as I live.'],
      place: 'Porto',
      country: 'PT',
      reach: 'world',
      origin: 'own',
      email: 'ola@gancho.example',
      address: 'Rua do Almada 999, 4050-032 Porto, Portugal',
      language: 'en',
    },
    never: /velvet|sparkle|lovely things|a wink/i,
  },
  {
    what: 'one line',
    brief: 'Vegan cheese, Bristol.',
    expected: {
      sells: ['vegan cheese'],
      trade: 'cheese',
      place: 'Bristol',
      country: 'GB',
      language: 'en',
    },
  },
  {
    what: 'a brief that contradicts itself',
    brief: `Night Garden sells indoor plants and pots in Malmö. The site should be minimal and quiet. It must also be loud, like a poster. No green please. Our logo is green. We deliver by bicycle in Malmö only, same day before three. Each plant comes with a card that says how not to kill it. Prices in kronor.`,
    expected: {
      name: 'Night Garden',
      sells: ['indoor plants', 'pots'],
      trade: 'plants',
      tone: ['minimal', 'quiet', 'loud'],
      style: ['minimal'],
      coloursWanted: ['green'],
      coloursAvoided: ['green'],
      difference: ['Each plant comes with a card that says how not to kill it.'],
      place: 'Malmö',
      country: 'SE',
      reach: 'local',
      currency: 'SEK',
      language: 'en',
    },
    never: /poster|logo/i,
  },
  {
    what: 'old tools, with years, prices and a number that are not telephone numbers',
    brief: `Hollis Tool Rescue – Peterborough, Ontario, Canada

I buy rusty hand planes, chisels and saws at farm auctions, take them apart, and bring them back to work. Since 1994. Over 3,000 planes so far. Every tool is sharpened and tried on a piece of maple before it goes in the box. Guaranteed: if it doesn't cut, send it back within 60 days. A plane costs between $45.00 and $380.00 Canadian.

Customers: cabinet makers, shop teachers, people who just inherited a bench.

I'd like it straightforward and sturdy. Colours of an old tool catalogue – dark red, cream paper, black ink. Not "vintage chic". Must have: a video of me sharpening, steps for how a plane is restored, an enquiry form.

Shipping to Canada and the US. Call 705-555-0142, www.hollistools.example`,
    expected: {
      name: 'Hollis Tool Rescue',
      sells: ['hand planes', 'chisels', 'saws'],
      trade: 'tools',
      audience: ['cabinet makers, shop teachers, people who just inherited a bench'],
      tone: ['straightforward', 'sturdy'],
      coloursWanted: ['dark red', 'cream', 'black'],
      features: ['video', 'steps', 'form'],
      difference: [
        'Every tool is sharpened and tried on a piece of maple before it goes in the box.',
        "Guaranteed: if it doesn't cut, send it back within 60 days.",
      ],
      place: 'Peterborough, Ontario, Canada',
      country: 'CA',
      reach: 'abroad',
      origin: 'resold',
      phone: '+1 705 555 0142',
      links: ['www.hollistools.example'],
      currency: 'CAD',
      language: 'en',
    },
    never: /chic|catalogue/i,
  },
];
