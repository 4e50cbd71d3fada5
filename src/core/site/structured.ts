import { plainProse } from '../prose';
import { isForSale, shelfOf, variantTitle } from '../goods';
import { type Page } from '../plan';
import { type Product, type Variant } from '../project';
import { decimal } from '../till';
import { type Shop } from './shop';

type Thing = Record<string, unknown> & { '@type': string };

/** schema.org/ItemAvailability of a variant. */
const availability = (variant: Variant): string =>
  variant.stock === 0 ? 'https://schema.org/OutOfStock' : 'https://schema.org/InStock';

/** Structured data of a page in the vocabulary of schema.org. */
export function structuredData(
  shop: Shop,
  page: Page,
  addresses: { page: (path: string) => string; picture: (name: string) => string | null },
): Record<string, unknown> | null {
  const url = addresses.page(page.path);
  if (page.product)
    return {
      '@context': 'https://schema.org',
      '@graph': [productThing(shop, page.product, url, addresses.picture), crumbs(shop, page, addresses.page)],
    };
  if (page.kind === 'home')
    return { '@context': 'https://schema.org', ...organisation(shop, addresses.page(''), addresses.picture) };
  if (page.category) return { '@context': 'https://schema.org', ...crumbs(shop, page, addresses.page) };
  return null;
}

function organisation(shop: Shop, url: string, picture: (name: string) => string | null): Thing {
  const { email, phone, place } = shop.reading;
  const logo = shop.mark.logo ? picture(shop.mark.logo) : null;
  return {
    '@type': 'OnlineStore',
    name: shop.name,
    url,
    ...(logo ? { logo } : {}),
    ...(email ? { email: email.value } : {}),
    ...(phone ? { telephone: phone.value } : {}),
    ...(place
      ? {
          address: {
            '@type': 'PostalAddress',
            addressLocality: place.value,
            ...(shop.rules.country ? { addressCountry: shop.rules.country } : {}),
          },
        }
      : {}),
  };
}

function productThing(shop: Shop, product: Product, url: string, picture: (name: string) => string | null): Thing {
  const { currency, digits } = shop.rules;
  const offer = (variant: Variant & { price: number }): Thing => ({
    '@type': 'Offer',
    ...(product.variants.length > 1 ? { name: variantTitle(product, variant) } : {}),
    ...(variant.sku ? { sku: variant.sku } : {}),
    price: decimal(variant.price, digits),
    priceCurrency: currency,
    availability: availability(variant),
    url,
  });
  const offers = product.variants.filter(isForSale).map(offer);
  const images = product.pictures.map(picture).filter((src) => src !== null);
  return {
    '@type': 'Product',
    name: product.title,
    url,
    ...(product.description ? { description: plainProse(product.description) } : {}),
    ...(images.length ? { image: images } : {}),
    ...(product.variants.length === 1 && product.variants[0]?.sku ? { sku: product.variants[0].sku } : {}),
    ...(offers.length ? { offers: product.variants.length === 1 ? offers[0] : offers } : {}),
  };
}

function crumbs(shop: Shop, page: Page, address: (path: string) => string): Thing {
  const category = page.category ?? shelfOf(shop.catalogue, page.product);
  const trail = [
    { name: shop.name, path: '' },
    ...[category?.parent, category].flatMap((shelf) => (shelf ? [{ name: shelf.name, path: `shop/${shelf.slug}/` }] : [])),
    ...(page.product ? [{ name: page.name, path: page.path }] : []),
  ];
  return {
    '@type': 'BreadcrumbList',
    itemListElement: trail.map(({ name, path }, i) => ({ '@type': 'ListItem', position: i + 1, name, item: address(path) })),
  };
}
