import { capitalised } from '../capitalised';
import { type Rhythm } from '../goods/about';
import { numberWords } from '../numberWords';
import { inSentence, listed, pluralOf } from './english';
import {
  type Choosable,
  type CodeTerms,
  type CountedGoods,
  type Headed,
  type Headings,
  type PlainThing,
  type ZoneRate,
} from './table';

const products = (count: number): string => `${numberWords(count)} ${count === 1 ? 'product' : 'products'}`;
const from = (price: string | null): string => (price ? ` from ${price}` : '');
const at = (place: string | null): string => (place ? ` in ${place}` : '');

/** "Coat comes in three sizes: S, M and L"; where no noun says what is chosen, that is named: "Tin. Wt oz: 1 and 4". */
function choiceOf({ title, plural, option }: PlainThing): string {
  if (!option) return '';
  const { name, values, isNoun } = option;
  const few = values.length <= 6;
  const ends = `${values[0] ?? ''} to ${values.at(-1) ?? ''}`;
  if (!isNoun) return `${title}. ${name}: ${few ? listed(values) : ends}`;
  const counted = `${numberWords(values.length)} ${pluralOf(name.toLowerCase(), values.length)}`;
  return `${title} ${plural ? 'come' : 'comes'} in ${counted}${few ? `: ${listed(values)}` : `, from ${ends}`}`;
}

function kindOf({ kind, plural, weight }: PlainThing): string {
  if (kind === 'download') return `${plural ? 'come' : 'comes'} as a file, right after paying`;
  if (kind === 'gift-card') return `${plural ? 'come' : 'comes'} by e-mail`;
  if (kind === 'appointment') return `${plural ? 'take' : 'takes'} place by appointment`;
  if (kind === 'repeat') return `${plural ? 'come' : 'comes'} again and again, until you stop it`;
  return weight ? `${plural ? 'weigh' : 'weighs'} ${weight} packed` : '';
}

const headings: Record<Headed, Headings> = {
  'buy-one': { usual: ['The one thing', 'Here it is', 'This is it', 'What there is', 'Just this', 'The thing itself'] },
  categories: {
    usual: ['What I sell | What we sell', 'The shelves', 'By kind', 'Find your way', 'All kinds', 'Where to look'],
    loud: 'By kind',
  },
  contact: {
    particular: ['Write to {name}'],
    usual: [
      'Write to me | Write to us',
      'Reach me | Reach us',
      'Contact',
      'Where to write',
      'Get hold of me | Get hold of us',
      'A person to ask',
    ],
  },
  details: {
    particular: ['About the {goods}'],
    usual: ['Good to know', 'The particulars', 'What to know', 'In detail', 'Worth knowing', 'Details'],
  },
  extracts: {
    particular: ['Lately at {name}'],
    usual: ['From the journal', 'Lately', 'Written down', 'What is new', 'Notes', 'Latest entries'],
  },
  featured: {
    particular: ['Some of the {goods}'],
    usual: ['A first look', 'From the shelves', 'Some of it', 'To begin with', 'A few to start from', 'Out of the list'],
    loud: 'Some of it',
  },
  form: {
    particular: ['Ask me about {goods} | Ask us about {goods}'],
    usual: [
      'Ask me | Ask us',
      'Write to me | Write to us',
      'A question?',
      'Tell me what you need | Tell us what you need',
      'Send a note',
      'What can I do for you | What can we do for you',
    ],
  },
  gallery: {
    particular: ['{Goods}, seen close'],
    usual: ['To look at', 'Pictures', 'Seen close', 'A closer look', 'On the wall', 'Look first'],
  },
  hours: {
    particular: ['Open in {place}'],
    usual: ['Open', 'Opening hours', 'When the door is open', 'Hours', 'Come by', 'When to come'],
  },
  listing: { usual: ['All of it', 'The whole list', 'What there is', 'On the shelves', 'Here now', 'All goods'] },
  map: {
    particular: ['{name}, {place}', 'In {place}'],
    usual: ['Where I am | Where we are', 'How to find me | How to find us', 'On the map', 'The way here', 'Here', 'Around here'],
    loud: 'Here',
  },
  newsletter: {
    particular: ['Letters from {name}'],
    usual: [
      'Letters from me | Letters from us',
      'Hear from me | Hear from us',
      'Now and then, a letter',
      'By letter',
      'Word from here',
      'Stay in touch',
    ],
  },
  numbers: {
    particular: ['{name} in numbers'],
    usual: ['In numbers', 'Counted', 'By the numbers', 'So far', 'What can be counted', 'The count'],
    loud: 'Counted',
  },
  offer: {
    particular: ['{Goods} for less'],
    usual: ['Cheaper just now', 'On offer', 'For less', 'While it lasts', 'Lower prices', 'This time only'],
    loud: 'On offer',
  },
  people: {
    particular: ['Behind {name}'],
    usual: ['Who I am | Who we are', 'The people', 'Names to write to', 'Behind the counter', 'Who does it', 'Hands and names'],
  },
  posted: {
    particular: ['{name}, posted elsewhere'],
    usual: ['Posted elsewhere', 'More pictures', 'Out there', 'Follow along', 'Seen elsewhere', 'Pictures from the week'],
  },
  posts: { usual: ['Journal', 'Entries', 'Written down', 'Notes', 'What is new', 'Diary'] },
  'price-table': {
    particular: ['Prices of the {goods}'],
    usual: ['What it costs', 'Prices', 'All prices', 'The price list', 'Prices at a glance', 'From price to price'],
    loud: 'Prices',
  },
  questions: {
    particular: ['Before you order {goods}'],
    usual: ['Before you order', 'Good questions', 'Asked before', 'What buyers ask', 'Answers', 'In case you wonder'],
    loud: 'Answers',
  },
  related: {
    particular: ['More of the {goods}'],
    usual: ['Beside it on the shelf', 'Near it', 'More like it', 'Or one of these', 'Its neighbours', 'Look at these too'],
  },
  reviews: {
    particular: ['What buyers said of the {goods}'],
    usual: ['What buyers said', 'From letters', 'In their words', 'Heard from buyers', 'What came back', 'Said by others'],
    loud: 'In their words',
  },
  steps: {
    particular: ['How I make the {goods} | How we make the {goods}'],
    usual: ['How it is made', 'Step by step', 'What happens', 'In this order', 'From start to end', 'The way it goes'],
    loud: 'Step by step',
  },
  story: {
    particular: ['{name} in {place}'],
    usual: [
      'Where it comes from',
      'How it began',
      'Who is behind it',
      'The story so far',
      'Behind the shop',
      'How I got here | How we got here',
    ],
    loud: 'Behind the shop',
  },
  video: {
    particular: ['{Goods}, to watch'],
    usual: ['To watch', 'Seen moving', 'The work, moving', 'A short film', 'Watch it done', 'Moving pictures'],
  },
  why: {
    particular: ['Why {goods} from {name}'],
    usual: [
      'How I work | How we work',
      'What you can count on',
      'What I hold to | What we hold to',
      'How it is done here',
      'The way I do it | The way we do it',
      'Before you choose',
    ],
  },
};

/**
 * Every phrase of ours that a shopper reads, in English. A sentence is a function of what is known, so that each language can build it in
 * its own order; those of `scripts` are filled in the buyer's browser and have their slots in braces.
 */
export const en = {
  /** As pages declare it. */
  code: 'en' as string,
  /** Whether every noun has a capital, so that one says nothing of names. */
  nounsHaveCapitals: false,
  /** "a, b and c" */
  listed: (items: readonly string[]) => listed(items),
  /** A number as prose has it: small ones in words. */
  count: numberWords,
  /** Grams as people read them. */
  weight: (grams: number) => (grams >= 1000 ? `${grams / 1000} kg` : `${grams} g`),
  /** A category's name inside a sentence. */
  inSentence,
  /** What is sold, inside a sentence. */
  goodsInside: (goods: string) => goods.replace(/^\p{Lu}(?=\p{Ll})/u, (letter) => letter.toLowerCase()),
  /** Several of what a noun names. */
  several: (noun: string) => pluralOf(noun),
  pages: {
    home: 'Home',
    shop: 'Shop',
    appointments: 'Appointments',
    'gift-cards': 'Gift cards',
    about: 'About',
    gallery: 'Gallery',
    journal: 'Journal',
    questions: 'Questions and answers',
    contact: 'Contact',
    delivery: 'Delivery and returns',
    refunds: 'Refunds',
    privacy: 'Privacy',
    terms: 'Terms',
    campaign: 'Campaign page',
    page: 'Page of your own',
    search: 'Search',
    cart: 'Cart',
    checkout: 'Checkout',
    thanks: 'Thank you',
    missing: 'Not found',
  },
  headings,
  goods: {
    /** "Thirty-six products, £5.50 to £22.50." */
    counted: ({ count, price, eachOnly }: CountedGoods) => {
      const prices = !price
        ? ''
        : price.low === price.high
          ? `, ${count === 1 ? '' : 'each '}${price.low}`
          : `, ${price.low} to ${price.high}`;
      return `${capitalised(products(count))}${prices}.${eachOnly ? ' Each is the only one.' : ''}`;
    },
    /** A thing as it is told of where nobody has described it; it opens with its name. */
    told: (thing: PlainThing) => {
      const choice = choiceOf(thing);
      const only = thing.only ? (thing.plural ? 'are the only ones of the kind' : 'is the only one of its kind') : '';
      const rest = [kindOf(thing), only].filter(Boolean).join(', and ');
      const subject = choice ? (thing.plural ? 'They' : 'It') : thing.title;
      const sentences = [choice, rest ? `${subject} ${rest}` : ''].filter(Boolean);
      return sentences.length ? `${sentences.join('. ')}.` : '';
    },
    everything: 'everything',
    /** A shelf where it is led to. */
    theShelf: (name: string) => `the ${inSentence(name)}`,
    see: (what: string, count: number | null) => (count === null ? `See ${what}` : `See ${what} (${count})`),
    /** What stands on the same shelf. */
    moreOf: (shelf: string) => `More in ${inSentence(shelf)}`,
    lookAt: (what: string) => `Look at ${what}`,
    allFromTheFirst: (count: number) => `All ${numberWords(count)}, from the first`,
    fromPlace: (what: string, place: string) => `${capitalised(what)} from ${place}`,
    fromPrice: (what: string, price: string) => `${capitalised(what)} from ${price}`,
    from: (price: string) => `From ${price}`,
    forWhom: (whom: string) => `For ${inSentence(whom)}`,
    by: (people: readonly string[]) => `By ${listed(people)}`,
    countedIn: (count: number, shelf: string) => `${capitalised(numberWords(count))} in ${inSentence(shelf)}`,
    toChooseFrom: (count: number) => `${capitalised(numberWords(count))} to choose from`,
    sell: (single: boolean, goods: readonly string[]) => `${single ? 'I sell' : 'We sell'} ${listed(goods)}.`,
    madeAt: (goods: readonly string[], place: string) => `${capitalised(listed(goods))}, from ${place}.`,
    priced: (count: number, low: string, high: string) => `${capitalised(numberWords(count))} things, from ${low} to ${high}.`,
    among: (titles: readonly string[]) => `Among them ${listed(titles)}.`,
    thereAre: (count: number) => `There ${count === 1 ? 'is one thing' : `are ${numberWords(count)} things`} to choose from.`,
    /** What a card says of a thing with choices. */
    choices: ({ name, isNoun }: Choosable, count: number) =>
      isNoun ? `${count} ${pluralOf(name.toLowerCase(), count)}` : `${count} to choose from`,
    soldOut: 'Sold out',
    download: 'Download',
    byMail: 'By e-mail',
    byAppointment: 'By appointment',
    again: ({ every, unit }: Rhythm) => (every === 1 ? `every ${unit}` : `every ${numberWords(every)} ${unit}s`),
    notYet: 'Not on sale yet',
    onRequest: 'Price on request',
    gone: 'Gone',
    left: (pieces: number) => `${pieces} left`,
    there: 'In',
    priceFrom: 'from',
    priceBefore: 'before',
    cheaper: (title: string, now: string, before: string) => `${title}: ${now} instead of ${before}.`,
    cheaperOnes: (titles: readonly string[], more: number) =>
      `${more ? `${titles.join(', ')} and ${numberWords(more)} more` : listed(titles)} cost less than before.`,
    code: ({ code, off, what, least, until }: CodeTerms) =>
      `${off ? `${off} off${what.length ? ` ${listed(what)}` : ''}` : 'Free delivery'}${from(least)}${code === null ? '' : ` with the code ${code}`}${until ? `, until ${until}` : ''}.`,
    percent: (share: number) => `${share} %`,
  },
  sections: {
    about: (name: string | null, single: boolean) => `About ${name ?? (single ? 'me' : 'us')}`,
    moreAbout: (single: boolean) => `More about ${single ? 'me' : 'us'}`,
    deliveryAndReturns: 'Delivery and returns',
    seeIt: (price: string | null) => (price ? `See it, ${price}` : 'See it'),
    yourCart: 'Your cart',
    checkout: 'Checkout',
    contact: 'Contact',
    toTheJournal: 'To the journal',
    seeEverything: 'See everything',
    everything: 'Everything',
    search: 'Search',
    thanks: 'Thank you',
    toTheShop: 'To the shop',
    letterOpens: (email: string) => `It opens your mail program with the letter to ${email} begun.`,
    beginLetter: 'Begin the letter',
    signUp: (email: string) => `You sign up by a letter to ${email}, and leave in the same way.`,
    signUpByLetter: 'Sign up by letter',
    notHere: 'This page is not here',
    notHereText: 'The address may be old. The goods are still where they were.',
  },
  /** Others that would do at a place. */
  choices: {
    openingButtons: ['To the shop', 'See what there is', 'Start here', 'Look around', 'Choose yours', 'Into the shop'],
    buttons: ['Write to us', 'Send it', 'Begin', 'Write a line', 'Ask now', 'Begin the letter', 'Sign up by letter', 'See it'],
    links: ['See everything', 'To the shop', 'Onward', 'More of this', 'All of it', 'Go on', 'Read on'],
  },
  answers: {
    deliveryCosts: 'What does delivery cost?',
    zone: ({ zone, from: least, freeFrom }: ZoneRate) =>
      `${zone}: ${least ? `from ${least}` : 'free'}${freeFrom ? `, free from ${freeFrom}` : ''}.`,
    sendBack: 'Can I send something back?',
    withinDays: (days: number) => `Yes, within ${days} days of its arrival.`,
    howToPay: 'How can I pay?',
    ways: (card: boolean, bank: boolean, currency: string) =>
      `${card && bank ? 'By card or by bank transfer' : card ? 'By card' : 'By bank transfer'}, in ${currency}.`,
    isTaxIn: 'Is tax in the prices?',
    taxIsIn: 'Yes. The checkout shows how much.',
    taxIsAdded: 'No. It is added at checkout, where you see how much.',
    whoToAsk: 'Who do I ask?',
    writeTo: (email: string) => `Write to ${email}.`,
  },
  clauses: {
    kept: (name: string | null) =>
      `${name ?? 'The shop'} keeps what you type at checkout: your name, your e-mail, where the parcel goes, what you bought and any note. It is needed to send the order and to answer questions about it.`,
    cart: 'The cart is kept in your own browser until you empty it. The shop sets no cookies, counts no visits and loads nothing from other companies.',
    cards: 'Card numbers are typed at the payment provider and never reach the shop.',
    asking: (email: string) => `To see, correct or delete what is kept about you, write to ${email}.`,
    order: (name: string | null, place: string | null) =>
      `You buy from ${name ?? 'the shop'}${place ? `, ${place}` : ''}. An order is an offer to buy; it is accepted when the shop confirms it with an order number.`,
    taxIn: (currency: string) => `Prices are in ${currency} and contain the tax that applies.`,
    taxAdded: (currency: string) => `Prices are in ${currency} without tax, which is added at checkout.`,
    currency: (currency: string) => `Prices are in ${currency}.`,
    delivery: (page: string) => `Delivery is charged at the rate that you choose at checkout and that the page “${page}” lists.`,
    returns: (days: number) =>
      `Goods may be sent back within ${days} days of their arrival. The law of your country may give you longer.`,
    refundWithin: (days: number) => `You can send goods back within ${days} days of their arrival, without giving a reason.`,
    refundWriting: (email: string) => `Write to ${email} with your order number first, so that the parcel is expected.`,
    refundMoney: 'The money goes back the way it came. What the law of your country gives you beyond this stays yours.',
  },
  /** How pages present themselves to search engines. */
  search: {
    thisShop: 'this shop',
    goods: (count: number, least: string | null) => `${capitalised(products(count))}${from(least)}.`,
    shelf: (shelf: string, shop: string | null, count: number, least: string | null, titles: readonly string[]) =>
      `${capitalised(inSentence(shelf))}${shop ? ` by ${shop}` : ''}: ${products(count)}${from(least)}. ${count > 1 ? `Among them ${listed(titles)}.` : listed(titles)}`,
    numbered: (title: string, n: number) => `${title}, no. ${n}`,
    titleFrom: (title: string, least: string) => `${title}, from ${least}`,
    from: (least: string) => `From ${least}.`,
    shop: (name: string, count: number, least: string | null) =>
      count ? `Everything that ${name} sells: ${numberWords(count)} products${from(least)}.` : `What ${name} sells.`,
    about: (name: string, place: string | null) => `Who is behind ${name}${at(place)}.`,
    contact: (name: string, place: string | null, phone: string | null) =>
      `How to reach ${name}${at(place)}${phone ? `: ${phone}` : ''}.`,
    questions: (name: string) => `What buyers ask ${name} before they order, answered.`,
    gallery: (name: string, place: string | null) => `Pictures from ${name}${at(place)}.`,
    journal: (name: string, place: string | null) => `What happens at ${name}${at(place)}, written down.`,
    appointments: (name: string, place: string | null) => `What can be booked at ${name}${at(place)}, and what it costs.`,
    'gift-cards': (name: string) => `Gift cards from ${name}, sent by e-mail.`,
    delivery: (name: string) => `What delivery from ${name} costs, where it goes, and how to send something back.`,
    privacy: (name: string) => `What ${name} keeps about its buyers, and why.`,
    refunds: (name: string) => `How to send something back to ${name}, and how the money returns.`,
    terms: (name: string) => `What you and ${name} agree to when you order.`,
    other: (page: string, name: string) => `${page}, at ${name}.`,
  },
  /** What is drawn around the texts of a page. */
  drawn: {
    toContent: 'To the content',
    mainMenu: 'Main',
    under: (page: string) => `Under ${page}`,
    allPages: 'All pages',
    search: 'Search',
    cart: 'Cart',
    withEveryOrder: 'With every order',
    youAreHere: 'You are here',
    shop: 'Shop',
    numberOf: (n: number, all: number) => `No. ${n} of ${all}`,
    aboutIt: 'About it',
    picture: (title: string, n: number) => `${title}, picture ${n}`,
    taxIncluded: 'tax included',
    plusTax: 'plus tax',
    plusDelivery: 'plus delivery',
    code: 'Code',
    weight: 'Weight',
    comes: 'Comes',
    more: 'Details',
    delivery: 'Delivery',
    rateFrom: (zone: string, price: string, freeFrom: string | null) =>
      `${zone} from ${price}${freeFrom ? `, free from ${freeFrom}` : ''}`,
    returns: 'Returns',
    withinDays: (days: number) => `Within ${days} days`,
    rates: 'What delivery costs',
    to: 'To',
    how: 'How',
    price: 'Price',
    freeFrom: 'Free from',
    upTo: (weight: string) => `up to ${weight}`,
    sendBackWithin: (days: number) => `You can send goods back within ${days} days of their arrival.`,
    categories: 'Categories',
    everything: 'Everything',
    order: 'Order',
    orders: {
      '': 'As listed',
      'by-price': 'Price, low first',
      'by-price-down': 'Price, high first',
      'by-name': 'Name',
    },
    emptyShelf: 'Nothing is on this shelf yet.',
    stretches: 'Pages',
    back: 'Back',
    onward: 'Onward',
    stretchOf: (n: number, all: number) => `${n} of ${all}`,
    choose: 'Choose',
    chooseThis: (title: string) => `Choose ${title}`,
    number: 'Number',
    numberOfThis: (title: string) => `Number of ${title}`,
    add: 'Add',
    addThis: (title: string) => `Add ${title} to the cart`,
    addToCart: 'Add to cart',
    outOfStock: 'sold out',
    notYet: 'It can’t be ordered here yet.',
    writeTo: 'Write to',
    cartNeedsScripts: 'The cart needs scripts, which are off in this browser. Turn them on to order',
    needsScripts: 'Cart and checkout need scripts, which are off in this browser. Turn them on',
    orWriteTo: 'or write to',
    lookingFor: 'What are you looking for?',
    searchNeedsScripts: 'Search needs scripts, which are off in this browser.',
    allInShop: 'Everything is in the shop.',
    yourName: 'Your name',
    likeToKnow: 'What would you like to know?',
    letterName: 'Name',
    letterQuestion: 'Question',
    newsletterOf: (name: string) => `Newsletter of ${name}`,
    onTheList: 'Please put me on the list',
    nothingWritten: 'Nothing is written here yet.',
    playFrom: (host: string) => `Play it, from ${host}`,
    framedFrom: (host: string) => `It plays once you press it, and comes from ${host}.`,
    openInMap: 'Open this place in a map',
    watchAt: (host: string) => `Watch it at ${host}`,
    seenFrom: (place: string, towns: readonly string[]) => `${place}, seen from ${towns.join(', ')}`,
    towns: 'Positions of towns: GeoNames, CC BY 4.0',
    toTheShop: 'To the shop',
  },
  checkout: {
    who: 'Who and where to',
    name: 'Name',
    email: 'E-mail',
    phone: 'Telephone',
    ifYouLike: 'if you like',
    street: 'Street and number',
    town: 'Town',
    postcode: 'Postal code',
    country: 'Country',
    region: 'Region',
    elsewhere: 'elsewhere',
    delivery: 'Delivery',
    noRates: 'The shop has set no delivery rates yet.',
    payment: 'Payment',
    byCard: 'By card',
    onProvidersPage: 'on the payment provider’s page',
    byBank: 'By bank transfer',
    byCash: 'In cash',
    whenHanded: 'when you get it',
    byArrangement: 'By arrangement',
    shopWrites: 'the shop writes to you how to pay',
    note: 'A note to the shop',
    present: 'A present? A few words that lie in the parcel',
    /** The consent, in pieces around its two links. */
    agree: ['I agree to the ', 'terms', ' and have read ', 'how my data is kept', '.'],
    taxNumber: 'Tax number',
    ifBusiness: 'of a business, if you have one',
    yourOrder: 'Your order',
    discountCode: 'Discount code or gift card',
    apply: 'Apply',
    order: 'Make the order',
    orderAndPay: 'Order and pay',
    emptyCart: 'The cart is empty.',
  },
  /** Why the till refuses an order. */
  refused: {
    notSold: 'One of the things in the cart is no longer sold. Take it out and try again.',
    soldOut: (title: string) => `“${title}” has just sold out. Take it out of the cart and try again.`,
    onlyLeft: (title: string, left: number) =>
      `Only ${left} of “${title}” ${left === 1 ? 'is' : 'are'} left. Change the number in the cart and try again.`,
    noDelivery: 'The shop has no delivery to this country. Choose another or write to the shop.',
    noSuchRate: 'This way of delivery is no longer offered. Choose another and look at the sum again.',
    code: 'The discount code does not hold for this cart. Take it out and try again.',
    tooLarge: 'This is more than the till can count. Order less at once.',
    taxNumber: 'This tax number has a slip in it. Look at it again, or leave it out.',
    answer: (label: string) => `The shop asks “${label}”. Answer it, and order again.`,
    noCash: 'The shop takes no cash for this. Choose another way to pay.',
    noCards: 'The shop takes no cards. Choose another way to pay.',
    linkEnded: 'This link has ended. Ask the shop to open it anew.',
    giftCard: 'This gift card can’t pay here, or nothing is left on it. Look at its code, or leave it out.',
    sumChanged: (sum: string) => `The sum has changed to ${sum} since you looked. Reload the page and look at it again.`,
  },
  /** Letters to buyers. Words in braces are filled in; the seller may write others. */
  letters: {
    placed: {
      subject: 'Your order {number} at {shop}',
      words:
        'Dear {name},\n\nThank you for your order. We have put the goods aside for you and send them when the payment has come.',
    },
    taken: {
      subject: 'Your order {number} at {shop}',
      words: 'Dear {name},\n\nThank you for your order. You pay {total} when you get it.',
    },
    paid: {
      subject: 'Order {number} at {shop} is paid',
      words: 'Dear {name},\n\nThank you for your order. The payment of {total} has come.',
    },
    expired: {
      subject: 'Order {number} at {shop} was not paid',
      words:
        'Dear {name},\n\nNo payment has come for this order, so the goods are back on the shelf. If you have paid it already, write to us.',
    },
    files: {
      subject: 'Your files from {shop}',
      words: 'Dear {name},\n\nHere are the files of your order {number}. Keep a copy of them: the links end.',
    },
    cards: {
      subject: 'Your gift card from {shop}',
      words:
        'Dear {name},\n\nHere is the gift card of your order {number}. Its code pays at the checkout, in one purchase or in several. Keep it as you keep money.',
    },
    time: {
      subject: '{title}: {when}',
      words: 'Dear {name},\n\nWe have agreed on a time for {title}: {when}.',
    },
    ready: {
      subject: 'Order {number} is ready for you',
      words: 'Dear {name},\n\nYour order lies ready. Come and fetch it when it suits you.',
    },
    sent: {
      subject: 'Order {number} is on its way',
      words: 'Dear {name},\n\nThis has left for you today.',
    },
    cancelled: {
      subject: 'Order {number} at {shop} is cancelled',
      words: 'Dear {name},\n\nThis order is cancelled. What you have paid is given back to you.',
    },
    refunded: {
      subject: '{sum} of order {number} is given back',
      words: 'Dear {name},\n\nOf your order {number} you get {sum} back.',
    },
    again: {
      subject: '{title} comes again on {when}',
      words:
        'Dear {name},\n\n{title} is ordered for you again on {when}. On the page of your order you can pause it, or stop it.',
    },
    unpaid: {
      subject: 'The payment for {title} did not go through',
      words:
        'Dear {name},\n\n{title} was to come again, and the payment of {total} did not go through. So it is paused: nothing is sent. Once you have paid on the page of this order, it goes on.',
    },
    paused: {
      subject: '{title} is paused',
      words:
        'Dear {name},\n\n{title} is paused: nothing is sent and nothing is charged until it goes on. You can go on with it, or stop it, on the page of your order.',
    },
    resumed: {
      subject: '{title} goes on',
      words: 'Dear {name},\n\n{title} goes on. It is ordered for you next on {when}.',
    },
    stopped: {
      subject: '{title} is stopped',
      words: 'Dear {name},\n\n{title} is stopped. Nothing more is sent and nothing more is charged.',
    },
  },
  /** What stands in letters and on papers beside the words. */
  papers: {
    invoice: 'Invoice',
    creditNote: 'Credit note',
    packingSlip: 'Packing slip',
    giftCard: 'Gift card',
    date: 'Date',
    orderNumber: 'Order',
    ordered: 'Ordered on',
    forInvoice: 'For invoice',
    taxNumber: 'Tax number',
    what: 'What',
    number: 'Number',
    each: 'Each',
    sum: 'Sum',
    off: '{amount} taken off',
    aSum: 'A sum given back',
    net: 'Without tax',
    tax: 'Tax {percent} % on {net}',
    noTax: 'Free of tax: {net}',
    total: 'Total',
    taxIsIn: 'Prices contain the tax.',
    paid: 'Paid.',
    givenBack: 'Given back.',
    small: 'No tax is charged, as by the rules for small businesses.',
    outside: 'Export: free of tax.',
    business: 'Reverse charge: the tax is owed by the recipient.',
    voucher: 'Gift cards are taxed when they are spent.',
    page: '{n} of {all}',
    payTo: 'Please pay to',
    reference: 'Reference',
    until: 'Until',
    followBy: 'To be followed by',
    seeOrder: 'See your order',
    fetch: 'Fetch {name}',
    linkEnds: 'until {date}, up to {n} times',
    goodFor: 'Good for',
    code: 'Code',
    print: 'Print it',
    atShop: 'at {shop}',
    goods: 'Goods',
    discount: 'Discount',
    delivery: 'Delivery',
    taxRelief: 'Tax not charged',
    byGiftCard: 'Paid by gift card',
    sendTo: 'To',
    note: 'Note',
    present: 'For you',
  },
  /** The stand-in of a payment provider. */
  payment: {
    pay: (sum: string) => `Pay ${sum}`,
    heading: 'Card payment, simulated. No money moves.',
    /** In pieces around the sum and the shop. */
    asks: ['Your bank asks: are you paying ', ' to ', '?'],
    yes: 'Yes, I am paying',
    no: 'No',
    to: ' to ',
    order: (number: string) => `, order ${number}`,
    card: 'Card number',
    cards: 'Cards of this stand-in',
    accepted: 'accepted',
    refused: 'refused',
    once: 'accepted, and refused when it is charged again',
    confirm: 'asks the buyer to confirm',
    untold: 'accepted, and the shop has to ask',
    ended: 'takes too long',
    working: 'accepted after a few seconds',
    late: 'takes too long, and is accepted all the same',
    notKnown: 'This payment is not known.',
    slip: 'This card number has a slip in it. Look at it again.',
    onlyThese: 'The stand-in takes only the cards that are listed here.',
  },
  /** What scripts say in the buyer's browser. */
  scripts: {
    notThisOne: 'This one can’t be ordered here yet.',
    notMade: 'This combination is not made.',
    soldOut: 'Sold out for now.',
    onlyLeft: 'Only {n} left.',
    inStock: 'In stock.',
    inCart: '{n} in the cart. ',
    inCartAll: '{n} in the cart, which is all there are. ',
    seeCart: 'See the cart',
    cartEmpty: 'Nothing is in it yet. ',
    toTheShop: 'To the shop',
    goods: 'Goods',
    discount: 'Discount',
    delivery: 'Delivery, {rate}',
    free: 'free',
    tax: 'Tax {percent} %',
    total: 'Total',
    ofWhichTax: 'of which tax {percent} %',
    deliveryLater: 'Delivery is added at checkout, where you see it before you pay.',
    toCheckout: 'To the checkout',
    numberOf: 'Number of {title}',
    number: 'Number',
    takeOutThis: 'Take out {title}',
    takeOut: 'Take out',
    each: '{price} each',
    eachLast: '{price} each, the last there are',
    codeUnknown: 'The shop knows no such code.',
    codeEnded: 'This code has ended.',
    codeLeast: 'The goods come to less than this code asks for.',
    taxRelief: 'Tax not charged',
    taxNumberSlip: 'This tax number has a slip in it. Look at it again, or leave it out.',
    deliveryAbout: 'Delivery within {place} from {price}, worked out at the checkout.',
    deliveryFree: 'Delivery within {place} is free.',
    deliveryNot: 'Within {place} this can’t be delivered as it is. The checkout says where it can.',
    codeNotYet: 'This code does not hold yet.',
    codeNotThese: 'This code is for other things than those in the cart.',
    codeUsedUp: 'This code has been used as often as it can be.',
    codeUsedByYou: 'You have used this code before.',
    codeLess: 'Another discount takes more off, so that one is taken.',
    giftCard: 'Gift card',
    oneGiftCard: 'One gift card pays for an order. Take the others out.',
    giftCardRest: 'left on it afterwards',
    discountCode: 'Discount code',
    apply: 'Apply',
    toPay: 'To pay',
    everyWeek: 'every week',
    everyMonth: 'every month',
    everyWeeks: 'every {n} weeks',
    everyMonths: 'every {n} months',
    againEach: '{title}: again {every}, {sum} each time. You can pause or stop it at any time.',
    againNext: '{title}: again {every}. Next on {dates}.',
    againRests: '{title}: again {every}. It is paused.',
    againStopped: '{title} is stopped.',
    againPrice: 'It would come to {sum} now.',
    pause: 'Pause it',
    goOn: 'Go on with it',
    stop: 'Stop it',
    payNow: 'Pay {sum} now',
    yourFiles: 'Your files',
    fileEnds: 'The link opens {n} times more, until {date}.',
    fileEnded: 'This link has ended. Write to the shop.',
    giftCardGood: 'Good for {amount}',
    timeToAgree: '{title}: the shop writes to you to agree on a time.',
    timeAgreed: '{title}: {when}',
    readyToFetch: 'It lies ready for you.',
    'state-done': 'The order is paid, and everything of it is here.',
    'head-done': 'Thank you',
    codeNothingToDeliver: 'This code takes off delivery, and nothing here is delivered.',
    deliversNotThere: 'The shop does not deliver there. Choose another country, or write to the shop.',
    deliversNotToThis: 'The shop does not deliver to this country.',
    wantName: 'Write your name.',
    wantEmail: 'Write your e-mail, such as ada@post.example.',
    wantStreet: 'Write the street and number.',
    wantPlace: 'Write the town.',
    wantPostcode: 'Write the postal code.',
    wantAnswer: 'Answer “{label}”.',
    wantConsent: 'Agree to the terms to order.',
    oneMissing: 'One thing is missing:',
    someMissing: 'Some things are missing:',
    preview: 'This is a preview. Publish the shop, and orders can be placed.',
    notTaken: 'The order could not be taken. Try again in a minute.',
    notReached: 'The shop could not be reached. Look at your connection and try again; nothing was ordered twice.',
    saveOrder: 'Save the order file',
    byPost:
      'This shop takes orders by post. Save the order file and send it to the shop, which answers with the sum and how to pay.',
    anOrder: 'An order',
    writeToShop: 'Write to the shop',
    noOrder: 'No order is known on this page. ',
    orderNumber: 'Order {number}',
    'state-awaiting-payment': 'The order is in. The shop sends it when the payment has arrived.',
    'state-cash': 'The order is in. You pay when you get it.',
    'state-paid': 'The order is paid. The shop sends it on.',
    'state-refused': 'Nothing was ordered, and nothing was paid. The cart and what you wrote are as they were.',
    'state-expired': 'It was not paid in time, so the goods went back on the shelf.',
    'state-cancelled': 'The shop has cancelled it. What was paid is given back.',
    'state-sent': 'The order is on its way.',
    'head-awaiting-payment': 'Thank you',
    'head-paid': 'Thank you',
    'head-refused': 'The payment was refused',
    'head-expired': 'This order was not paid',
    'head-cancelled': 'This order was cancelled',
    'head-sent': 'On its way to you',
    'head-none': 'No order here',
    followIt: 'To be followed by: {tracking}',
    keptUntil: 'The goods are kept for you until {date}.',
    cartChanged: 'Since you were here:',
    nowGone: '“{title}” is not sold any more, so it is not in the cart.',
    oneGone: 'One of the things is not sold any more, so it is not in the cart.',
    nowSoldOut: '“{title}” has sold out, so it is not in the cart.',
    nowFewer: '“{title}”: {n} left, so the number was changed.',
    nowCosts: '“{title}” costs {price} now; it was {before}.',
    payTo: 'Please pay to: {account}. Reference: {number}.',
    backToCheckout: 'Back to the checkout',
    orderNotFound: 'The order could not be found just now. Reload this page in a minute.',
    found: '{n} found for “{query}”.',
    foundNothing: 'Nothing found for “{query}”. Try a shorter word.',
  },
};

/** The phrases of a language: every one of them, or it isn't shipped. */
export type Phrases = typeof en;
