/** What shoppers of a kind of thing ask about it. It is a question to the seller and a section to offer, never a claim. */
export interface Detail {
  id: string;
  /** As a label before the answer: "Allergens". */
  name: string;
  /** To the seller; `{goods}` stands for the goods in their own words. */
  ask: string;
  picks: readonly string[];
}

/** A kind of goods, found by the broader terms of a noun in the lexical database. */
export interface GoodsKind {
  id: string;
  terms: readonly string[];
  /** Nouns whose common meaning is another, and which in a shop mean this. */
  nouns?: readonly string[];
  details: readonly Detail[];
}

const detail = (id: string, name: string, ask: string, ...picks: string[]): Detail => ({ id, name, ask, picks });

/**
 * Kinds of goods with what is asked about them; common practice of each trade. To add one, write an entry: `terms` are words of the
 * lexical database that stand above its goods.
 */
export const goodsKinds: readonly GoodsKind[] = [
  {
    id: 'drink',
    terms: ['beverage', 'coffee', 'tea', 'alcohol'],
    details: [
      detail('origin', 'Grown in', 'Where do the ingredients of the {goods} come from?'),
      detail(
        'keeping',
        'Keeping',
        'How do the {goods} keep, and for how long?',
        'Cool and dry',
        'In the fridge once opened',
        'A year unopened',
      ),
      detail('serving', 'Serving', 'How should the {goods} be served or brewed?'),
    ],
  },
  {
    id: 'food',
    terms: [
      'food',
      'foodstuff',
      'nutriment',
      'condiment',
      'baked goods',
      'produce',
      'cheese',
      'sweet',
      'alga',
      'dairy product',
      'confectionery',
    ],
    details: [
      detail('ingredients', 'Ingredients', 'What goes into the {goods}?'),
      detail(
        'allergens',
        'Allergens',
        'Which allergens are in the {goods}, or may be?',
        'Milk',
        'Eggs',
        'Gluten',
        'Nuts',
        'Soya',
        'None of the fourteen',
      ),
      detail(
        'keeping',
        'Keeping',
        'How do the {goods} keep, and for how long?',
        'Cool and dry',
        'In the fridge',
        'Best within a week',
        'Months unopened',
      ),
    ],
  },
  {
    id: 'clothing',
    terms: ['clothing', 'garment', 'footwear', 'headdress', 'wearable'],
    details: [
      detail(
        'sizes',
        'Sizes',
        'How do the sizes of the {goods} run, and how does a buyer measure?',
        'True to size',
        'Generous',
        'Made to measure',
      ),
      detail(
        'care',
        'Care',
        'How are the {goods} washed and cared for?',
        'Hand wash',
        'Machine wash at 30°',
        'Wipe clean',
        'Brush when dry',
      ),
      detail('material', 'Material', 'What are the {goods} made of?', 'Wool', 'Cotton', 'Linen', 'Leather'),
    ],
  },
  {
    id: 'jewellery',
    terms: ['jewelry', 'adornment', 'gem', 'precious metal'],
    nouns: ['ring', 'band', 'stud', 'pendant', 'charm', 'hoop'],
    details: [
      detail(
        'metal',
        'Metal',
        'Which metals are the {goods} made of?',
        'Recycled silver',
        'Silver 925',
        'Gold, 14 carat',
        'Brass',
      ),
      detail('sizes', 'Sizes', 'How does a buyer find the right size, and can it be changed later?'),
      detail('care', 'Care', 'How are the {goods} cleaned and kept?', 'Polish with a soft cloth', 'Take off before washing'),
    ],
  },
  {
    id: 'cosmetics',
    terms: ['toiletry', 'cosmetic', 'cleansing agent', 'perfume', 'toilet soap'],
    details: [
      detail('ingredients', 'Ingredients', 'What is in the {goods}?'),
      detail(
        'skin',
        'Skin',
        'Which skin are the {goods} for, and what should a buyer with allergies know?',
        'All skin',
        'Dry skin',
        'Without scent',
      ),
      detail('keeping', 'Keeping', 'How long do the {goods} keep once opened?'),
    ],
  },
  {
    id: 'plants',
    terms: ['vascular plant', 'plant', 'plant part', 'seed', 'flower', 'bulb'],
    details: [
      detail(
        'light',
        'Light and water',
        'How much light and water do the {goods} need?',
        'Sun',
        'Half shade',
        'Shade',
        'Water weekly',
      ),
      detail('season', 'Season', 'When are the {goods} sent, sown or planted?', 'Spring', 'Autumn', 'All year but in frost'),
      detail('arrival', 'On arrival', 'What should a buyer do when the parcel comes?'),
    ],
  },
  {
    id: 'books',
    terms: ['publication', 'book', 'periodical', 'written document', 'fiction'],
    nouns: ['novel', 'story', 'comic', 'zine'],
    details: [
      detail(
        'condition',
        'Condition',
        'In which condition are the {goods}, and how do you describe it?',
        'New',
        'Second-hand, described for each',
      ),
      detail('format', 'Format', 'Which formats do the {goods} come in?', 'Hardback', 'Paperback', 'Download'),
    ],
  },
  {
    id: 'pictures',
    terms: ['graphic art', 'picture', 'painting', 'print', 'art', 'photograph', 'drawing', 'sculpture'],
    nouns: ['print', 'poster', 'etching'],
    details: [
      detail(
        'edition',
        'Edition',
        'How many of each of the {goods} are there, and are they signed?',
        'One of each',
        'Numbered and signed',
        'Open edition',
      ),
      detail('paper', 'Paper and ink', 'What are the {goods} made on and with?'),
      detail('framing', 'Framing', 'Do the {goods} come framed?', 'Unframed, rolled', 'Unframed, flat', 'Framed'),
    ],
  },
  {
    id: 'instruments',
    terms: ['musical instrument', 'stringed instrument'],
    details: [
      detail('setup', 'Set-up', 'How are the {goods} set up before they leave?'),
      detail('trial', 'Trial', 'Can a player try one first?', 'By appointment', 'Two weeks at home'),
      detail('guarantee', 'Guarantee', 'What do you guarantee, and for how long?', 'One year', 'Five years', 'For life'),
    ],
  },
  {
    id: 'toys',
    terms: ['plaything', 'game', 'puzzle', 'board game'],
    details: [
      detail('age', 'Age', 'From which age are the {goods}?', 'From birth', 'From 3 years', 'From 8 years', 'For adults'),
      detail(
        'material',
        'Material',
        'What are the {goods} made of, and finished with?',
        'Beech',
        'Cotton',
        'Card',
        'Water-based paint',
      ),
      detail('safety', 'Safety', 'Which safety tests have the {goods} passed?', 'EN 71', 'UKCA', 'Not tested yet'),
    ],
  },
  {
    id: 'furniture',
    terms: ['furniture', 'furnishing', 'seat', 'lamp'],
    details: [
      detail('measures', 'Measures', 'What are the measures, and what fits through a door?'),
      detail(
        'assembly',
        'Assembly',
        'Do the {goods} come put together?',
        'Put together',
        'Flat, with a key',
        'We put it up for you',
      ),
      detail('care', 'Care', 'How is the surface cared for?', 'Oil once a year', 'Wipe with a damp cloth'),
    ],
  },
  {
    id: 'ware',
    terms: [
      'tableware',
      'crockery',
      'pottery',
      'earthenware',
      'cookware',
      'kitchen utensil',
      'cutlery',
      'vessel',
      'ceramic ware',
      'dish',
      'glassware',
    ],
    details: [
      detail(
        'care',
        'Care',
        'Can the {goods} go into dishwasher, microwave or oven?',
        'Dishwasher',
        'Microwave',
        'Oven',
        'By hand only',
      ),
      detail('measures', 'Measures', 'How large are the {goods}, and how much do they hold?'),
      detail(
        'differences',
        'Differences',
        'How much does one piece differ from the next?',
        'Each is a little different',
        'All alike',
      ),
    ],
  },
  {
    id: 'textiles',
    terms: ['fabric', 'thread', 'yarn', 'cord', 'bedclothes', 'cloth', 'floor cover', 'bedding', 'linen'],
    details: [
      detail('fibre', 'Fibre', 'What fibre are the {goods}, and where is it from?', 'Wool', 'Cotton', 'Linen', 'Silk'),
      detail('care', 'Care', 'How are the {goods} washed?', 'Hand wash cool', 'Machine wash at 30°', 'Dry clean'),
      detail('measures', 'Measures', 'Which lengths, weights or widths do the {goods} come in?'),
    ],
  },
  {
    id: 'bags',
    terms: ['bag', 'baggage', 'case'],
    details: [
      detail('measures', 'Measures', 'What do the {goods} measure, hold and weigh?'),
      detail(
        'care',
        'Care',
        'How are the {goods} cared for, and what does rain do to them?',
        'Waterproof',
        'Feed the leather twice a year',
      ),
      detail('guarantee', 'Guarantee', 'What do you mend or replace, and for how long?', 'One year', 'Five years', 'For life'),
    ],
  },
  {
    id: 'paper',
    terms: ['stationery', 'writing implement', 'paper', 'card', 'pen'],
    details: [
      detail('paper', 'Paper', 'Which paper, and which pens or inks suit the {goods}?'),
      detail('measures', 'Measures', 'Which sizes and how many pages or pieces?'),
    ],
  },
  {
    id: 'light',
    terms: ['candle', 'source of illumination'],
    details: [
      detail('burning', 'Burning time', 'How long do the {goods} last?'),
      detail('material', 'Material', 'What are the {goods} made of?', 'Beeswax', 'Soya wax', 'Rapeseed wax'),
      detail('safety', 'Safety', 'What should a buyer mind while using them?'),
    ],
  },
  {
    id: 'tools',
    terms: [
      'tool',
      'implement',
      'hand tool',
      'edge tool',
      'device',
      'machine',
      'equipment',
      'wheeled vehicle',
      'instrument',
      'hardware',
      'mechanism',
      'fastener',
      'electronic equipment',
    ],
    nouns: ['plane', 'saw', 'file', 'punch', 'radio', 'bow'],
    details: [
      detail('measures', 'Measures', 'Which measures decide whether one of the {goods} fits?'),
      detail('condition', 'Condition', 'In which condition do the {goods} leave?', 'New', 'Restored', 'As found'),
      detail(
        'guarantee',
        'Guarantee',
        'What do you guarantee, and for how long?',
        'One year',
        'Two years',
        'Five years',
        'For life',
      ),
      detail(
        'spares',
        'Spare parts',
        'Are there spare parts, and do you repair?',
        'Spare parts kept',
        'Repairs by post',
        'No repairs',
      ),
    ],
  },
  {
    id: 'lessons',
    terms: ['lesson', 'class', 'course', 'education', 'workshop', 'teaching', 'training'],
    details: [
      detail('length', 'Length', 'How long does one take, and how many people come?'),
      detail('bring', 'Bring', 'What should people bring, and what do they take home?'),
      detail('level', 'For whom', 'What do people need to know before?', 'Nothing', 'The basics', 'Some years of it'),
    ],
  },
];
