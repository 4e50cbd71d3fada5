import { join } from 'node:path';
import { hostDataSchema, quote, quoteRequestSchema } from '@/core/till';
import { print, readForm, Refusal, usage, type Values } from './caller';

/** What a cart comes to in a shop that was built, worked out as its host would. */
export function workOut(values: Values): void {
  if (!values.release) throw new Refusal(`No built site is given. ${usage}`);
  const data = readForm(hostDataSchema, join(values.release, 'data/host.json'), 'till of the built site');
  const cart = readForm(quoteRequestSchema, values.cart, 'cart');
  const result = quote(data, cart, values.day ?? new Date().toISOString().slice(0, 10));
  print(result.ok ? result.value : { refused: { say: result.say } });
}
