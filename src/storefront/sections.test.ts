import { HtmlValidate } from 'html-validate';
import { families } from '@/core/look';
import { corrections, set } from '@/core/places';
import { withWishes } from '@/core/project';
import { sectionAbout, sectionLibrary } from '@/core/sections';
import { firstView, makeShop, relativeAddresses, type Target } from '@/core/site';
import { everything } from '../../tests/sites/everything';
import { storefront } from './index';

const published: Target = { kind: 'host', address: 'https://shop.example/' };
const preview: Target = { kind: 'preview', address: 'https://preview.example/' };

const validator = new HtmlValidate({
  extends: ['html-validate:standard'],
  rules: { 'no-inline-style': 'error', 'long-title': 'off', 'no-trailing-whitespace': 'off', 'void-style': 'off' },
});

function home(family: string, arrangement: 0 | 1, target: Target, filled = true): string {
  const shop = makeShop(everything(family, arrangement, filled));
  const [page] = shop.pages;
  if (!page) throw new Error('no home');
  return storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, '', target), target);
}

describe.each(families.map((family) => family.id))('family %s', (family) => {
  test.each([0, 1] as const)('draws every section of the library in arrangement %i as valid markup', async (arrangement) => {
    const text = home(family, arrangement, published);
    for (const { kind } of sectionLibrary) {
      const as = sectionAbout(kind).arrangements[arrangement]?.id;
      // One thing to buy is drawn for the first of the list.
      expect([kind, new RegExp(`class="(?:part )?${kind} as-${as}" id="${kind}"`).test(text)]).toEqual([kind, true]);
    }
    const report = await validator.validateString(text);
    expect(
      report.results.flatMap((result) =>
        result.messages.map((message) => `${message.ruleId} ${message.message} ${message.line}`),
      ),
    ).toEqual([]);
    expect(text.match(/<h1[ >]/g)).toHaveLength(1);
  });
});

test('an empty place is shown to the seller and never published', () => {
  expect(home('ledger', 0, preview, false)).toContain('class="ask"');
  const text = home('ledger', 0, published, false);
  expect(text).not.toContain('class="ask"');
  for (const { kind, fields } of sectionLibrary) {
    const texts = Object.values(fields).flatMap((field) => (field.kind === 'text' ? [field] : Object.values(field.parts)));
    for (const { ask } of texts) if (ask) expect([kind, text.includes(ask)]).toEqual([kind, false]);
  }
  expect(text).not.toContain('id="video"');
});

test('markup from outside stays in a frame without scripts, whatever it holds', () => {
  const text = home('quiet', 0, published);
  expect(text).toContain('<iframe sandbox=""');
  expect(text).toContain('srcdoc="&lt;b&gt;Fair days&lt;/b&gt;&lt;script&gt;');
  expect(text).not.toContain('<script>alert');
});

test('the map names towns around the place, and has a bar for its scale', () => {
  const text = home('ledger', 0, published);
  // Tarnwick is invented: there is no sketch of it.
  expect(text).not.toContain('class="sketch"');
  const project = everything('ledger', 0);
  const shop = makeShop(withWishes(project, [set(corrections.place, 'Graz, Austria')]));
  const [page] = shop.pages;
  if (!page) throw new Error('no home');
  const drawn = storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, '', published), published);
  expect(drawn).toMatch(/aria-label="Graz, seen from [^"]+"/);
  expect(drawn).toMatch(/>\d+ km</);
});
