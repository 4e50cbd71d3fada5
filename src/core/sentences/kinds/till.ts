import { set, tillPlaces } from '../../places';
import { formatMoney, type DiscountCode } from '../../till';
import { moneyOf } from '../sentence';
import {
  categoriesNamed,
  countNamed,
  countsNamed,
  dateNamed,
  defineSentence,
  denies,
  firmNo,
  hears,
  no,
  productsNamed,
  reachesAll,
  sumNamed,
  type Said,
} from '../said';

const spoken = (sum: number, said: Said) => formatMoney(sum, said.shop.rules);
const figure = (sum: number, said: Said) => String(sum / 10 ** said.shop.rules.digits);

export const returns = defineSentence({
  kind: 'returns',
  offers: 'Say how long things can be sent back: “30 days to return”',
  at: ['page'],
  words: [
    '{number:days} to send things back',
    'returns {number:days}',
    'people can return things within {number:days}',
    'return period {number:days}',
    'customers can give back in {number:days}',
    'nothing can be returned',
    'no returns',
    'give them {number:days} to return',
  ],
  reads: (said) => {
    const days = countNamed(said, 'days')?.value ?? (hears(said, 'no', 'nothing', 'never') ? 0 : null);
    if (days === null || !Number.isInteger(days)) return no('Within how many days?');
    if (days > 3650) return firmNo('At most 3,650 days can be promised.');
    return { wishes: [set(tillPlaces.returnsDays, days)], of: { days: String(days) } };
  },
});

/** A word in capitals that no name of the shop has: what a code is called. */
const codeNamed = ({ sentence: { parts } }: Said): string | null =>
  parts.find(({ token }) => token && /^[A-Z][A-Z0-9]{2,}$/.test(token.text))?.token?.text ??
  parts.find(({ slot }) => slot?.quote !== undefined)?.slot?.quote ??
  null;

export const discount = defineSentence({
  kind: 'discount',
  offers: 'Give a discount: “10 % off all yarn until Friday”, “code MILL for 15 %”',
  at: ['page', 'card'],
  words: [
    '{number:percent} off {category} until {date}',
    '{number:percent} off everything',
    'ten percent off {category} until {date}',
    'code {quote} for {number:percent}',
    'a code {quote} that takes {number:money} off',
    'discount code MILL {number:percent}',
    'until {date} everything costs {number:percent} less',
    '{category} {number:percent} off through {date}',
    'voucher code FOG {number:money} off above {number:money}',
    'a sale on {category} {number:percent} until {date}',
    'code MILL {number} less',
    '{number:percent} on {category} til {date}',
    'everything {number:percent} off {date}',
    'code SPRING minus {number:percent} only {date}',
  ],
  reads: (said) => {
    const { shop } = said;
    const percent = countNamed(said, 'percent');
    const sums = countsNamed(said, 'money', 'plain').map((one) => moneyOf(one, shop));
    const code = codeNamed(said);
    const until = dateNamed(said);
    if (!until && hears(said, 'until', 'till', 'til', 'through', 'ends', 'over'))
      return firmNo('Until when? Name the day, such as “until 24 December”.');
    if (!percent && (sums[0] === undefined || sums[0] === null)) return no('How much off? A share such as 10 %, or a sum.');
    // A change of prices stays until it is changed again; what is off ends, or has a code.
    if (!code && !until && !hears(said, 'off', 'sale', 'discount', 'reduction')) return no('Until when?');
    if (percent && (percent.value <= 0 || percent.value > 100))
      return firmNo('A discount takes more than nothing and at most 100 % off.');
    const least = (percent ? sums[0] : sums[1]) ?? 0;
    const [category] = categoriesNamed(said);
    const products = productsNamed(said);
    if (!category && !products.length && !code && !reachesAll(said))
      return firmNo('On which goods? Say a title, a category, or “everything”.');
    const of: DiscountCode['of'] = category
      ? { kind: 'shelves', names: [category.name] }
      : products.length
        ? { kind: 'products', ids: products.map(({ id }) => id) }
        : { kind: 'all' };
    const ofName = category?.name ?? products.map(({ title }) => title).join(', ');
    const taken = new Set(shop.rules.codes.map((one) => one.code.toLowerCase()));
    const share = percent ? `${percent.value} %` : spoken(sums[0] ?? 0, said);
    const usual = `${share} off${ofName ? ` ${ofName}` : ''}`.replace(/,/g, '');
    let name = code ?? usual;
    if (code && taken.has(code.toLowerCase()))
      return firmNo(`There is a code “${code}” already. End it first, or change it in Till.`);
    for (let n = 2; taken.has(name.toLowerCase()); n++) name = `${usual} ${n}`;
    const one: DiscountCode = {
      code: name,
      kind: percent ? 'percent' : 'sum',
      amount: percent ? Math.round(percent.value * 100) : (sums[0] ?? 0),
      least,
      until: until ?? '',
      from: '',
      of,
      uses: null,
      perBuyer: null,
      automatic: code === null,
      combines: false,
    };
    const where = ofName ? ` ${ofName}` : ' everything';
    return {
      wishes: [set(tillPlaces.codes, [...shop.rules.codes, one])],
      says: `${code ? `The code ${code} takes ${share} off${where}` : `${share} off${where}, taken off unasked`}${least ? `, from ${spoken(least, said)}` : ''}${until ? `, until ${until}` : ', until you end it'}.`,
      of: {
        ...(percent ? { percent: String(percent.value) } : { sum: figure(sums[0] ?? 0, said) }),
        ...(ofName ? { of: ofName } : {}),
        ...(until ? { until } : {}),
        ...(code ? { code } : {}),
        ...(least ? { least: figure(least, said) } : {}),
      },
    };
  },
});

export const codeOut = defineSentence({
  kind: 'code-out',
  offers: 'End a discount: “the code SPRING is over”',
  at: ['page'],
  words: [
    'the code {quote} is over',
    'end the code SPRING',
    'remove the discount code MILL',
    'the sale is over',
    'no more discount',
    'stop the code {quote}',
    'delete code FOG',
  ],
  reads: (said) => {
    const { codes } = said.shop.rules;
    const heard = said.sentence.text.toLowerCase();
    const ended = codes.filter(({ code }) => heard.includes(code.toLowerCase()));
    const [only] = codes;
    const out = ended.length ? ended : codes.length === 1 && only && !codeNamed(said) ? [only] : [];
    if (!out.length) return firmNo(codes.length ? 'Which one? Say its code.' : 'There is no discount to end.');
    return {
      wishes: [
        set(
          tillPlaces.codes,
          codes.filter((one) => !out.includes(one)),
        ),
      ],
      says: `${out.map(({ code }) => code).join(', ')} ends.`,
      of: { code: out.map(({ code }) => code).join(', ') },
    };
  },
});

export const freeFrom = defineSentence({
  kind: 'free-from',
  offers: 'Deliver free from a sum: “free delivery from 50”',
  at: ['page'],
  words: [
    'free delivery from {number:money}',
    'free postage over {number}',
    'no delivery cost from {number}',
    'sending is free above {number:money}',
    'orders above {number} travel free',
    'free shipping when they spend more than {number:money}',
  ],
  reads: (said) => {
    const sum = sumNamed(said);
    if (sum === null) return no('From which sum?');
    const { zones } = said.shop.rules;
    const open = zones.filter(({ closed, rates }) => !closed && rates.some(({ collection }) => !collection));
    if (!open.length) return firmNo('No delivery is set yet. Set a zone with its price in Till; then it can be free from a sum.');
    const next = zones.map((zone) =>
      open.includes(zone)
        ? { ...zone, rates: zone.rates.map((rate) => (rate.collection ? rate : { ...rate, freeFrom: sum })) }
        : zone,
    );
    return {
      wishes: [set(tillPlaces.zones, next)],
      says: `Delivery is free from ${spoken(sum, said)}, to ${open.map(({ label }) => label).join(', ')}.`,
      of: { money: figure(sum, said) },
    };
  },
});

export const pay = defineSentence({
  kind: 'pay',
  offers: 'Ways to pay: “take cash”, “no bank transfer”',
  at: ['page'],
  words: [
    'take cash',
    'they can pay in cash',
    'cash when they fetch it',
    'no card payments',
    'stop the card payment',
    'cards yes',
    'no bank transfers',
    'bank transfer off',
    'accept cards',
    'no cash',
    'switch on card payments',
    'we no longer take cash',
  ],
  reads: (said) => {
    const way = hears(said, 'cash')
      ? 'cash'
      : hears(said, 'card', 'cards')
        ? 'card'
        : hears(said, 'bank', 'transfer', 'transfers')
          ? 'bank'
          : null;
    if (!way) return no('Card, bank transfer or cash?');
    const on = !denies(said) && !hears(said, 'stop', 'off', 'remove');
    const now = said.shop.rules.payments;
    const of = { way, on: on ? 'yes' : 'no' };
    if (way === 'bank' && on) return firmNo('Your account is needed for that. Write it in Till, under how buyers pay.');
    if (way === 'bank')
      return now.bank ? { wishes: [set(tillPlaces.payments, { ...now, bank: '' })], of } : firmNo('No bank transfer is taken.');
    if (now[way] === on) return firmNo(on ? 'It is taken already.' : 'It is not taken.');
    const next = { ...now, [way]: on };
    if (!next.card && !next.bank && !next.cash) return firmNo('Then nobody could pay. Set another way first.');
    return { wishes: [set(tillPlaces.payments, next)], of };
  },
});

export const presents = defineSentence({
  kind: 'presents',
  offers: 'Words for a present: “let buyers write a gift message”',
  at: ['page'],
  words: [
    'let buyers write a gift message',
    'allow words for a present',
    'a note for presents',
    'no gift messages',
    'nobody needs words for presents',
    'buyers may add a line to a gift',
    'gift note on',
  ],
  reads: (said) => {
    const on = !hears(said, 'no', 'nobody', 'not', 'without', 'stop', 'off', 'remove');
    return { wishes: [set(tillPlaces.presents, on)], of: { on: on ? 'yes' : 'no' } };
  },
});
