import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { tillRulesSchema, type HostData } from '@/core/till';
import { HostTill } from '@/standins';

const rules = tillRulesSchema.parse({
  ...{ currency: 'EUR', digits: 2, locale: 'en-IE', country: 'IE', pricesIncludeTax: true },
  taxes: { standard: 2300, reduced: 1350, zero: 0 },
  zones: [
    { id: 'z', label: 'All', countries: ['*'], rates: [{ id: 'r', label: 'Post', price: 500, freeFrom: null, upTo: null }] },
  ],
  ...{ codes: [], payments: { card: true, bank: '' }, returnsDays: null },
});
const data: HostData = {
  ...{ shop: 'p', name: 'Shop', rules, files: {} },
  prices: Array.from({ length: 50 }, (_, i) => ({
    ...{ id: `v${i}`, title: `Thing ${i}`, price: 1000 + i, weight: 1, stock: null },
    ...{ taxClass: 'standard' as const, physical: true, kind: 'physical' as const },
  })),
};

/** A host with so many orders, each paid: milliseconds for one, on disk; for the host to wake; for the list of all as it is sent. */
export function manyOrders(count: number): { each: number; woken: number; listed: number; bytes: number } {
  const folder = mkdtempSync(join(tmpdir(), 'arcatum-orders-'));
  const path = join(folder, 'orders.jsonl');
  const at = (i: number) => new Date(Date.UTC(2026, 0, 1) + i * 600_000).toISOString();
  try {
    const till = new HostTill(path);
    const start = performance.now();
    for (let i = 0; i < count; i++) {
      const placed = till.place(
        data,
        {
          ...{ key: `attempt-${i}`, country: 'IE', rate: '', code: '', payment: 'card', consent: true },
          lines: [
            { variant: `v${i % 50}`, quantity: 1 + (i % 3) },
            { variant: `v${(i + 7) % 50}`, quantity: 1 },
          ],
          buyer: { name: `Buyer ${i % 3000}`, email: `b${i % 3000}@post.example`, phone: '', street: 'Quay 1', place: 'Cork', postcode: 'T12', note: '' }, // prettier-ignore
        },
        'r',
        at(i),
      );
      if (!placed.ok) throw new Error(placed.say);
      const { number, total } = placed.value.order;
      till.receive({ id: `m${i}`, payment: `p${i}`, order: number, address: 'a', amount: total, currency: 'EUR', state: 'accepted' }, at(i)); // prettier-ignore
    }
    const placed = performance.now();
    const woken = new HostTill(path);
    woken.catchUp(at(count));
    const awake = performance.now();
    const bytes = JSON.stringify(woken.all(at(count))).length;
    return { each: (placed - start) / count, woken: awake - placed, listed: performance.now() - awake, bytes };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
