import { type Motif } from '../motif';

/** Of kitchen, pantry and garden. A definition a thing. */
export const kitchen: readonly Motif[] = [
  {
    id: 'bottle',
    words: 'bottle sauce oil wine beer drink beverage perfume scent vinegar liquor cider juice syrup flask',
    height: 1,
    pieces: [
      ['M40 4h20v20c0 8 14 12 14 28v44a4 4 0 0 1-4 4H30a4 4 0 0 1-4-4V52c0-16 14-20 14-28z', 'body'],
      ['M60 24c0 8 14 12 14 28v44a4 4 0 0 1-4 4H58V24z', 'dark'],
      ['M26 60h48v24H26z', 'light'],
      ['M38 2h24v10H38z', 'trim'],
    ],
  },
  {
    id: 'jar',
    words: 'jar jam honey preserve spice pickle cream ointment condiment marmalade tin can chutney',
    height: 0.62,
    pieces: [
      ['M18 26q-6 4-6 12v52q0 10 10 10h56q10 0 10-10V38q0-8-6-12z', 'body'],
      ['M66 26h16q6 4 6 12v52q0 10-10 10H66z', 'dark'],
      ['M12 50h76v28H12z', 'light'],
      ['M16 8q0-6 6-6h56q6 0 6 6v16H16z', 'trim'],
    ],
  },
  {
    id: 'cup',
    words: 'cup mug coffee tea beaker glass tumbler',
    height: 0.5,
    pieces: [
      ['M78 34h8q14 0 14 16t-16 18h-10v-9h9q7 0 7-9t-6-8h-6z', 'trim'],
      ['M8 20h72v44q0 36-28 36H36Q8 100 8 64z', 'body'],
      ['M60 20h20v44q0 36-28 36h-4q12-8 12-36z', 'dark'],
      ['M8 20h72v8H8z', 'light'],
    ],
  },
  {
    id: 'bowl',
    words: 'bowl pottery ceramic dish plate crockery vessel pan food soup porcelain earthenware tableware',
    height: 0.42,
    pieces: [
      ['M2 30h96q0 46-34 60v10H36V90Q2 76 2 30z', 'body'],
      ['M70 30h28q0 46-34 60v10H56V88q14-20 14-58z', 'dark'],
      ['M2 30q0-12 48-12t48 12q0 12-48 12T2 30z', 'light'],
    ],
  },
  {
    id: 'teapot',
    words: 'teapot kettle teaware coffeepot pot',
    height: 0.55,
    pieces: [
      ['M26 46L4 34l6-8 24 16zM78 42q22-4 20 18-2 18-22 22l-2-9q14-3 15-13 1-12-11-9z', 'trim'],
      ['M22 44q28-16 56 0 14 18 6 40-6 16-34 16t-34-16q-8-22 6-40z', 'body'],
      ['M62 38q10 2 16 6 14 18 6 40-6 16-34 16 24-20 12-62z', 'dark'],
      ['M34 38q16-14 32 0l-4 6H38z', 'light'],
      ['M50 16a6 6 0 1 1 0 12 6 6 0 0 1 0-12z', 'trim'],
    ],
  },
  {
    id: 'fruit',
    words: 'fruit apple pear berry citrus orange lemon tomato',
    height: 0.38,
    pieces: [
      ['M50 24q-14-10-30-2Q2 32 8 60q6 32 28 40 8 2 14-2 6 4 14 2 22-8 28-40 6-28-12-38-16-8-30 2z', 'body'],
      ['M62 22q10-4 18 0 18 10 12 38-6 32-28 40 18-40-2-78z', 'dark'],
      ['M50 26Q48 10 62 0q4 12-8 26z', 'trim'],
      ['M22 36q-8 10-4 22 6-2 10-20z', 'light'],
    ],
  },
  {
    id: 'loaf',
    words: 'bread biscuit bakery cookie baking bun cracker',
    height: 0.4,
    pieces: [
      ['M6 60q0-34 44-34t44 34q0 14-8 16v20q0 4-4 4H18q-4 0-4-4V76q-8-2-8-16z', 'body'],
      ['M66 28q28 6 28 32 0 14-8 16v20q0 4-4 4H66z', 'dark'],
      ['M24 40l10 16m10-18l10 18m10-16l8 16', 'trim'],
    ],
  },
  {
    id: 'cake',
    words: 'cake pastry pie tart dessert gateau',
    height: 0.55,
    pieces: [
      ['M8 42h84v58H8z', 'body'],
      ['M62 42h30v58H62z', 'dark'],
      ['M8 42q0-14 42-14t42 14v16q-10 12-21 0-10 12-21 0-11 12-21 0-11 12-21 0z', 'light'],
      ['M50 10a10 10 0 1 0 .1 0z', 'trim'],
    ],
  },
  {
    id: 'icecream',
    words: 'ice_cream gelato sorbet frozen_dessert',
    height: 0.85,
    pieces: [
      ['M26 46h48L50 100z', 'trim'],
      ['M54 46h20L50 100z', 'dark'],
      ['M20 48a30 30 0 1 1 60 0q-8 8-15 0-7 8-15 0-8 8-15 0-7 8-15 0z', 'body'],
      ['M60 20q20 8 20 28-8 8-15 0 4-14-5-28z', 'dark'],
      ['M32 36q2-12 12-14-4 8-6 16z', 'light'],
    ],
  },
  {
    id: 'sweet',
    words: 'sweet candy chocolate confection confectionery toffee lolly',
    height: 0.34,
    pieces: [
      ['M0 22q20 6 26 28Q20 72 0 78q10-28 0-56zm100 0q-20 6-26 28 6 22 26 28-10-28 0-56z', 'trim'],
      ['M50 18a32 32 0 1 1 0 64 32 32 0 0 1 0-64z', 'body'],
      ['M50 18a32 32 0 0 1 0 64q16-32 0-64z', 'dark'],
      ['M36 30q-12 18 0 38 4-20 0-38z', 'light'],
    ],
  },
  {
    id: 'cheese',
    words: 'cheese dairy butter milk meat sausage',
    height: 0.4,
    pieces: [
      ['M2 60L76 20q22 8 22 36v44H2z', 'body'],
      ['M2 60h96v40H2z', 'dark'],
      ['M26 72a8 8 0 1 1 0 16 8 8 0 0 1 0-16zm40-2a6 6 0 1 1 0 12 6 6 0 0 1 0-12zm0-34a7 7 0 1 1 0 14 7 7 0 0 1 0-14z', 'light'],
    ],
  },
  {
    id: 'egg',
    words: 'egg hen poultry chicken',
    height: 0.42,
    pieces: [
      ['M50 4c22 0 36 36 36 60a36 36 0 0 1-72 0C14 40 28 4 50 4z', 'body'],
      ['M58 6c18 10 28 38 28 58a36 36 0 0 1-36 36c24-24 20-70 8-94z', 'dark'],
      ['M28 50q4-20 14-28 0 14-6 32z', 'light'],
    ],
  },
  {
    id: 'fish',
    words: 'fish seafood salmon trout angling fishing_tackle',
    height: 0.34,
    pieces: [
      ['M2 62q22-38 56-36 20 2 26 24l14-22v68L84 74q-6 22-26 24Q24 100 2 62z', 'body'],
      ['M2 62q22 38 56 36 20-2 26-24l14 22V62z', 'dark'],
      ['M30 44q12 18 0 38l-7-3q9-16 1-32z', 'light'],
      ['M17 52a5 5 0 1 1 0 10 5 5 0 0 1 0-10z', 'trim'],
    ],
  },
  {
    id: 'mushroom',
    words: 'mushroom fungus truffle mycelium',
    height: 0.62,
    pieces: [
      ['M38 54h24q-2 32 8 46H30q10-14 8-46z', 'light'],
      ['M4 54Q8 6 50 6t46 48q-46 16-92 0z', 'body'],
      ['M62 7q32 8 34 47-16 5-34 7 14-24 0-54z', 'dark'],
      ['M30 29a7 7 0 1 0 .1 0zM52 18a6 6 0 1 0 .1 0zM74 35a5 5 0 1 0 .1 0z', 'trim'],
    ],
  },
  {
    id: 'plant',
    words: 'plant garden herb seed tree shrub vegetable succulent fern gardening',
    height: 1.05,
    pieces: [
      ['M48 62Q44 30 20 18q-4 24 28 44z', 'body'],
      ['M52 62Q54 26 82 8q6 28-30 54z', 'dark'],
      ['M49 64Q40 44 12 46q8 20 37 18z', 'light'],
      ['M51 64q10-18 36-14-8 18-36 14z', 'body'],
      ['M26 64h48l-6 36H32z', 'trim'],
    ],
  },
  {
    id: 'flower',
    words: 'flower bouquet florist blossom rose tulip bulb lily orchid floristry dried',
    height: 1.05,
    pieces: [
      ['M50 54v45', 'trim'],
      ['M50 98q-30-4-34-42 28 8 34 42z', 'dark'],
      ['M26 6q10 10 24-4 14 14 24 4 8 48-24 52Q18 54 26 6z', 'body'],
      ['M74 6q8 48-24 52 20-22 12-48z', 'dark'],
      ['M50 2q12 24 0 56-12-32 0-56z', 'light'],
    ],
  },
  {
    id: 'vase',
    words: 'vase',
    height: 1.15,
    pieces: [
      ['M47 62q-10-26-22-38l4-2q14 14 21 34 6-28 22-42l3 3Q60 34 54 62z', 'trim'],
      ['M24 8a11 11 0 1 1 0 22 11 11 0 0 1 0-22z', 'light'],
      ['M76 2a12 12 0 1 1 0 24 12 12 0 0 1 0-24z', 'body'],
      ['M50 18a9 9 0 1 1 0 18 9 9 0 0 1 0-18z', 'trim'],
      ['M34 56h32q-4 8 6 18 8 10-2 26H30q-10-16-2-26 10-10 6-18z', 'body'],
      ['M56 56h10q-4 8 6 18 8 10-2 26H54q12-16 4-28-4-8-2-16z', 'dark'],
    ],
  },
];
