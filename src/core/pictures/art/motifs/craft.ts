import { type Motif } from '../motif';

/** To make, write and mend with. A definition a thing. */
export const craft: readonly Motif[] = [
  {
    id: 'yarn',
    words: 'yarn wool knitting fibre fiber skein textile needle hook',
    height: 0.5,
    pieces: [
      ['M50 4a48 48 0 1 1 0 96 48 48 0 0 1 0-96z', 'body'],
      ['M84 18a48 48 0 0 1-18 79q28-34 18-79z', 'dark'],
      ['M10 36q40-30 78-4l-3-6Q50-2 13 28zm-6 20q44-36 92-6l1-6Q48 14 3 48zm6 22Q46 40 94 68l3-7Q46 34 6 70z', 'light'],
    ],
  },
  {
    id: 'spool',
    words: 'spool thread reel line string cord twine bobbin rope ribbon',
    height: 0.52,
    pieces: [
      ['M24 18h52v66H24z', 'body'],
      ['M58 18h18v66H58z', 'dark'],
      ['M24 30h52v6H24zM24 46h52v6H24zM24 62h52v6H24z', 'light'],
      ['M14 4h72v16H14zM14 82h72v18H14z', 'trim'],
    ],
  },
  {
    id: 'scissors',
    words: 'scissors shears sewing haberdashery tailoring hairdressing clipper',
    height: 0.8,
    pieces: [
      ['M30 72a14 14 0 1 0 .1 0zM70 72a14 14 0 1 0 .1 0z', 'trim'],
      ['M30 79a7 7 0 1 0 .1 0zM70 79a7 7 0 1 0 .1 0z', 'light'],
      ['M66 2q8 4 4 14L40 76l-8-4z', 'body'],
      ['M34 2q-8 4-4 14l30 60 8-4z', 'dark'],
      ['M50 42a4 4 0 1 0 .1 0z', 'trim'],
    ],
  },
  {
    id: 'brush',
    words: 'brush paint pigment dye colour color',
    height: 1,
    pieces: [
      ['M44 46h12l-2 52q-4 4-8 0z', 'body'],
      ['M50 46h6l-2 52-4 2z', 'dark'],
      ['M41 32h18v16H41z', 'light'],
      ['M42 32Q38 14 52 0q12 16 6 32z', 'trim'],
    ],
  },
  {
    id: 'pen',
    words: 'pen pencil ink inkwell nib writing_implement calligraphy stationery',
    height: 0.72,
    pieces: [
      ['M44 54L82 2l10 7-38 51z', 'trim'],
      ['M34 48h22v12H34z', 'light'],
      ['M16 60h58v40H16z', 'body'],
      ['M54 60h20v40H54z', 'dark'],
      ['M16 74h58v14H16z', 'light'],
    ],
  },
  {
    id: 'envelope',
    words: 'envelope postcard card letter greeting_card invitation',
    height: 0.5,
    pieces: [
      ['M4 22h92v78H4z', 'body'],
      ['M4 100l36-40h20l36 40z', 'light'],
      ['M4 22l46 44 46-44z', 'dark'],
      ['M50 53a9 9 0 1 0 .1 0z', 'trim'],
    ],
  },
  {
    id: 'book',
    words: 'book novel publication journal magazine notebook paper comic diary reading',
    height: 0.78,
    pieces: [
      ['M16 2h60q10 0 10 10v78q0 10-10 10H16z', 'body'],
      ['M70 2h6q10 0 10 10v78q0 10-10 10h-6z', 'dark'],
      ['M16 2h10v98H16z', 'trim'],
      ['M36 20h32v8H36zm0 14h22v6H36z', 'light'],
    ],
  },
  {
    id: 'tool',
    words: 'tool hammer saw plane chisel hardware implement instrument wrench repair spanner device machine',
    height: 0.85,
    pieces: [
      ['M44 30h14l4 66q-10 8-22 0z', 'trim'],
      ['M52 30h6l4 66q-6 4-10 4z', 'dark'],
      ['M14 6q18-8 44-4l30 8v18H14z', 'body'],
      ['M58 2l30 8v18H58z', 'dark'],
    ],
  },
  {
    id: 'knife',
    words: 'knife blade cutlery razor sword',
    height: 0.95,
    pieces: [
      ['M50 0q14 24 10 62H42Q40 20 50 0z', 'light'],
      ['M50 0q14 24 10 62h-8z', 'body'],
      ['M38 60h26v7H38z', 'trim'],
      ['M42 67h18l3 29q-12 8-24 0z', 'dark'],
    ],
  },
  {
    id: 'wheel',
    words: 'bicycle bike wheel tyre chain cycling motorcycle cycle',
    height: 0.95,
    pieces: [
      ['M50 0a50 50 0 1 1 0 100A50 50 0 0 1 50 0zm0 10a40 40 0 1 0 0 80 40 40 0 0 0 0-80z', 'dark'],
      ['M48 10h4v80h-4zM10 48h80v4H10zM20 23l3-3 57 57-3 3zm57-3l3 3-57 57-3-3z', 'body'],
      ['M50 38a12 12 0 1 1 0 24 12 12 0 0 1 0-24z', 'trim'],
    ],
  },
  {
    id: 'car',
    words: 'car vehicle automobile engine motor van motor_vehicle truck lorry',
    height: 0.5,
    pieces: [
      ['M24 58l14-30h30l18 30z', 'light'],
      ['M4 56h92v26H4z', 'body'],
      ['M62 56h34v26H62z', 'dark'],
      ['M26 69a15 15 0 1 0 .1 0zM74 69a15 15 0 1 0 .1 0z', 'trim'],
    ],
  },
  {
    id: 'computer',
    words: 'computer laptop phone telephone screen keyboard monitor software computer_game',
    height: 0.72,
    pieces: [
      ['M42 70h16v22H42z', 'trim'],
      ['M26 90h48v10H26z', 'trim'],
      ['M4 8h92v64H4z', 'body'],
      ['M12 16h76v48H12z', 'light'],
      ['M60 16h28v48H44z', 'dark'],
    ],
  },
  {
    id: 'radio',
    words: 'radio speaker amplifier electronics circuit electronic_equipment battery',
    height: 0.55,
    pieces: [
      ['M78 4l4 2-14 26h-6z', 'trim'],
      ['M4 30h92v70H4z', 'body'],
      ['M58 30h38v70H58z', 'dark'],
      ['M32 42a23 23 0 1 1 0 46 23 23 0 0 1 0-46z', 'light'],
      ['M32 54a11 11 0 1 1 0 22 11 11 0 0 1 0-22zM64 42h26v12H64zm0 24h10v10H64zm16 0h10v10H80z', 'trim'],
    ],
  },
  {
    id: 'camera',
    words: 'camera lens photography photographic_equipment film',
    height: 0.5,
    pieces: [
      ['M4 32h22l8-16h32l8 16h22v68H4z', 'body'],
      ['M66 16l8 16h22v68H70z', 'dark'],
      ['M50 40a24 24 0 1 1 0 48 24 24 0 0 1 0-48z', 'trim'],
      ['M50 50a14 14 0 1 1 0 28 14 14 0 0 1 0-28zM10 40h14v8H10z', 'light'],
    ],
  },
  {
    id: 'telescope',
    words: 'telescope microscope binoculars optics astronomy',
    height: 0.95,
    pieces: [
      ['M48 52L24 99', 'trim'],
      ['M48 52l24 47', 'trim'],
      ['M48 52v47', 'trim'],
      ['M14 44L74 8l12 20L26 64z', 'body'],
      ['M22 57L82 21l4 7L26 64z', 'dark'],
      ['M70 6l10-5 16 27-10 5z', 'light'],
      ['M8 50l8-5 8 14-8 5z', 'dark'],
    ],
  },
  {
    id: 'globe',
    words: 'globe map atlas chart travel',
    height: 0.78,
    pieces: [
      ['M44 84h12v8h16v8H28v-8h16z', 'trim'],
      ['M50 2a41 41 0 1 0 .1 0z', 'body'],
      ['M56 3a41 41 0 0 1-6 81q36-40 6-81z', 'dark'],
      ['M22 30q14-14 26-8 2 10-10 16 6 12-4 18-12-8-12-26zM58 46q12-6 20 2-4 16-14 18-8-8-6-20z', 'light'],
    ],
  },
  {
    id: 'crystal',
    words: 'crystal mineral stone rock fossil quartz meteorite',
    height: 0.66,
    pieces: [
      ['M66 34l20 26-4 40H54V52z', 'light'],
      ['M66 34l20 26-4 40H70z', 'dark'],
      ['M34 4l24 36 2 60H18l-6-60z', 'body'],
      ['M34 4l24 36 2 60H38z', 'dark'],
      ['M12 40L34 4l4 36z', 'trim'],
    ],
  },
  {
    id: 'coin',
    words: 'coin medal token badge button pin coinage',
    height: 0.34,
    pieces: [
      ['M50 4a48 48 0 1 1 0 96 48 48 0 0 1 0-96z', 'body'],
      ['M84 18a48 48 0 0 1-18 79q28-34 18-79z', 'dark'],
      ['M50 16a36 36 0 1 1 0 72 36 36 0 0 1 0-72zm0 5a31 31 0 1 0 0 62 31 31 0 0 0 0-62z', 'light'],
      ['M50 32l6 13 14 2-10 10 2 14-12-7-12 7 2-14-10-10 14-2z', 'trim'],
    ],
  },
];
