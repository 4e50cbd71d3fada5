import { pricesOf, topOf } from '../goods';
import { type Shop } from '../site';
import { formatMoney } from '../till';
import { withGoods } from './asking';
import { capitalised, listed, numberWords } from '../words';

/**
 * A fuller brief from a thin one: what is known from brief, list and till as sentences, and a marked gap for each thing that is missing.
 * A gap stands in square brackets, is never printed, and is read as nothing until the seller fills it.
 */
export function fullerBrief(shop: Shop): string {
  const { reading, catalogue, rules } = shop;
  const single = reading.person === 'I';
  const given = shop.brief.trim();
  const lines: string[] = [];
  const say = (known: boolean, sentence: string, gap: string) => lines.push(known ? sentence : `[${gap}]`);
  const add = (known: boolean, gap: string) => {
    if (!known) lines.push(`[${gap}]`);
  };
  add(reading.name !== null, 'The name of the shop');
  if (!reading.sells.length && catalogue.categories.length)
    lines.push(
      `What ${single ? 'I' : 'we'} sell: ${listed(
        topOf(catalogue.categories)
          .slice(0, 5)
          .map((category) => category.name.toLowerCase()),
      )}.`,
    );
  else add(reading.sells.length > 0, 'What you sell');
  if (catalogue.products.length) {
    const range = pricesOf(catalogue.products);
    const count = catalogue.products.length;
    lines.push(
      `There ${count === 1 ? 'is' : 'are'} ${numberWords(count)} ${count === 1 ? 'thing' : 'things'} on the list${range ? `, from ${formatMoney(range.low, rules)}` : ''}.`,
    );
  }
  add(reading.place !== null, 'Where you are');
  add(
    reading.origin !== null || reading.statements.some((one) => one.topics.includes('method')),
    withGoods('How the {goods} are made or found', reading.sells[0]?.value ?? 'goods'),
  );
  add(
    reading.statements.some((one) => one.topics.includes('since')),
    'How and when it began',
  );
  add(reading.audience.length > 0, 'Who buys');
  add(reading.difference.length > 0, 'What you do that others don’t');
  if (rules.returnsDays !== null) say(true, `Buyers can send things back within ${rules.returnsDays} days.`, '');
  add(reading.tone.length > 0, 'How the shop should feel');
  add(reading.coloursWanted.length > 0, 'Colours that you want, and colours that you don’t');
  add(reading.email !== null, 'How you can be reached');
  return [given, ...lines.map(capitalised)].filter(Boolean).join('\n\n');
}
