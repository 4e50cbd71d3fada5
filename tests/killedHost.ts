import { writeSync } from 'node:fs';
import { chance } from '@/core/chance';
import { tillRulesSchema, type HostData, type OrderRequest } from '@/core/till';
import { HostTill, type Provider } from '@/standins/host/till';

/** A host and 200 buyers in a process of its own, to be killed: it says on its output what it acknowledges, a line each. */
const [path = '', seed = '0', kind = ''] = process.argv.slice(2);
const random = chance(Number(seed) + 1);

const data: HostData = {
  shop: 'p',
  name: 'Shop',
  rules: tillRulesSchema.parse({
    ...{ currency: 'EUR', digits: 2, locale: 'en-IE', country: 'IE', pricesIncludeTax: true, taxes: null },
    zones: [
      { id: 'z', label: 'All', countries: ['*'], rates: [{ id: 'r', label: 'Post', price: 0, freeFrom: null, upTo: null }] },
    ],
    ...{ codes: [], payments: { card: true, bank: '' }, returnsDays: null },
  }),
  prices: [
    { id: 'v', title: 'Thing', price: 100, weight: 1, taxClass: 'standard', physical: true, kind: 'physical', stock: 150 },
  ],
  files: {},
};

/** Away or slow as a provider is: a wait that holds the process, as a call that does not come back does. */
function provider(): Provider {
  const answer = <T>(value: T): T => {
    if (kind === 'fails' && random() < 0.5) throw new Error('The provider does not answer.');
    if (kind === 'slow') Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 5);
    return value;
  };
  return { ask: () => answer([]), letGo: () => answer(undefined), giveBack: () => answer({ ok: true as const, value: null }) };
}
console.error = () => undefined;

const till = new HostTill(path, provider());
const now = () => '2026-01-01T12:00:00.000Z';
till.count(data.prices, now());
till.catchUp(now());
const say = (did: string, number: string, pieces: number) => writeSync(1, `${JSON.stringify({ did, number, pieces })}\n`);

for (let buyer = 0; buyer < 200; buyer++) {
  const quantity = 1 + Math.floor(random() * 3);
  const request: OrderRequest = {
    ...{ key: `attempt-${seed}-${buyer}`, lines: [{ variant: 'v', quantity }], country: 'IE', rate: 'r', code: '' },
    ...{ payment: 'card', consent: true },
    buyer: { name: 'A', email: 'a@post.example', phone: '', street: 'S', place: 'P', postcode: '1', note: '' },
  };
  const placed = till.place(data, request, 'r', now());
  if (!placed.ok) continue;
  const { number } = placed.value.order;
  say('placed', number, quantity);
  // Pressed twice, as a broken line makes people do.
  till.place(data, request, 'r', now());
  if (random() < 0.3) till.find(number, 'r', now());
  if (random() < 0.2) {
    till.cancel(number, '', now());
    continue;
  }
  for (let told = 0; told < 2; told++)
    till.receive({ id: `m-${number}`, payment: `p-${number}`, order: number, address: 'a', amount: quantity * 100, currency: 'EUR', state: 'accepted' }, now()); // prettier-ignore
  say('paid', number, quantity);
}
