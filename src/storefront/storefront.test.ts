import { importText } from '@/core/goods';
import { newProject } from '@/core/project';
import { firstView, makeShop, relativeAddresses } from '@/core/site';
import { html, jsonIn } from './html';
import { drawPage } from './page';
import { decisionsOf } from '../../tests/decisions';

describe('markup', () => {
  test('shows every value as text', () => {
    expect(html`<p title="${'"><script>'}">${"<b>&'"}</p>`.text).toBe(
      '<p title="&quot;&gt;&lt;script&gt;">&lt;b&gt;&amp;&#39;</p>',
    );
  });
  test('lets markup of its own through, joins lists, leaves out what is not there, and folds the line breaks of its source', () => {
    const items = [1, 2].map((n) => html`<li>${n}</li>`);
    expect(
      html`<ol>
        ${items}${null}${false}
      </ol>`.text,
    ).toBe('<ol> <li>1</li><li>2</li> </ol>');
  });
  test('data in a script element can’t close it', () =>
    expect(jsonIn({ a: '</script><script>' }).text).not.toContain('</script>'));
});

test('markup in a seller’s list and brief is shown, never run', () => {
  const evil = '<img src=x onerror=alert(1)>';
  // A list is read without its markup; what comes by another way, from a project file, is shown as it stands.
  const goods = importText('title,price,category,description,Maker\nSoap,5,Soaps,Told,Ana\n', { brief: 'EUR' });
  if (!goods.ok) throw new Error(goods.say);
  const products = goods.value.products.map((product) => ({
    ...product,
    title: evil,
    categories: [evil],
    description: '</script><script>alert(1)</script>',
    particulars: [{ name: evil, value: evil }],
  }));
  const project = {
    ...newProject('p', 'Shop'),
    brief: `We are ${evil} Evil Shop. We sell ${evil} soap by hand every Tuesday.`,
    goods: { file: '', ...goods.value, products },
  };
  const shop = makeShop(project);
  const target = { kind: 'archive' as const, address: 'https://evil.example/' };
  for (const page of shop.pages) {
    const text = drawPage(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target);
    expect(text).not.toContain('<img src=x');
    expect(text).not.toContain('<script>alert');
  }
});

test('a page writes its links relative, so that the site stands in any folder', () => {
  const shop = makeShop({ ...newProject('p', 'Shop'), brief: 'We sell soap. a@b.example' });
  const target = { kind: 'archive' as const, address: 'https://soap.example/' };
  for (const page of shop.pages.filter((p) => p.path !== '404.html')) {
    const text = drawPage(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target);
    for (const match of text.matchAll(/<a[^>]+href="([^"]+)"/g)) expect(match[1]).toMatch(/^(\.\.?\/|#|mailto:|tel:)/);
  }
});

test('a thing of which the price is not known is said to be nowhere, and its row goes on like the others', () => {
  const goods = importText('title,price,stock\nSoap,from 5,4\nBowl,6,9\n', { brief: 'EUR' });
  if (!goods.ok) throw new Error(goods.say);
  const shop = makeShop({
    ...newProject('p', 'Shop'),
    brief: 'Wash House makes soap in Ghent, Belgium.',
    goods: { file: '', ...goods.value },
    decisions: decisionsOf({ 'look/family': 'board' }),
  });
  const target = { kind: 'archive' as const, address: 'https://wash.example/' };
  const page = shop.pages.find(({ id }) => id === 'shop');
  if (!page) throw new Error('no page of all goods');
  const text = drawPage(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target);
  const rows = text.match(/<li class="good[^]*?<\/li>/g) ?? [];
  const row = (title: string) => rows.find((one) => one.includes(title)) ?? '';
  expect(row('Bowl')).toContain('class="state"');
  expect(row('Soap')).not.toContain('class="state"');
  expect(row('Soap').match(/<span/g)?.length).toBe(row('Bowl').match(/<span/g)?.length);
});
