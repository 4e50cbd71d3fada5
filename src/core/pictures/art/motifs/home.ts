import { type Motif } from '../motif';

/** Of the house. A definition a thing. */
export const home: readonly Motif[] = [
  {
    id: 'candle',
    words: 'candle',
    trades: 'wax incense',
    height: 0.72,
    pieces: [
      ['M50 0q14 16 0 30-14-14 0-30z', 'trim'],
      ['M48 26h4v12h-4z', 'dark'],
      ['M26 38q24-6 48 0v54q0 8-24 8t-24-8z', 'body'],
      ['M58 36q10 0 16 2v54q0 6-16 8z', 'dark'],
      ['M26 38q24-8 48 0-24 8-48 0z', 'light'],
    ],
  },
  {
    id: 'lamp',
    words: 'lamp lantern torch chandelier',
    trades: 'light lighting lampshade',
    height: 0.95,
    pieces: [
      ['M45 44h10v48H45z', 'trim'],
      ['M28 90h44v10H28z', 'dark'],
      ['M30 4h40l18 46H12z', 'body'],
      ['M56 4h14l18 46H62z', 'dark'],
      ['M13.5 46h73l1.5 4H12z', 'light'],
    ],
  },
  {
    id: 'soap',
    words: 'soap',
    trades: 'skincare cosmetic toiletry shampoo lotion balm bath',
    height: 0.26,
    pieces: [
      ['M14 30q0-22 22-22h40q22 0 22 22v44q0 18-18 18H32q-18 0-18-18z', 'body'],
      ['M70 8h6q22 0 22 22v44q0 18-18 18H66z', 'dark'],
      ['M34 32h40q8 0 8 10v10q0 10-8 10H34q-8 0-8-10V42q0-10 8-10z', 'light'],
    ],
  },
  {
    id: 'blanket',
    words: 'blanket quilt towel bedspread',
    trades: 'bedding bed_linen linen rug carpet',
    height: 0.42,
    pieces: [
      ['M8 26h84q8 0 8 9v20q0 9-8 9H8q-8 0-8-9V35q0-9 8-9z', 'body'],
      ['M8 64h84q8 0 8 9v18q0 9-8 9H8q-8 0-8-9V73q0-9 8-9z', 'dark'],
      ['M16 26h9v38h-9zm18 0h5v38h-5zm41 0h9v38h-9z', 'light'],
      ['M16 64h9v36h-9zm59 0h9v36h-9z', 'trim'],
    ],
  },
  {
    id: 'chair',
    words: 'chair seat',
    trades: 'furniture',
    height: 1.2,
    pieces: [
      ['M20 0h10v52h44V40h8v60h-8V68H30v32H20z', 'body'],
      ['M74 40h8v60h-8z', 'dark'],
      ['M30 8h6v36h-6zm10 0h6v36h-6z', 'light'],
      ['M16 52h70v12H16z', 'trim'],
    ],
  },
  {
    id: 'table',
    words: 'table desk workbench',
    height: 0.66,
    pieces: [
      ['M14 34h8v66h-8zM78 34h8v66h-8z', 'dark'],
      ['M2 22h96v14H2z', 'body'],
      ['M60 22h38v14H60z', 'dark'],
      ['M22 36h56v10H22z', 'light'],
    ],
  },
  {
    id: 'clock',
    words: 'clock watch timepiece barometer',
    height: 0.6,
    pieces: [
      ['M50 2a48 48 0 1 1 0 96 48 48 0 0 1 0-96z', 'trim'],
      ['M50 12a38 38 0 1 1 0 76 38 38 0 0 1 0-76z', 'light'],
      ['M47 24h6v24l18 12-4 6-20-14z', 'dark'],
    ],
  },
  {
    id: 'tile',
    words: 'tile mosaic',
    trades: 'flooring',
    height: 0.55,
    pieces: [
      ['M4 8h92v92H4z', 'body'],
      ['M11 15h78v78H11z', 'light'],
      ['M28 32h44v44H28zM50 22l32 32-32 32-32-32z', 'dark'],
      ['M11 15h16L11 31zm78 0v16L73 15zM11 93V77l16 16zm78 0H73l16-16zM50 40a14 14 0 1 1 0 28 14 14 0 0 1 0-28z', 'trim'],
    ],
  },
  {
    id: 'picture',
    words: 'picture painting print photograph poster illustration drawing frame',
    trades: 'art',
    height: 0.9,
    pieces: [
      ['M4 2h92v98H4z', 'trim'],
      ['M14 12h72v78H14z', 'light'],
      ['M14 70q20-26 38-10 16-24 34-6v36H14z', 'body'],
      ['M52 60q16-24 34-6v36H60z', 'dark'],
      ['M34 22a9 9 0 1 1 0 18 9 9 0 0 1 0-18z', 'body'],
    ],
  },
  {
    id: 'basket',
    words: 'basket hamper trug',
    trades: 'wickerwork',
    height: 0.72,
    pieces: [
      ['M20 46Q20 4 50 4t30 42', 'trim'],
      ['M6 44h88l-12 56H18z', 'body'],
      ['M66 44h28l-12 56H60z', 'dark'],
      ['M8 52h84l-1.5 7H9.5zM11.5 68h77L87 75H13z', 'light'],
    ],
  },
  {
    id: 'padlock',
    words: 'padlock lock',
    height: 0.6,
    pieces: [
      ['M30 46V30a20 20 0 0 1 40 0v16', 'trim'],
      ['M16 44h68v56H16z', 'body'],
      ['M62 44h22v56H62z', 'dark'],
      ['M50 58a9 9 0 0 1 4 17v12h-8V75a9 9 0 0 1 4-17z', 'light'],
    ],
  },
  {
    id: 'bell',
    words: 'bell handbell chime',
    height: 0.7,
    pieces: [
      ['M38 88h24q0 12-12 12t-12-12z', 'trim'],
      ['M45 0h10v12H45z', 'trim'],
      ['M50 8q30 0 33 44l11 36H6l11-36Q20 8 50 8z', 'body'],
      ['M58 9q22 6 25 43l11 36H68q4-52-10-79z', 'dark'],
      ['M9 78h82l3 10H6z', 'light'],
    ],
  },
  {
    id: 'umbrella',
    words: 'umbrella parasol',
    height: 0.95,
    pieces: [
      ['M50 44v46q0 10-9 10t-9-9', 'trim'],
      ['M4 56Q6 6 50 6t46 50q-12-10-23 0-11-10-23 0-12-10-23 0-11-10-23 0z', 'body'],
      ['M50 6q44 0 46 50-12-10-23 0Q72 18 50 6z', 'dark'],
      ['M48 0h4v8h-4z', 'trim'],
      ['M50 6Q28 18 27 56q11-10 23 0z', 'light'],
    ],
  },
];
