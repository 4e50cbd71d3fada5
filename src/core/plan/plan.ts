import { z } from 'zod';
import { type Decided } from '../project';
import { type Known, type Page, type PageKind, type Section, type SectionKind } from './page';
import { sectionDefinition } from './sections';

interface PageDefinition {
  kind: PageKind;
  name: string;
  path: string;
  inMenu: boolean;
  inFooter: boolean;
  listed: boolean;
  because: string;
  sections: SectionKind[];
}

/** The pages that every shop has. Categories and products add one each. */
const pageDefinitions: readonly PageDefinition[] = [
  {
    kind: 'home',
    name: 'Home',
    path: '',
    inMenu: false,
    inFooter: false,
    listed: true,
    because: 'The front door.',
    sections: ['opening', 'featured', 'why', 'categories', 'story', 'questions', 'contact'],
  },
  {
    kind: 'shop',
    name: 'Shop',
    path: 'shop/',
    inMenu: true,
    inFooter: true,
    listed: true,
    because: 'Everything that you sell, in one place.',
    sections: ['listing'],
  },
  {
    kind: 'about',
    name: 'About',
    path: 'about/',
    inMenu: true,
    inFooter: true,
    listed: true,
    because: 'Strangers buy from people that they know something about.',
    sections: ['article'],
  },
  {
    kind: 'contact',
    name: 'Contact',
    path: 'contact/',
    inMenu: true,
    inFooter: true,
    listed: true,
    because: 'Buyers look for a person when something goes wrong.',
    sections: ['contact'],
  },
  {
    kind: 'delivery',
    name: 'Delivery and returns',
    path: 'delivery/',
    inMenu: false,
    inFooter: true,
    listed: true,
    because: 'The second question of every buyer.',
    sections: ['rates'],
  },
  {
    kind: 'privacy',
    name: 'Privacy',
    path: 'privacy/',
    inMenu: false,
    inFooter: true,
    listed: true,
    because: 'The shop keeps names and addresses; the law asks you to say so.',
    sections: ['clauses'],
  },
  {
    kind: 'terms',
    name: 'Terms',
    path: 'terms/',
    inMenu: false,
    inFooter: true,
    listed: true,
    because: 'What buyer and seller agree to; consent is asked for at checkout.',
    sections: ['clauses'],
  },
  {
    kind: 'search',
    name: 'Search',
    path: 'search/',
    inMenu: false,
    inFooter: false,
    listed: false,
    because: 'For those who know what they want.',
    sections: ['search'],
  },
  {
    kind: 'cart',
    name: 'Cart',
    path: 'cart/',
    inMenu: false,
    inFooter: false,
    listed: false,
    because: 'Nothing is sold without it.',
    sections: ['cart'],
  },
  {
    kind: 'checkout',
    name: 'Checkout',
    path: 'checkout/',
    inMenu: false,
    inFooter: false,
    listed: false,
    because: 'Nothing is sold without it.',
    sections: ['checkout'],
  },
  {
    kind: 'thanks',
    name: 'Thank you',
    path: 'thank-you/',
    inMenu: false,
    inFooter: false,
    listed: false,
    because: 'A buyer wants to know that it worked.',
    sections: ['thanks'],
  },
  {
    kind: 'missing',
    name: 'Not found',
    path: '404.html',
    inMenu: false,
    inFooter: false,
    listed: false,
    because: 'Addresses age.',
    sections: ['missing'],
  },
];

/** Pages and sections, each with its reason, with the seller's decisions laid over. */
export function planShop(known: Known, decided: Decided): Page[] {
  const fixed = pageDefinitions.map((definition) => makePage(definition, definition.kind, known, decided));
  const categories = known.catalogue.categories.map((category) => ({
    ...makePage(
      {
        kind: 'category',
        name: category.name,
        path: `shop/${category.slug}/`,
        inMenu: false,
        inFooter: false,
        listed: true,
        because: `${category.products.length} of your goods are filed under it.`,
        sections: ['listing'],
      },
      category.id,
      known,
      decided,
    ),
    category,
  }));
  const productSections = makeSections(['product', 'related'], 'product', known, decided);
  const products = known.catalogue.products.map((product): Page => ({
    id: product.id,
    kind: 'product',
    name: product.title,
    path: `goods/${product.slug}/`,
    inMenu: false,
    inFooter: false,
    listed: true,
    because: { say: 'It is on your list.', brief: [] },
    sections: productSections,
    product,
  }));
  const after = fixed.findIndex((page) => page.kind === 'shop') + 1;
  return [...fixed.slice(0, after), ...categories, ...products, ...fixed.slice(after)];
}

function makePage(definition: PageDefinition, id: string, known: Known, decided: Decided): Page {
  const { kind, path, inFooter, listed } = definition;
  return {
    id,
    kind,
    name: decided.at(`plan/${id}/name`, z.string()) ?? definition.name,
    path,
    inMenu: decided.at(`plan/${id}/menu`, z.boolean()) ?? definition.inMenu,
    inFooter,
    listed,
    because: { say: definition.because, brief: [] },
    sections: makeSections(definition.sections, id, known, decided),
  };
}

function makeSections(kinds: readonly SectionKind[], pageId: string, known: Known, decided: Decided): Section[] {
  const sections = kinds.flatMap((kind): Section[] => {
    const { because, label, visitorGets, doNext } = sectionDefinition(kind);
    const reason = because(known);
    if (!reason) return [];
    return [
      {
        id: kind,
        kind,
        label,
        because: reason,
        visitorGets,
        doNext,
        hidden: decided.at(`plan/${pageId}/${kind}/hidden`, z.boolean()) ?? false,
      },
    ];
  });
  const order = decided.at(`plan/${pageId}/order`, z.array(z.string()));
  if (!order) return sections;
  const rank = (section: Section) => (order.includes(section.id) ? order.indexOf(section.id) : order.length);
  return sections
    .map((section, i) => ({ section, i }))
    .sort((a, b) => rank(a.section) - rank(b.section) || a.i - b.i)
    .map(({ section }) => section);
}
