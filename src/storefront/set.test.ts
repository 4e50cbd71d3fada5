import naughty from 'big-list-of-naughty-strings/blns.json';
import { Parser } from 'htmlparser2';
import { findingsOf } from '@/core/proof';
import { textPlace } from '@/core/places';
import { contentTexts, hasSigns, kindOfSection, sectionKinds, sectionAbout, textFieldAt } from '@/core/sections';
import { firstView, relativeAddresses, type Shop, type Target } from '@/core/site';
import { placeOfText } from '@/core/writing';
import { withDecisions } from '../../tests/decisions';
import { everything } from '../../tests/sites/everything';
import { nextShop } from '../../tests/workshop';
import { storefront } from './index';

const preview: Target = { kind: 'preview', address: 'https://preview.example/' };
const host: Target = { kind: 'host', address: 'https://shop.example/' };

const pageOf = (shop: Shop, id: string) => {
  const page = shop.pages.find((one) => one.id === id);
  if (!page) throw new Error(`no page ${id}`);
  return page;
};
const drawn = (shop: Shop, id: string, target: Target) => {
  const page = pageOf(shop, id);
  return storefront.page(shop, shop.writer.write(page), firstView, relativeAddresses(shop, page.path, target), target);
};

/** Elements of a page, each with its attributes. */
function elementsOf(page: string): { name: string; attributes: Record<string, string> }[] {
  const found: { name: string; attributes: Record<string, string> }[] = [];
  const parser = new Parser({ onopentag: (name, attributes) => found.push({ name, attributes }) });
  parser.end(page);
  return found;
}

test('wherever a text can be set, it is drawn as it was set', () => {
  const project = withDecisions(everything('quiet', 0), {
    'words/contact/contact/passages/own-1/text': 'Ring twice.',
    'words/delivery/rates/passages/own-1/text': 'Parcels leave on Fridays.',
  });
  const shop = nextShop(project);
  const kinds = new Set<string>();
  const places = new Map<string, string>();
  for (const page of new Map(shop.pages.map((one) => [one.kind, one])).values())
    for (const section of shop.writer.write(page).sections)
      for (const { at } of contentTexts(section.words)) {
        const kind = kindOfSection(section.id);
        if (!kind || !hasSigns(textFieldAt(kind, at.field, at.part))) continue;
        places.set(placeOfText(page, section, at).address, page.id);
        kinds.add(kind);
      }
  const signed = sectionKinds.filter((kind) =>
    Object.values(sectionAbout(kind).fields).some((field) =>
      field.kind === 'text' ? hasSigns(field) : Object.values(field.parts).some(hasSigns),
    ),
  );
  expect(signed.filter((kind) => !kinds.has(kind))).toEqual([]);
  const set = nextShop(
    withDecisions(
      project,
      Object.fromEntries([...places.keys()].map((place) => [place, 'A *soft* and **strong** [word](page/contact)'])),
    ),
  );
  const lost = [...places].filter(([place, page]) => {
    const text = drawn(set, page, preview);
    const from = text.indexOf(`data-place="${place}"`);
    const piece = text.slice(from, from + 600);
    return from < 0 || !/<em>soft<\/em> and <strong>strong<\/strong> <a href="[^"]*contact\/"/.test(piece);
  });
  expect(lost).toEqual([]);
  // What is published carries no trace of how it is written.
  for (const id of new Set(places.values())) expect(drawn(set, id, host)).not.toMatch(/\*\*|\]\(|data-lead/);
  // Nor does what is said of pages to search engines.
  expect(set.pages.map((page) => set.writer.metaOf(page).description).join(' ')).not.toMatch(/\*\*|\]\(/);
});

test('points and steps stand in paragraphs; a text that was made is never read for signs', () => {
  const place = textPlace('home', 'story', { field: 'passages', key: 'own-1', part: 'text' }).address;
  const project = everything('quiet', 0);
  const text = drawn(
    nextShop(withDecisions(project, { [place]: 'We need:\n\n- wool\n- *time*\n\n1. Soak.\n2. Wait.' })),
    'home',
    host,
  );
  expect(text).toContain('<ul class="points"> <li>wool</li><li><em>time</em></li> </ul>');
  expect(text).toContain('<ol class="points"> <li>Soak.</li><li>Wait.</li> </ol>');
  const spoken = nextShop({ ...project, brief: `${project.brief}\n\nWe call it *the* long pot, and it holds 2*3 skeins.` });
  expect(spoken.pages.map(({ id }) => drawn(spoken, id, host)).join('')).not.toContain('<em>the</em>');
});

test('words that lead to a page that goes are a finding, and meanwhile lead nowhere', () => {
  const place = textPlace('home', 'story', { field: 'passages', key: 'own-1', part: 'text' }).address;
  const project = withDecisions(everything('quiet', 0), {
    [place]: 'Read [the journal](page/journal) or [write](mailto:a@b.example).',
  });
  const leadsOf = (shop: Shop) => findingsOf(shop, []).filter(({ check, level }) => check === 'leads' && level !== 'fine');
  expect(leadsOf(nextShop(project))).toEqual([]);
  const gone = nextShop({
    ...project,
    decisions: new Map([...project.decisions].filter(([at]) => !at.startsWith('added/page/'))),
  });
  expect(leadsOf(gone).map(({ say }) => say)).toEqual([
    'Words of a text lead to a page that is not in the shop. Point at them and choose another page, or none.',
  ]);
  expect(drawn(gone, 'home', host)).toContain('Read the journal or <a href="mailto:a@b.example" rel="noopener">write</a>.');
});

// Big List of Naughty Strings, Max Woolf and others (MIT): 461 strings that break what takes them in, half of them injections.
test('no text of a published list of injections becomes anything but words', () => {
  const place = textPlace('home', 'story', { field: 'passages', key: 'own-1', part: 'text' }).address;
  const project = everything('quiet', 0);
  const plain = elementsOf(drawn(nextShop(withDecisions(project, { [place]: 'Plain.' })), 'home', host));
  const count = (of: typeof plain) => {
    const counts = new Map<string, number>();
    for (const { name } of of) counts.set(name, (counts.get(name) ?? 0) + 1);
    return counts;
  };
  const was = count(plain);
  const words = new Set(['em', 'strong', 'a', 'p', 'ul', 'ol', 'li', 'div']);
  for (const text of (naughty as string[]).filter((one) => one.trim())) {
    const page = elementsOf(drawn(nextShop(withDecisions(project, { [place]: text.slice(0, 2000) })), 'home', host));
    const more = [...count(page)].filter(([name, times]) => times !== (was.get(name) ?? 0) && !words.has(name));
    expect([text, more]).toEqual([text, []]);
    const wrong = page.filter(({ attributes }) =>
      Object.entries(attributes).some(
        ([name, value]) => /^on/i.test(name) || (name === 'href' && /^\s*(?:javascript|data|vbscript):/i.test(value)),
      ),
    );
    expect([text, wrong]).toEqual([text, []]);
  }
  expect(naughty.length).toBeGreaterThan(400);
});
