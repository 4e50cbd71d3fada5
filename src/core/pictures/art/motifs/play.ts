import { type Motif } from '../motif';

/** To play, to sound and to go out with. A definition a thing. */
export const play: readonly Motif[] = [
  {
    id: 'toy',
    words: 'toy child play doll baby puppet',
    height: 0.55,
    pieces: [
      ['M6 54h44v46H6z', 'body'],
      ['M50 54h44v46H50z', 'dark'],
      ['M28 54L50 10l22 44z', 'trim'],
      ['M28 66a11 11 0 1 1 0 22 11 11 0 0 1 0-22zm34 2h20v18H62z', 'light'],
    ],
  },
  {
    id: 'die',
    words: 'die dice board_game game puzzle chess domino block',
    height: 0.55,
    pieces: [
      ['M50 2l44 24v50L50 100 6 76V26z', 'body'],
      ['M50 50l44-24v50L50 100z', 'dark'],
      ['M50 2l44 24-44 24L6 26z', 'light'],
      [
        'M50 20q8 0 8 6t-8 6-8-6 8-6zM20 48q5 3 5 9t-5 3-5-9 5-3zM36 72q5 3 5 9t-5 3-5-9 5-3zM72 58q5-3 5 3t-5 9-5-3 5-9z',
        'trim',
      ],
    ],
  },
  {
    id: 'kite',
    words: 'kite paper_kite streamer',
    height: 1.15,
    pieces: [
      ['M50 88c-9 5 9 7 0 12', 'trim'],
      ['M50 2l36 38-36 48-36-48z', 'body'],
      ['M50 2l36 38-36 48z', 'dark'],
      ['M14 40l36-6 36 6-36 5z', 'light'],
      ['M48 2h4v86h-4z', 'trim'],
    ],
  },
  {
    id: 'balloon',
    words: 'balloon party confetti decoration festoon',
    height: 1.05,
    pieces: [
      ['M50 84q-9 8 0 15', 'trim'],
      ['M42 86l8-12 8 12z', 'trim'],
      ['M50 2q34 0 34 36 0 28-34 44Q16 66 16 38 16 2 50 2z', 'body'],
      ['M60 3q24 6 24 35 0 28-34 44 26-30 10-79z', 'dark'],
      ['M26 34q2-18 14-22-4 10-8 24z', 'light'],
    ],
  },
  {
    id: 'ball',
    words: 'sport ball exercise climbing running',
    height: 0.45,
    pieces: [
      ['M50 2a49 49 0 1 1 0 98 49 49 0 0 1 0-98z', 'body'],
      ['M82 14a49 49 0 0 1-20 84q34-34 20-84z', 'dark'],
      ['M12 20q30 30 8 72l-6-6q18-34-8-56zm74-2Q60 40 84 84l6-8Q72 44 90 24z', 'light'],
    ],
  },
  {
    id: 'racket',
    words: 'racket bat tennis badminton squash cricket',
    height: 1,
    pieces: [
      ['M45 64h10v36H45z', 'dark'],
      ['M50 2q30 0 30 34T50 70 20 36 50 2z', 'body'],
      ['M50 11q21 0 21 25T50 61 29 36t21-25z', 'light'],
      ['M42 12h2.5v48H42zM56 12h2.5v48H56zM29 28h42v2.5H29zM29 42h42v2.5H29z', 'trim'],
    ],
  },
  {
    id: 'surfboard',
    words: 'surfboard board ski snowboard skateboard paddle',
    height: 1.3,
    pieces: [
      ['M50 0q24 28 24 62 0 26-12 38H38Q26 88 26 62 26 28 50 0z', 'body'],
      ['M50 0q24 28 24 62 0 26-12 38H50z', 'dark'],
      ['M27 44h46q1 8 1 16H26q0-8 1-16z', 'light'],
      ['M48 4h4v94h-4z', 'trim'],
    ],
  },
  {
    id: 'tent',
    words: 'tent camping canvas hammock bivouac marquee',
    height: 0.8,
    pieces: [
      ['M47 0h6v16h-6z', 'trim'],
      ['M50 6l48 94H2z', 'body'],
      ['M50 6l48 94H70z', 'dark'],
      ['M50 44l18 56H32z', 'light'],
    ],
  },
  {
    id: 'boat',
    words: 'boat ship sail yacht dinghy canoe kayak watercraft sailing_vessel',
    height: 0.85,
    pieces: [
      ['M4 74h92q-4 26-24 26H28Q8 100 4 74z', 'body'],
      ['M60 74h36q-4 26-24 26H56z', 'dark'],
      ['M48 2h4v72h-4z', 'trim'],
      ['M54 8q34 24 36 60H54zM46 20v48H16q4-32 30-48z', 'light'],
    ],
  },
  {
    id: 'guitar',
    words: 'guitar violin ukulele banjo mandolin cello lute fiddle stringed_instrument musical_instrument',
    height: 1.25,
    pieces: [
      ['M50 54q-6-6-13-3-8 5-3 14 1 3-2 6-12 9-6 20 6 9 24 9t24-9q6-11-6-20-3-3-2-6 5-9-3-14-7-3-13 3z', 'body'],
      ['M50 54q6-6 13-3 8 5 3 14-1 3 2 6 12 9 6 20-6 9-24 9z', 'dark'],
      ['M47 8h6v54h-6zM44 0h12v13H44zM42 86h16v4H42z', 'trim'],
      ['M50 66a7 7 0 1 1 0 14 7 7 0 0 1 0-14z', 'light'],
    ],
  },
  {
    id: 'drum',
    words: 'drum percussion tambourine tabla bongo',
    height: 0.7,
    pieces: [
      ['M8 22h84v64q0 14-42 14T8 86z', 'body'],
      ['M64 34l28-12v64q0 10-28 13z', 'dark'],
      ['M10 44l20 48 20-46 20 46 20-48', 'trim'],
      ['M8 22Q8 8 50 8t42 14q0 14-42 14T8 22z', 'light'],
    ],
  },
  {
    id: 'music',
    words: 'music record album song concert vinyl',
    height: 0.85,
    pieces: [
      ['M50 0a50 50 0 1 1 0 100A50 50 0 0 1 50 0z', 'dark'],
      [
        'M50 10a40 40 0 1 1 0 80 40 40 0 0 1 0-80zm0 3a37 37 0 1 0 0 74 37 37 0 0 0 0-74zm0 7a30 30 0 1 1 0 60 30 30 0 0 1 0-60zm0 3a27 27 0 1 0 0 54 27 27 0 0 0 0-54z',
        'body',
      ],
      ['M50 32a18 18 0 1 1 0 36 18 18 0 0 1 0-36z', 'trim'],
      ['M50 47a3 3 0 1 1 0 6 3 3 0 0 1 0-6z', 'light'],
    ],
  },
  {
    id: 'bone',
    words: 'dog pet cat puppy horse feed treat collar domestic_animal',
    height: 0.3,
    pieces: [
      ['M22 36q-10-14-20-2-4 8 4 16-8 8-4 16 10 12 20-2h56q10 14 20 2 4-8-4-16 8-8 4-16-10-12-20 2z', 'body'],
      ['M22 52h56q10 14 20 2 2 8-2 12-8 12-18-2H22q-10 14-18 2-4-6 0-12 8 8 18-2z', 'dark'],
    ],
  },
  {
    id: 'birdhouse',
    words: 'birdhouse birdcage bird nest feeder aviary',
    height: 0.85,
    pieces: [
      ['M14 38h72v62H14z', 'body'],
      ['M62 38h24v62H62z', 'dark'],
      ['M50 2l48 40H2z', 'trim'],
      ['M46 49a13 13 0 1 0 .1 0z', 'light'],
      ['M46 84v8', 'trim'],
    ],
  },
  {
    id: 'parcel',
    words: 'parcel box gift package present kit set',
    height: 0.55,
    pieces: [
      ['M4 26h92v74H4z', 'body'],
      ['M62 26h34v74H62z', 'dark'],
      ['M42 26h14v74H42z', 'trim'],
      ['M48 26Q30 26 26 14q0-12 12-8 10 6 12 20 2-14 12-20 12-4 12 8-4 12-22 12z', 'trim'],
    ],
  },
];
