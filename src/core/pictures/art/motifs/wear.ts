import { type Motif } from '../motif';

/** To wear and to carry. A definition a thing. */
export const wear: readonly Motif[] = [
  {
    id: 'garment',
    words: 'shirt sweater jumper jersey pullover coat jacket cardigan',
    trades: 'clothing clothes knitwear apparel garment',
    height: 0.95,
    pieces: [
      ['M32 4q18 12 36 0l28 20-12 24-12-8v60H28V40l-12 8L4 24z', 'body'],
      ['M62 8l6-4 28 20-12 24-12-8v60H58z', 'dark'],
      ['M32 4q18 12 36 0l-4 8q-14 8-28 0z', 'light'],
    ],
  },
  {
    id: 'shoe',
    words: 'shoe boot footwear slipper sneaker',
    height: 0.45,
    pieces: [
      ['M6 14h30q4 24 24 34l28 12q10 4 10 24H6z', 'body'],
      ['M60 48l28 12q10 4 10 24H60z', 'dark'],
      ['M4 84h94v16H4z', 'trim'],
      ['M40 34l14-6m-8 16l14-6m-6 16l14-6', 'light'],
    ],
  },
  {
    id: 'sock',
    words: 'sock stocking',
    trades: 'hosiery',
    height: 0.66,
    pieces: [
      ['M28 4h36v46q0 8 8 13l18 12q10 9 2 24H58Q28 94 28 60z', 'body'],
      ['M26 2h40v14H26z', 'light'],
      ['M28 56q2 24 22 30l8-16Q46 66 46 54z', 'trim'],
      ['M80 68l10 7q10 9 2 24H76q-6-18 4-31z', 'dark'],
    ],
  },
  {
    id: 'mitten',
    words: 'mitten glove gauntlet',
    height: 0.64,
    pieces: [
      ['M72 66V58q20-26 24-10 2 12-24 30z', 'dark'],
      ['M26 72V28Q26 4 50 4t24 24v44z', 'body'],
      ['M60 8q14 6 14 20v44H60z', 'dark'],
      ['M24 72h52v28H24z', 'light'],
      ['M24 82h52v8H24z', 'trim'],
    ],
  },
  {
    id: 'hat',
    words: 'hat bonnet beanie',
    trades: 'headgear millinery cap',
    height: 0.42,
    pieces: [
      ['M0 80q50-16 100 0 0 14-50 18Q0 94 0 80z', 'dark'],
      ['M20 82q-2-60 30-60t30 60q-30 12-60 0z', 'body'],
      ['M56 22q26 2 24 60-8 4-18 5 8-34-6-65z', 'dark'],
      ['M20 66q30 12 60 0v14q-30 12-60 0z', 'trim'],
    ],
  },
  {
    id: 'bag',
    words: 'bag purse satchel handbag suitcase',
    trades: 'leather luggage',
    height: 0.7,
    pieces: [
      ['M30 38V26q0-22 20-22t20 22v12h-8V26q0-14-12-14T38 26v12z', 'trim'],
      ['M8 34h84l6 58q0 8-8 8H10q-8 0-8-8z', 'body'],
      ['M66 34h26l6 58q0 8-8 8H66z', 'dark'],
      ['M8 34h84l2 22q-44 22-88 0z', 'light'],
      ['M44 58h12v14H44z', 'trim'],
    ],
  },
  {
    id: 'jewel',
    words: 'ring jewel gem',
    trades: 'jewellery jewelry necklace earring bracelet',
    height: 0.4,
    pieces: [
      ['M50 34a33 33 0 1 1 0 66 33 33 0 0 1 0-66zm0 10a23 23 0 1 0 0 46 23 23 0 0 0 0-46z', 'body'],
      ['M76 46a33 33 0 0 1-20 53v-9a24 24 0 0 0 13-38z', 'dark'],
      ['M34 8h32l14 16-30 22-30-22z', 'trim'],
      ['M34 8l6 16h-20zm26 16l6-16 14 16z', 'light'],
    ],
  },
  {
    id: 'spectacles',
    words: 'spectacles glasses sunglasses',
    trades: 'eyewear optician',
    height: 0.42,
    pieces: [
      ['M26 57a17 17 0 1 1 0 34 17 17 0 0 1 0-34zm48 0a17 17 0 1 1 0 34 17 17 0 0 1 0-34z', 'light'],
      ['M26 48a26 26 0 1 1 0 52 26 26 0 0 1 0-52zm0 9a17 17 0 1 0 0 34 17 17 0 0 0 0-34z', 'body'],
      ['M74 48a26 26 0 1 1 0 52 26 26 0 0 1 0-52zm0 9a17 17 0 1 0 0 34 17 17 0 0 0 0-34z', 'dark'],
      ['M42 64q8-8 16 0v8q-8-6-16 0z', 'trim'],
    ],
  },
];
