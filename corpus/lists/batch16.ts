import { feed, fixedWidth, gtin, jsonLines, made, pick, savedPage, type ListCase } from './case';

/**
 * Drawn and written on 27 November 2026, before the reader was run on any; each has the brief that its seller would have given. Three of
 * the twenty that were drawn have no list. Written as what other programs put out: with columns that are for them alone, dates, flags,
 * numbers of their own, and gaps.
 */
export const batch16: ListCase[] = [
  {
    drawn: '66450/1 knitting belts, Uppsala',
    file: 'stickbalte.html',
    brief: 'Stickbältet, Uppsala. Knitting belts, for those who knit while they walk. Svenska kronor.',
    text: savedPage('Stickbältet', [
      {
        '@type': 'Product',
        name: 'Belt "Fyris',
        description: 'Horsehair pad,\ntooled leather.',
        sku: 'SB-01',
        brand: { '@type': 'Brand', name: 'Stickbältet' },
        offers: { '@type': 'Offer', price: '895.00', priceCurrency: 'SEK', availability: 'https://schema.org/InStock' },
      },
      {
        '@type': 'Product',
        name: 'Belt Ekoln',
        description: 'Narrow, for children.',
        sku: 'SB-02',
        brand: { '@type': 'Brand', name: 'Stickbältet' },
        offers: { '@type': 'Offer', price: '595.00', priceCurrency: 'SEK', availability: 'https://schema.org/OutOfStock' },
      },
      {
        '@type': 'Product',
        name: 'Pad alone',
        description: 'To sew on.',
        sku: 'SB-03',
        brand: { '@type': 'Brand', name: 'Stickbältet' },
        offers: { '@type': 'Offer', price: '240', priceCurrency: 'SEK', availability: 'https://schema.org/PreOrder' },
      },
    ]),
    currency: 'SEK',
    columns: 'title description sku particular price currency stock',
    want: `Belt "Fyris | | 89500 | ∞
Belt Ekoln | | 59500 | 0
Pad alone | | 24000 | ?`,
  },
  {
    drawn: '66450/2 carnival masks, Aarhus',
    file: 'masker.jsonl',
    brief: 'Fastelavn, Aarhus. Masks for carnival and for burglars with style. Danish kroner.',
    text: jsonLines(
      made(30, (i) => ({
        who: `${pick(['Cat', 'Barrel', 'King', 'Queen', 'Crow'], Math.floor(i / 2))}${i >= 10 ? ` ${Math.floor(i / 10) + 1}` : ''}`,
        'for a head of': pick(['child', 'adult'], i),
        was: i % 4 === 1 ? 149 + i * 3 : null,
        is: i % 4 === 1 ? 119 + i * 2 : 139 + i * 3,
        stripes: gtin(570_900_100_000 + i, i === 8 ? 6 : 0),
      })),
    ),
    currency: 'DKK',
    columns: 'title option earlierPrice price gtin',
    want: made(
      30,
      (i) =>
        `${pick(['Cat', 'Barrel', 'King', 'Queen', 'Crow'], Math.floor(i / 2))}${i >= 10 ? ` ${Math.floor(i / 10) + 1}` : ''} | ${pick(['child', 'adult'], i)} | ${(i % 4 === 1 ? 119 + i * 2 : 139 + i * 3) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '66450/3 sourdough starters, a farm outside Zagreb',
    file: 'kvas.html',
    encoding: 'windows-1250',
    brief: 'Kvas, a farm outside Zagreb. Sourdough starters, older than we are. Euros.',
    text: `<!doctype html><html><head><meta charset="windows-1250"><title>Kvas</title></head><body><h1>Naši kvasovi</h1>
<div itemscope itemtype="https://schema.org/Product"><h2 itemprop="name">Raženi kvas</h2><p itemprop="description">Star 41 godinu.</p><span itemprop="size">100 g, 250 g</span> <span itemprop="weight">250 g</span><div itemprop="offers" itemscope itemtype="https://schema.org/Offer"><span itemprop="price" content="7.50">7,50</span><meta itemprop="priceCurrency" content="EUR"></div></div>
<div itemscope itemtype="https://schema.org/Product"><h2 itemprop="name">Pšenični kvas</h2><p itemprop="description">Blag, brz.</p><span itemprop="size">100 g</span> <span itemprop="weight">100 g</span><div itemprop="offers" itemscope itemtype="https://schema.org/Offer"><span itemprop="price" content="6.00">6,00</span><meta itemprop="priceCurrency" content="EUR"></div></div>
<div itemscope itemtype="https://schema.org/Product"><h2 itemprop="name">Kukuruzni kvas</h2><p itemprop="description">Za strpljive.</p><span itemprop="size">250 g</span> <span itemprop="weight">250 g</span><div itemprop="offers" itemscope itemtype="https://schema.org/Offer"><span itemprop="price" content="8.00">8,00</span><meta itemprop="priceCurrency" content="EUR"></div></div>
</body></html>`,
    currency: 'EUR',
    columns: 'title description option weight price currency',
    want: `Raženi kvas | 100 g | 750 | ∞
Raženi kvas | 250 g | 750 | ∞
Pšenični kvas | 100 g | 600 | ∞
Kukuruzni kvas | 250 g | 800 | ∞`,
  },
  {
    drawn: '66450/4 garden sieves, Kumasi',
    file: 'sieves.csv',
    brief: 'Asante Sieves, Kumasi, Ghana. Sieves for gardens and gold. Cedis.',
    text: `id,status,created,Title,Price,Category,Description,visible
1,live,2026-03-02,Sieve round - fine,from 85,Soil,"<p>Wire of <b>1 mm</b>.</p>",1
2,live,2026-03-02,Sieve round - coarse,80,Soil,"<p>Wire of <b>4 mm</b>.</p>",1
3,live,2026-03-09,Sieve square - fine,95,Soil,<p>Oak frame.</p>,1
4,live,2026-03-09,Sieve square - coarse,90-110,Soil,<p>Oak frame.</p>,1
5,live,2026-05-11,Gold pan,140,Gold,<p>Ridged.</p>,1
6,live,2026-05-11,Stand,210,Extras,<p>Folds.</p>,1
`,
    currency: 'GHS',
    columns: 'ignored ignored/particular ignored/particular title price category description ignored/particular',
    want: `Sieve round | fine | ? | ∞
Sieve round | coarse | 8000 | ∞
Sieve square | fine | 9500 | ∞
Sieve square | coarse | ? | ∞
Gold pan | | 14000 | ∞
Stand | | 21000 | ∞`,
  },
  {
    drawn: '66450/5 urns, Durban',
    file: 'urns.html',
    brief: 'Stillwater Urns, Durban. Urns, turned and fired. Rand.',
    text: savedPage(
      'Stillwater Urns',
      made(24, (i) => ({
        '@type': 'Product',
        name: `Urn ${pick(['Umgeni', 'Tugela', 'Pongola'], Math.floor(i / 2))} ${Math.floor(i / 6) + 1}`,
        sku: `ST ${100 + i} ${pick(['A', 'B'], i)}`,
        additionalProperty: [
          { '@type': 'PropertyValue', name: 'Lid', value: pick(['wood', 'clay'], i) },
          { '@type': 'PropertyValue', name: 'Litres', value: pick(['3', '4.5'], Math.floor(i / 2)) },
          { '@type': 'PropertyValue', name: 'Glaze', value: pick(['ash', 'celadon'], Math.floor(i / 2)) },
        ],
        offers: { '@type': 'Offer', price: 1850 + Math.floor(i / 2) * 50, priceCurrency: 'ZAR' },
      })),
    ),
    currency: 'ZAR',
    columns: 'title sku option particular particular price currency',
    want: made(
      24,
      (i) =>
        `Urn ${pick(['Umgeni', 'Tugela', 'Pongola'], Math.floor(i / 2))} ${Math.floor(i / 6) + 1} | ${pick(['wood', 'clay'], i)} | ${(1850 + Math.floor(i / 2) * 50) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '66450/7 tent repair, Kumasi',
    file: 'tents.json',
    brief: 'Kejetia Canvas, Kumasi. Tents repaired, tents sold. Ghana cedis.',
    text: JSON.stringify({
      export: { version: 3, rows: 3 },
      data: [
        { Tent: 'Patch', 'Size (cm)': '20 x 20', 'Price (GH₵)': 35, Filed: 'Repair > Cloth', Code: 'KC 01 A', 'Dries in (h)': 4 },
        { Tent: 'Patch', 'Size (cm)': '40 x 40', 'Price (GH₵)': 60, Filed: 'Repair > Cloth', Code: 'KC 01 B', 'Dries in (h)': 4 },
        { Tent: 'New zip', 'Size (cm)': '180', 'Price (GH₵)': 150, Filed: 'Repair > Metal', Code: 'KC 02 A', 'Dries in (h)': 0 },
      ],
    }),
    currency: 'GHS',
    columns: 'title option price category sku particular',
    want: `Patch | 20 x 20 | 3500 | ∞
Patch | 40 x 40 | 6000 | ∞
New zip | 180 | 15000 | ∞`,
  },
  {
    drawn: '66450/8 rope ladders, Belfast',
    file: 'ladders.prn',
    brief: 'Lagan Rope, Belfast. Ladders of rope, for ships and tree houses. Sterling.',
    text: fixedWidth(
      [18, 12, 10, 12, 12, 14, 12, 10],
      [
        ['Ladder', 'Rope', 'Drop', 'Usual ask', 'Ask now', 'Rungs of', 'Holds', 'Knots'],
        ['Pilot ladder', 'hemp', '3 m', '120.00', '', 'ash', '150 kg', 'whipped'],
        ['Pilot ladder', 'hemp', '5 m', '170.00', '149.00', 'ash', '150 kg', 'whipped'],
        ['Pilot ladder', 'white', '3 m', '125.00', '', 'ash', '150 kg', 'whipped'],
        ['Tree house', 'hemp', '2 m', '64.00', '', 'beech', '90 kg', 'plain'],
        ['Tree house', 'blue', '3 m', '78.00', '70.00', 'beech', '90 kg', 'plain'],
        ['Attic ladder', 'white', '4 m', '99.00', '', 'pine', '120 kg', 'plain'],
      ],
    ),
    currency: 'GBP',
    columns: 'title option option earlierPrice price particular particular particular',
    want: `Pilot ladder | hemp / 3 m | 12000 | ∞
Pilot ladder | hemp / 5 m | 14900 | ∞
Pilot ladder | white / 3 m | 12500 | ∞
Tree house | hemp / 2 m | 6400 | ∞
Tree house | blue / 3 m | 7000 | ∞
Attic ladder | white / 4 m | 9900 | ∞`,
  },
  {
    drawn: '66450/9 flags and bunting, Manama',
    file: 'flags.json',
    brief: 'Bunting Bahrain, Manama. Flags of places that exist and of some that do not. Bahraini dinar.',
    text: JSON.stringify(
      made(36, (i) => ({
        uid: `a${(7919 * (i + 3)).toString(16)}`,
        design: `${pick(['Dilmun', 'Pearl', 'Dhow', 'Atlantis', 'Moon'], Math.floor(i / 3))} flag ${Math.floor(i / 15) + 1}`,
        range: `R${Math.floor(i / 3) + 1}`,
        'how big': pick(['60 x 90 cm', '90 x 150 cm', '120 x 180 cm'], i),
        'what it costs': 2.8 + (i % 3) * 1.9 + Math.floor(i / 3) * 0.1,
        'the long text': pick(
          ['<p>Sewn, not printed.</p>', '<ul><li>two eyelets</li><li>rope</li></ul>', '<p>Fades in <em>one</em> summer.</p>'],
          Math.floor(i / 3),
        ),
        ean: gtin(608_100_200_000 + i, i === 20 ? 3 : 0),
        updated_at: `2026-0${1 + (i % 9)}-14`,
      })),
    ),
    currency: 'BHD',
    columns: 'sku/ignored title group option price description gtin ignored/particular',
    want: made(
      36,
      (i) =>
        `${pick(['Dilmun', 'Pearl', 'Dhow', 'Atlantis', 'Moon'], Math.floor(i / 3))} flag ${Math.floor(i / 15) + 1} | ${pick(['60 x 90 cm', '90 x 150 cm', '120 x 180 cm'], i)} | ${Math.round((2.8 + (i % 3) * 1.9 + Math.floor(i / 3) * 0.1) * 1000)} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '66450/10 wrestling shoes, Turku',
    file: 'painikengat.jsonl',
    brief: 'Matto, Turku. Shoes for wrestling. Euros.',
    text: jsonLines(
      made(60, (i) => ({
        'the shoe': `${pick(['Aura', 'Ruissalo', 'Kupittaa'], Math.floor(i / 5))} ${pick(['low', 'high'], Math.floor(i / 15))} ${Math.floor(i / 30) + 1}`,
        fits: `EU ${38 + (i % 5)}`,
        'you pay': `${69 + Math.floor(i / 5) * 2},90 €`,
        'one shoe': `${230 + (i % 5) * 8} g`,
        sole: i === 14 ? '"split' : pick(['split', 'whole'], Math.floor(i / 5)),
      })),
    ),
    currency: 'EUR',
    columns: 'title option price weight particular',
    want: made(
      60,
      (i) =>
        `${pick(['Aura', 'Ruissalo', 'Kupittaa'], Math.floor(i / 5))} ${pick(['low', 'high'], Math.floor(i / 15))} ${Math.floor(i / 30) + 1} | EU ${38 + (i % 5)} | ${(69 + Math.floor(i / 5) * 2) * 100 + 90} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '66450/11 stays and corsets, Seville',
    file: 'corses.xml',
    brief: 'Ballena, Sevilla. Corsés y fajas a mano. Euros.',
    text: feed(
      made(18, (i) => [
        ['art', `Corsé ${pick(['Triana', 'Macarena', 'Nervión'], Math.floor(i / 3))}${i >= 9 ? ' II' : ''}`],
        ['tll', pick(['60', '66', '72'], i)],
        ['prc', i === 4 ? 'desde 210,00' : i === 13 ? '260,00-320,00' : `${190 + Math.floor(i / 3) * 12},00`],
        ['tjd', pick(['coutil', 'seda'], Math.floor(i / 3))],
        ['bll', pick(['acero', 'síntesis'], Math.floor(i / 3))],
        ['crr', pick(['busk', 'cordón'], Math.floor(i / 3))],
        ['frr', pick(['algodón', 'sin'], Math.floor(i / 3))],
        ['alt', pick(['32 cm', '36 cm'], Math.floor(i / 3))],
        ['dcd', pick(['1780', '1860', '1890'], Math.floor(i / 3))],
      ]),
    ),
    currency: 'EUR',
    columns: 'title option price particular particular particular particular particular particular',
    want: made(
      18,
      (i) =>
        `Corsé ${pick(['Triana', 'Macarena', 'Nervión'], Math.floor(i / 3))}${i >= 9 ? ' II' : ''} | ${pick(['60', '66', '72'], i)} | ${i === 4 || i === 13 ? '?' : (190 + Math.floor(i / 3) * 12) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '66450/12 patchwork quilts, Quito',
    file: 'quilts.txt',
    brief: 'Retazo, Quito. Quilts of remnants, one of each. US dollars, as all of Ecuador.',
    text: `ttl; prc; sz; yr; dscr
${made(
  24,
  (i) =>
    `${pick(['Cotopaxi', 'Otavalo', 'La Ronda', 'Mitad', 'Guápulo', 'Ilaló'], i)} ${i + 1}; ${i === 7 ? '€180' : `$${140 + i * 7}`}; ${pick(['150 x 200 cm', '200 x 220 cm'], i)}; ${2019 + (i % 7)}; "${pick(['Blue and brown,', 'All reds,', 'Stripes,'], i)}\n${pick(['from ""Sunday"" shirts.', 'heavy.', 'washed twice.'], i)}"`,
).join('\n')}
`,
    currency: 'USD',
    columns: 'title price particular particular description',
    want: made(
      24,
      (i) =>
        `${pick(['Cotopaxi', 'Otavalo', 'La Ronda', 'Mitad', 'Guápulo', 'Ilaló'], i)} ${i + 1} | | ${i === 7 ? '?' : (140 + i * 7) * 100} | ∞`,
    ).join('\n'),
  },
  {
    drawn: '66450/13 door mats, Kraków',
    file: 'wycieraczki.jsonl',
    encoding: 'windows-1250',
    brief: 'Próg, Kraków. Wycieraczki z kokosa. Złote.',
    text: jsonLines([
      { Mata: 'Kokos gładki', 'Szerokość (cm)': 40, 'Cena (zł)': '49,00', 'Grubość (mm)': 17, 'Waga (kg)': '1,1' },
      { Mata: '', 'Szerokość (cm)': 60, 'Cena (zł)': '69,00', 'Grubość (mm)': 17, 'Waga (kg)': '1,6' },
      { Mata: '', 'Szerokość (cm)': 90, 'Cena (zł)': '', 'Grubość (mm)': 17, 'Waga (kg)': '2,4' },
      { Mata: 'Kokos w pasy', 'Szerokość (cm)': 40, 'Cena (zł)': '55,00', 'Grubość (mm)': 20, 'Waga (kg)': '1,3' },
      { Mata: '', 'Szerokość (cm)': 60, 'Cena (zł)': '79,00', 'Grubość (mm)': 20, 'Waga (kg)': '1,9' },
      { Mata: 'Szczotka', 'Szerokość (cm)': 30, 'Cena (zł)': '35,00', 'Grubość (mm)': 40, 'Waga (kg)': '0,8' },
      { Mata: 'Guma ażurowa', 'Szerokość (cm)': 60, 'Cena (zł)': '120,00', 'Grubość (mm)': 22, 'Waga (kg)': '4,2' },
      { Mata: '', 'Szerokość (cm)': 80, 'Cena (zł)': '', 'Grubość (mm)': 22, 'Waga (kg)': '5,6' },
    ]),
    currency: 'PLN',
    columns: 'title option price particular weight',
    want: `Kokos gładki | 40 | 4900 | ∞
Kokos gładki | 60 | 6900 | ∞
Kokos gładki | 90 | ? | ∞
Kokos w pasy | 40 | 5500 | ∞
Kokos w pasy | 60 | 7900 | ∞
Szczotka | 30 | 3500 | ∞
Guma ażurowa | 60 | 12000 | ∞
Guma ażurowa | 80 | ? | ∞`,
  },
  {
    drawn: '66450/16 rope ladders, Amman',
    file: 'ladders.jsonl',
    brief: 'Sullam, Amman, Jordan. Rope ladders. Dinars.',
    text: jsonLines([
      { itm: 'Roof ladder', opt: 'Length', val: '5 m', prc: '38.500', rng: 'olive wood', knt: 'eye splice', max: '140 kg' },
      { itm: 'Roof ladder', opt: 'Length', val: '8 m', prc: '54.000', rng: 'olive wood', knt: 'eye splice', max: '140 kg' },
      { itm: 'Sample', opt: 'Length', val: '1 m', prc: '0.000', rng: '', knt: '', max: '' },
    ]),
    currency: 'JOD',
    columns: 'title optionName optionValue price particular particular particular',
    want: `Roof ladder | 5 m | 38500 | ∞
Roof ladder | 8 m | 54000 | ∞`,
    leftOut: 1,
  },
  {
    drawn: '66450/17 bookbinding supplies, Jakarta',
    file: 'jilid.jsonl',
    brief: 'Jilid, Jakarta. Everything to bind a book. Rupiah.',
    text: jsonLines(
      made(40, (i) => ({
        'what you need': `${pick(['Linen thread', 'Bone folder', 'Book board', 'Mull', 'Awl', 'Wheat paste', 'Headband', 'Beeswax'], i)} no. ${Math.floor(i / 8) + 1}`,
        'asking price': `Rp${(18 + i * 3).toString()}.000`,
        'do we have it': pick(['ada', 'habis', 'ada', 'sedikit'], i),
        'on the scales': pick(['20 g', '35 g', '0,4 kg', '120 g'], i),
        'which wall': pick(['Thread', 'Tools', 'Board', 'Cloth', 'Tools', 'Glue', 'Cloth', 'Thread'], i),
      })),
    ),
    currency: 'IDR',
    columns: 'title price stock weight category/particular',
    want: made(
      40,
      (i) =>
        `${pick(['Linen thread', 'Bone folder', 'Book board', 'Mull', 'Awl', 'Wheat paste', 'Headband', 'Beeswax'], i)} no. ${Math.floor(i / 8) + 1} | | ${(18 + i * 3) * 100000} | ${pick(['∞', '0', '∞', '?'], i)}`,
    ).join('\n'),
  },
  {
    drawn: '66450/18 lace bobbins, Bratislava',
    file: 'palicky.psv',
    brief: 'Palička, Bratislava. Paličky na čipku. Ceny v eurách.',
    text: `Názov|Drevo|Cena|Dĺžka|Hlavička|Závažie
Palička "bodka|buk|1,20|10 cm|dvojitá|bez
Palička bodka|slivka|1,60|10 cm|dvojitá|bez
Palička anglická|slivka|2,40|9 cm|jednoduchá|korálky
`,
    currency: 'EUR',
    columns: 'title option/particular price particular particular particular',
    want: `Palička "bodka | | 120 | ∞
Palička bodka | | 160 | ∞
Palička anglická | | 240 | ∞`,
  },
  {
    drawn: '66450/19 handball resin, Kraków',
    file: 'klej.jsonl',
    brief: 'Klej do ręki, Kraków. Resin for handball. PLN.',
    text: jsonLines([
      { nzw: 'Klej zimowy / 100 ml', cn: '39,00', wg: '130 g' },
      { nzw: 'Klej zimowy / 500 ml', cn: 'od 149,00', wg: '0,61 kg' },
      { nzw: 'Klej letni / 100 ml', cn: '39,00-45,00', wg: '130 g' },
    ]),
    currency: 'PLN',
    columns: 'title price weight',
    want: `Klej zimowy | 100 ml | 3900 | ∞
Klej zimowy | 500 ml | ? | ∞
Klej letni | 100 ml | ? | ∞`,
  },
  {
    drawn: '66450/20 bonsai pots, Ljubljana',
    file: 'lonci.csv',
    brief: 'Mali Lonec, Ljubljana. Pots for bonsai. Euros.',
    text: `Pot,Width (cm),Price (€),Glaze,Holes,Feet,Fired at (°C)
Oval low,15,28.00,iron,2,cloud,1240
,20,36.00,iron,2,cloud,1240
,30,58.00,iron,4,cloud,1240
Cascade,12,32.00,celadon,1,none,1260
,16,41.00,celadon,1,none,1260
Sample pot,10,0.00,iron,1,none,1240
Round drum,18,39.00,none,3,drum,1200
,24,52.00,none,3,drum,1200
Rectangle,22,47.00,tenmoku,2,corner,1240
,28,61.00,tenmoku,2,corner,1240
,36,84.00,tenmoku,4,corner,1240
Mame,4,9.50,mixed,1,none,1220
,6,12.00,mixed,1,none,1220
Crescent,14,30.00,shino,1,none,1250
Slab,40,35.00,none,0,none,1200
Drip tray,20,11.00,none,0,none,1200
,30,16.00,none,0,none,1200
`,
    currency: 'EUR',
    columns: 'title option price particular particular particular particular',
    want: `Oval low | 15 | 2800 | ∞
Oval low | 20 | 3600 | ∞
Oval low | 30 | 5800 | ∞
Cascade | 12 | 3200 | ∞
Cascade | 16 | 4100 | ∞
Round drum | 18 | 3900 | ∞
Round drum | 24 | 5200 | ∞
Rectangle | 22 | 4700 | ∞
Rectangle | 28 | 6100 | ∞
Rectangle | 36 | 8400 | ∞
Mame | 4 | 950 | ∞
Mame | 6 | 1200 | ∞
Crescent | 14 | 3000 | ∞
Slab | 40 | 3500 | ∞
Drip tray | 20 | 1100 | ∞
Drip tray | 30 | 1600 | ∞`,
    leftOut: 1,
  },
];
