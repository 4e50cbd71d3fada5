import { noMapping, openText, readList, type Mapping, type Proposal } from '../src/core/goods';

/** How a list is read beside a brief that says what its money is. */
export const read = (text: string, brief = 'EUR', mapping: Mapping = noMapping): Proposal => {
  const source = openText(text);
  if (!source.ok) throw new Error(source.say);
  const proposal = readList(source.value, { brief }, mapping);
  if (!proposal.ok) throw new Error(proposal.say);
  return proposal.value;
};

/** Products with what is chosen and what it costs. */
export const shown = ({ products }: Proposal) =>
  products.map(
    ({ title, variants }) => `${title}: ${variants.map(({ values, price }) => `${values.join('/')} ${price ?? '?'}`).join(', ')}`,
  );
