import { fill, type ScriptPhrases } from '@/core/phrases';
import { cardShown, followings, type OrderView, type TillRules } from '@/core/till';
import { writeCart } from './cart';
import { rhythmIn, row, taxRows } from './figures';
import { address, attempt, load, loadPhrases, loadRules, make, money, onPaint } from './ports';

/** What is said on top: an order of files and gift cards alone is not on its way, it is here. */
const saidOf = ({ state, lines }: OrderView) =>
  state === 'sent' && lines.every(({ kind }) => !followings[kind].travels) ? ('done' as const) : state;

/** The order as the host keeps it, on the page after paying. */
async function showThanks(refused = '', before = ''): Promise<void> {
  const place = document.querySelector('[data-thanks]');
  if (!place) return;
  const phrases = await loadPhrases();
  const query = new URLSearchParams(location.search);
  const number = query.get('order');
  const receipt = encodeURIComponent(query.get('receipt') ?? '');
  const title = document.querySelector('.thanks h1');
  // The page is headed by what happened, in the seller's words where they wrote their own.
  const head = (text: string) => {
    if (title && text !== phrases['head-paid']) title.textContent = text;
  };
  if (!number) head(phrases['head-none']);
  if (!number)
    return place.replaceChildren(make('p', {}, phrases.noOrder, make('a', { href: address('shop/') }, phrases.toTheShop)));
  try {
    const order = await load<OrderView>(`api/orders/${encodeURIComponent(number)}?receipt=${receipt}`);
    // The order is in its own money, whatever the shop has now.
    const rules = { ...(await loadRules()), currency: order.currency, digits: order.digits };
    sessionStorage.removeItem(attempt);
    const { state } = order;
    if (state === 'paid' || state === 'sent' || (order.payment !== 'card' && state === 'awaiting-payment')) writeCart([]);
    // A bank may answer later than it sends its buyer back.
    if (order.payment === 'card' && state === 'awaiting-payment') setTimeout(() => void showThanks('', state), 2000);
    if (state === before) return;
    head(phrases[`head-${saidOf(order)}`]);
    if ((state === 'refused' || state === 'expired') && !order.follows.payable)
      return place.replaceChildren(
        make('p', {}, phrases[`state-${state}`]),
        make('p', {}, make('a', { class: 'button', href: address('checkout/') }, phrases.backToCheckout)),
      );
    const ask = async (path: string, body: object) => {
      const answer = await fetch(address(`api/orders/${encodeURIComponent(number)}/${path}`), {
        method: 'POST',
        body: JSON.stringify({ receipt: query.get('receipt') ?? '', ...body }),
      });
      const said = (await answer.json()) as { pay?: string; say?: string };
      if (said.pay) location.href = said.pay;
      else {
        await showThanks(said.say);
        // Who used the keyboard goes on where they were.
        document.querySelector<HTMLElement>('[data-again]')?.focus();
      }
    };
    const again = order.follows.repeats.map((one) => againOf(one, rules, phrases, (body) => ask('repeats', body)));
    place.replaceChildren(
      ...(refused ? [make('p', { class: 'notice', role: 'alert' }, refused)] : []),
      make('p', { class: 'number' }, fill(phrases.orderNumber, { number })),
      make(
        'p',
        {},
        phrases[order.payment === 'cash' && state === 'awaiting-payment' ? 'state-cash' : (`state-${saidOf(order)}` as const)],
      ),
      ...(order.follows.payable
        ? [press(fill(phrases.payNow, { sum: money(order.total - order.giftCard, rules) }), () => ask('pay', {}), 'button')]
        : []),
      make('div', { class: 'follows' }, ...followsOf(order, number, receipt, rules, phrases), ...again),
      make('ul', { class: 'lines' }, ...order.lines.map((line) => lineOf(line, rules))),
      billOf(order, rules, phrases),
      ...payOf(order, rules, phrases),
    );
  } catch {
    place.replaceChildren(make('p', {}, phrases.orderNotFound));
  }
}

const lineOf = ({ quantity, title, sum }: OrderView['lines'][number], rules: TillRules) =>
  make(
    'li',
    { class: 'line' },
    make('span', {}, `${quantity} ×`),
    make('span', {}, title),
    make('span', { class: 'sum' }, money(sum, rules)),
  );

function press(text: string, act: () => Promise<void>, className: string): HTMLElement {
  const button = make('button', { type: 'button', class: className }, text);
  button.addEventListener('click', () => {
    button.disabled = true;
    act().catch(() => (button.disabled = false));
  });
  return button;
}

/** What comes again: when, and what its buyer can do with it. */
function againOf(
  { variant, title, rhythm, state, next, costs }: OrderView['follows']['repeats'][number],
  rules: TillRules,
  phrases: ScriptPhrases,
  ask: (body: object) => Promise<void>,
): HTMLElement {
  const said = { running: phrases.againNext, paused: phrases.againRests, stopped: phrases.againStopped }[state];
  const dates = next.map((date) => dayOf(date, rules)).join(', ');
  const turn = (text: string, to: typeof state) => [
    ' ',
    press(text, () => ask({ variant, state: to, ...(costs ? { seen: costs } : {}) }), 'button second'),
  ];
  return make(
    'div',
    { class: 'again', tabindex: '-1', 'data-again': state },
    make('p', {}, fill(said, { title, every: rhythmIn(rhythm, phrases), dates })),
    ...(costs ? [make('p', {}, fill(phrases.againPrice, { sum: money(costs, rules) }))] : []),
    ...(state === 'stopped'
      ? []
      : [
          make(
            'p',
            {},
            ...(state === 'running' ? turn(phrases.pause, 'paused') : turn(phrases.goOn, 'running')),
            ...turn(phrases.stop, 'stopped'),
          ),
        ]),
  );
}

const dayOf = (at: string | number, { locale }: TillRules) =>
  new Intl.DateTimeFormat(locale, { dateStyle: 'long' }).format(new Date(at));

/** What follows of it: the parcel, files, gift cards, times, papers. */
function followsOf(order: OrderView, number: string, receipt: string, rules: TillRules, phrases: ScriptPhrases): HTMLElement[] {
  const { files, cards, times, ready, papers } = order.follows;
  const own = (path: string) => address(`api/orders/${encodeURIComponent(number)}/${path}?receipt=${receipt}`);
  const said = (text: string) => make('p', {}, text);
  const isWaiting = order.state === 'paid' && ready;
  return [
    ...(order.tracking ? [said(fill(phrases.followIt, { tracking: order.tracking }))] : []),
    ...(isWaiting ? [said(phrases.readyToFetch)] : []),
    ...(files.length ? [make('h2', {}, phrases.yourFiles)] : []),
    ...files.map(({ title, token, left, until }) =>
      make(
        'p',
        {},
        left ? make('a', { class: 'button', href: address(`api/files/${token}`), download: '' }, title) : make('b', {}, title),
        ' ',
        make('small', {}, left ? fill(phrases.fileEnds, { n: left, date: dayOf(until, rules) }) : phrases.fileEnded),
      ),
    ),
    ...cards.map(({ code, amount }) =>
      make(
        'p',
        { class: 'notice' },
        `${phrases.giftCard}: `,
        make('b', {}, cardShown(code)),
        ` ${fill(phrases.giftCardGood, { amount: money(amount, rules) })} `,
        make('a', { href: own(`cards/${code}`) }, 'PDF'),
      ),
    ),
    ...times.map(({ title, when }) => said(fill(when ? phrases.timeAgreed : phrases.timeToAgree, { title, when }))),
    ...papers.map((paper) =>
      make('p', {}, make('a', { href: own(`papers/${encodeURIComponent(paper.number)}`) }, `${paper.number} (PDF)`)),
    ),
  ];
}

function billOf(order: OrderView, rules: TillRules, phrases: ScriptPhrases): HTMLElement {
  const { discount, delivery, relief, taxIncluded, total, giftCard } = order;
  return make(
    'dl',
    { class: 'bill' },
    ...(discount ? [row(phrases.discount, `−${money(discount, rules)}`)] : []),
    ...(delivery
      ? [row(fill(phrases.delivery, { rate: delivery.label }), delivery.price ? money(delivery.price, rules) : phrases.free)]
      : []),
    ...(relief ? [row(phrases.taxRelief, `−${money(relief, rules)}`)] : []),
    ...(taxIncluded ? [] : taxRows(order, rules, phrases)),
    row(phrases.total, money(total, rules), 'total'),
    ...(taxIncluded ? taxRows(order, rules, phrases) : []),
    ...(giftCard
      ? [row(phrases.giftCard, `−${money(giftCard, rules)}`), row(phrases.toPay, money(total - giftCard, rules))]
      : []),
  );
}

/** Where and until when a bank transfer goes. */
function payOf(order: OrderView, rules: TillRules, phrases: ScriptPhrases): HTMLElement[] {
  const { bank, bankDays } = rules.payments;
  if (order.payment !== 'bank' || !bank || order.state !== 'awaiting-payment') return [];
  return [
    make('p', {}, fill(phrases.payTo, { account: bank, number: order.number })),
    make('p', {}, fill(phrases.keptUntil, { date: dayOf(Date.parse(order.placed) + bankDays * 86_400_000, rules) })),
  ];
}

onPaint(() => void showThanks());
