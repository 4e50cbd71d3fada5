/** A piece of a drawn thing: an outline in a box of 100 by 100 that stands on its lower edge, and how it is toned. */
export type Piece = [outline: string, tone: 'body' | 'dark' | 'light' | 'trim'];

/** A thing that pictures and marks are composed of. */
export interface Motif {
  id: string;
  /** Nouns that it stands for; what WordNet files under one of them is meant too. */
  words: string;
  /** Its height beside other things, 1 is a bottle. */
  height: number;
  pieces: readonly Piece[];
}

/** Things that small shops sell, drawn flat. A definition a thing. */
export const motifs: readonly Motif[] = [
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
    id: 'vase',
    words: 'vase flower bouquet florist blossom rose dried',
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
    words: 'bread cake biscuit bakery pastry cookie baking pie bun cracker dessert',
    height: 0.4,
    pieces: [
      ['M6 60q0-34 44-34t44 34q0 14-8 16v20q0 4-4 4H18q-4 0-4-4V76q-8-2-8-16z', 'body'],
      ['M66 28q28 6 28 32 0 14-8 16v20q0 4-4 4H66z', 'dark'],
      ['M24 40l10 16m10-18l10 18m10-16l8 16', 'trim'],
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
    id: 'yarn',
    words: 'yarn wool thread knitting fibre fiber skein textile string rope cord needle hook',
    height: 0.5,
    pieces: [
      ['M50 4a48 48 0 1 1 0 96 48 48 0 0 1 0-96z', 'body'],
      ['M84 18a48 48 0 0 1-18 79q28-34 18-79z', 'dark'],
      ['M10 36q40-30 78-4l-3-6Q50-2 13 28zm-6 20q44-36 92-6l1-6Q48 14 3 48zm6 22Q46 40 94 68l3-7Q46 34 6 70z', 'light'],
    ],
  },
  {
    id: 'garment',
    words: 'shirt garment clothing jumper sweater dress knitwear cloth coat jacket apron trousers skirt top apparel fabric',
    height: 0.95,
    pieces: [
      ['M32 4q18 12 36 0l28 20-12 24-12-8v60H28V40l-12 8L4 24z', 'body'],
      ['M62 8l6-4 28 20-12 24-12-8v60H58z', 'dark'],
      ['M32 4q18 12 36 0l-4 8q-14 8-28 0z', 'light'],
    ],
  },
  {
    id: 'shoe',
    words: 'shoe boot footwear sandal slipper sneaker sock skate',
    height: 0.45,
    pieces: [
      ['M6 14h30q4 24 24 34l28 12q10 4 10 24H6z', 'body'],
      ['M60 48l28 12q10 4 10 24H60z', 'dark'],
      ['M4 84h94v16H4z', 'trim'],
      ['M40 34l14-6m-8 16l14-6m-6 16l14-6', 'light'],
    ],
  },
  {
    id: 'bag',
    words: 'bag leather purse satchel luggage case basket wallet backpack handbag suitcase',
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
    words: 'ring jewel jewellery jewelry gem necklace earring bracelet silver gold jewelled mineral crystal stone fossil',
    height: 0.4,
    pieces: [
      ['M50 34a33 33 0 1 1 0 66 33 33 0 0 1 0-66zm0 10a23 23 0 1 0 0 46 23 23 0 0 0 0-46z', 'body'],
      ['M76 46a33 33 0 0 1-20 53v-9a24 24 0 0 0 13-38z', 'dark'],
      ['M34 8h32l14 16-30 22-30-22z', 'trim'],
      ['M34 8l6 16h-20zm26 16l6-16 14 16z', 'light'],
    ],
  },
  {
    id: 'candle',
    words: 'candle wax incense lamp light lantern lighting',
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
    id: 'soap',
    words: 'soap skincare cosmetic toiletry shampoo lotion balm bath',
    height: 0.26,
    pieces: [
      ['M14 30q0-22 22-22h40q22 0 22 22v44q0 18-18 18H32q-18 0-18-18z', 'body'],
      ['M70 8h6q22 0 22 22v44q0 18-18 18H66z', 'dark'],
      ['M34 32h40q8 0 8 10v10q0 10-8 10H34q-8 0-8-10V42q0-10 8-10z', 'light'],
    ],
  },
  {
    id: 'book',
    words: 'book novel publication journal magazine notebook stationery paper comic diary reading',
    height: 0.78,
    pieces: [
      ['M16 2h60q10 0 10 10v78q0 10-10 10H16z', 'body'],
      ['M70 2h6q10 0 10 10v78q0 10-10 10h-6z', 'dark'],
      ['M16 2h10v98H16z', 'trim'],
      ['M36 20h32v8H36zm0 14h22v6H36z', 'light'],
    ],
  },
  {
    id: 'picture',
    words: 'picture print art painting photograph poster illustration drawing map postcard card frame',
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
    id: 'toy',
    words: 'toy game child play doll puzzle block baby puppet balloon',
    height: 0.55,
    pieces: [
      ['M6 54h44v46H6z', 'body'],
      ['M50 54h44v46H50z', 'dark'],
      ['M28 54L50 10l22 44z', 'trim'],
      ['M28 66a11 11 0 1 1 0 22 11 11 0 0 1 0-22zm34 2h20v18H62z', 'light'],
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
    words: 'knife blade cutlery scissors razor sword',
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
    words: 'bicycle bike wheel vehicle tyre chain cycling motorcycle car cycle',
    height: 0.95,
    pieces: [
      ['M50 0a50 50 0 1 1 0 100A50 50 0 0 1 50 0zm0 10a40 40 0 1 0 0 80 40 40 0 0 0 0-80z', 'dark'],
      ['M48 10h4v80h-4zM10 48h80v4H10zM20 23l3-3 57 57-3 3zm57-3l3 3-57 57-3-3z', 'body'],
      ['M50 38a12 12 0 1 1 0 24 12 12 0 0 1 0-24z', 'trim'],
    ],
  },
  {
    id: 'chair',
    words: 'chair furniture table stool bench shelf desk sofa seat cabinet',
    height: 1.2,
    pieces: [
      ['M20 0h10v52h44V40h8v60h-8V68H30v32H20z', 'body'],
      ['M74 40h8v60h-8z', 'dark'],
      ['M30 8h6v36h-6zm10 0h6v36h-6z', 'light'],
      ['M16 52h70v12H16z', 'trim'],
    ],
  },
  {
    id: 'clock',
    words: 'clock watch timepiece barometer compass telescope',
    height: 0.6,
    pieces: [
      ['M50 2a48 48 0 1 1 0 96 48 48 0 0 1 0-96z', 'trim'],
      ['M50 12a38 38 0 1 1 0 76 38 38 0 0 1 0-76z', 'light'],
      ['M47 24h6v24l18 12-4 6-20-14z', 'dark'],
    ],
  },
  {
    id: 'brush',
    words: 'brush paint pigment dye ink pencil pen colour color',
    height: 1,
    pieces: [
      ['M44 46h12l-2 52q-4 4-8 0z', 'body'],
      ['M50 46h6l-2 52-4 2z', 'dark'],
      ['M41 32h18v16H41z', 'light'],
      ['M42 32Q38 14 52 0q12 16 6 32z', 'trim'],
    ],
  },
  {
    id: 'cheese',
    words: 'cheese dairy butter egg milk meat sausage',
    height: 0.4,
    pieces: [
      ['M2 60L76 20q22 8 22 36v44H2z', 'body'],
      ['M2 60h96v40H2z', 'dark'],
      ['M26 72a8 8 0 1 1 0 16 8 8 0 0 1 0-16zm40-2a6 6 0 1 1 0 12 6 6 0 0 1 0-12zm0-34a7 7 0 1 1 0 14 7 7 0 0 1 0-14z', 'light'],
    ],
  },
  {
    id: 'tile',
    words: 'tile mosaic flooring brick',
    height: 0.55,
    pieces: [
      ['M4 8h92v92H4z', 'body'],
      ['M11 15h78v78H11z', 'light'],
      ['M28 32h44v44H28zM50 22l32 32-32 32-32-32z', 'dark'],
      ['M11 15h16L11 31zm78 0v16L73 15zM11 93V77l16 16zm78 0H73l16-16zM50 40a14 14 0 1 1 0 28 14 14 0 0 1 0-28z', 'trim'],
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
    id: 'blanket',
    words:
      'rug carpet blanket quilt towel linen bedding cushion pillow tapestry curtain tablecloth bed_linen bedclothes bedspread',
    height: 0.42,
    pieces: [
      ['M8 26h84q8 0 8 9v20q0 9-8 9H8q-8 0-8-9V35q0-9 8-9z', 'body'],
      ['M8 64h84q8 0 8 9v18q0 9-8 9H8q-8 0-8-9V73q0-9 8-9z', 'dark'],
      ['M16 26h9v38h-9zm18 0h5v38h-5zm41 0h9v38h-9z', 'light'],
      ['M16 64h9v36h-9zm59 0h9v36h-9z', 'trim'],
    ],
  },
  {
    id: 'hat',
    words: 'hat cap bonnet beanie headgear headdress millinery helmet',
    height: 0.42,
    pieces: [
      ['M0 80q50-16 100 0 0 14-50 18Q0 94 0 80z', 'dark'],
      ['M20 82q-2-60 30-60t30 60q-30 12-60 0z', 'body'],
      ['M56 22q26 2 24 60-8 4-18 5 8-34-6-65z', 'dark'],
      ['M20 66q30 12 60 0v14q-30 12-60 0z', 'trim'],
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
  {
    id: 'spectacles',
    words: 'spectacles glasses sunglasses eyewear goggles optical_instrument',
    height: 0.42,
    pieces: [
      ['M26 57a17 17 0 1 1 0 34 17 17 0 0 1 0-34zm48 0a17 17 0 1 1 0 34 17 17 0 0 1 0-34z', 'light'],
      ['M26 48a26 26 0 1 1 0 52 26 26 0 0 1 0-52zm0 9a17 17 0 1 0 0 34 17 17 0 0 0 0-34z', 'body'],
      ['M74 48a26 26 0 1 1 0 52 26 26 0 0 1 0-52zm0 9a17 17 0 1 0 0 34 17 17 0 0 0 0-34z', 'dark'],
      ['M42 64q8-8 16 0v8q-8-6-16 0z', 'trim'],
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
    id: 'radio',
    words: 'radio speaker amplifier electronics circuit phone computer keyboard electronic_equipment battery',
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
    id: 'music',
    words: 'music record album song drum concert vinyl',
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
    id: 'ball',
    words: 'sport ball racket game exercise climbing running surfboard',
    height: 0.45,
    pieces: [
      ['M50 2a49 49 0 1 1 0 98 49 49 0 0 1 0-98z', 'body'],
      ['M82 14a49 49 0 0 1-20 84q34-34 20-84z', 'dark'],
      ['M12 20q30 30 8 72l-6-6q18-34-8-56zm74-2Q60 40 84 84l6-8Q72 44 90 24z', 'light'],
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
