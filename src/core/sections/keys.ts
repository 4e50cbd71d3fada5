import { type Fact } from '../brief/about';
import { keyFrom } from '../keys';
import { type Text } from '../words/text';
import { type Item } from './content';

/** Items that the seller put into a list carry numbers of their own, which nothing in the brief or the list can take. */
export const ownKey = (n: number): string => `own-${n}`;
export const isOwnKey = (key: string): boolean => /^own-\d+$/.test(key);

/** An item that is known by what it says. */
export const itemSaying = <Parts extends string>(says: string, texts: Item<Parts>['texts']): Item<Parts> => ({
  key: keyFrom(says),
  says,
  texts,
});

/** An item that follows from words of the brief. */
export const itemFrom = <Parts extends string>(
  fact: Pick<Fact<string>, 'source' | 'value'>,
  texts: Item<Parts>['texts'],
): Item<Parts> => itemSaying(fact.source?.text ?? fact.value, texts);

/** An item that is one sentence of the seller's. */
export function itemOf<Parts extends string>(text: Text, texts: Item<Parts>['texts']): Item<Parts> {
  const [source] = text.sources;
  const says = source?.kind === 'brief' ? source.source.text : text.text;
  return itemSaying(says, texts);
}

/** An item of ours that is known by a name: an answer from the till, a clause. */
export const itemNamed = <Parts extends string>(key: string, texts: Item<Parts>['texts']): Item<Parts> => ({
  key,
  says: key,
  texts,
});
