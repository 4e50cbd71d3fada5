import {
  Decided,
  given,
  givenAway,
  leadsTo,
  outsideLinks,
  parseAt,
  pictureLeadsTo,
  planPlaces,
  set,
  textPlace,
  tillPlaces,
  type Wish,
} from '@/core/places';
import { writeLead, type Lead } from '@/core/lead';
import { hashesOf, startStory, withWishes, type Project } from '@/core/project';
import { findingsOf } from '@/core/proof';
import { pageOut, slipOf } from '@/core/requests';
import { filePath, firstView, relativeAddresses, siteFiles, type Target } from '@/core/site';
import { type HostData } from '@/core/till';
import { everything } from '../../tests/sites/everything';
import { nextShop } from '../../tests/workshop';
import { storefront } from './index';

const host: Target = { kind: 'host', address: 'https://shop.example/' };
const preview: Target = { kind: 'preview', address: 'https://shop.example/' };
const list = { hash: '5e'.repeat(32), name: 'Price list 2026.pdf', size: 1234 };
const film = { hash: 'f1'.repeat(32), name: 'dyeing.mp4', size: 99_000 };
const code = { code: 'MAY 10', kind: 'percent' as const, amount: 1000, least: 0, until: '', from: '', of: { kind: 'all' as const }, uses: null, perBuyer: null, automatic: false, combines: false }; // prettier-ignore

const project = withWishes(everything('quiet', 0), [
  set(givenAway(list.hash), list),
  set(givenAway(film.hash), film),
  set(tillPlaces.ofRules.codes, [code, { ...code, code: 'UNASKED', automatic: true }]),
]);
const shop = nextShop(project);
const [product] = shop.catalogue.products;
const variant = product?.variants.find(({ price }) => price !== null)?.id ?? '';

const drawn = (of: Project, id = 'home', target = host) => {
  const made = nextShop(of);
  const page = made.pages.find((one) => one.id === id);
  if (!page) throw new Error(`no page ${id}`);
  return storefront.page(made, made.writer.write(page), firstView, relativeAddresses(made, page.path, target), target);
};
const button = leadsTo('home', 'opening', 'button');
const leading = (lead: Lead): Project => withWishes(project, [set(button, writeLead(lead))]);
const buttonIn = (html: string) => /<a class="button" ([^>]*)>/.exec(html)?.[1]?.replace(/\s+/g, ' ') ?? '';
const lostIn = (of: Project) =>
  findingsOf(nextShop(of), [])
    .filter(({ check, level }) => check === 'leads' && level === 'mend')
    .map(({ say }) => say);

describe('a button', () => {
  test('puts one thing into the cart: the cart is told what, and where its price is', () => {
    const html = buttonIn(drawn(leading({ kind: 'cart', variant })));
    const query = new URLSearchParams(/href="[^?"]*cart\/\?([^"]*)"/.exec(html)?.[1]?.replace(/&amp;/g, '&'));
    expect(Object.fromEntries(query)).toEqual({ put: variant, from: `goods/${product?.slug ?? ''}/` });
    // In the studio's window nothing is bought.
    expect(buttonIn(drawn(leading({ kind: 'cart', variant }), 'home', preview))).not.toContain('?');
  });

  test('types a code', () => expect(buttonIn(drawn(leading({ kind: 'code', code: 'MAY 10' })))).toContain('cart/?code=MAY+10"'));

  test('gives a file, which goes with the site and with the project', () => {
    const of = leading({ kind: 'file', file: list.hash });
    expect(buttonIn(drawn(of))).toContain('href="./files/5e5e5e5e5e5e/price-list-2026.pdf" download="Price list 2026.pdf"');
    const sent = [...siteFiles(nextShop(of), storefront, host)].filter(({ path }) => path.startsWith('files/'));
    expect(sent).toEqual([list, film].map((file) => ({ path: filePath(file), picture: file.hash })));
    expect(hashesOf(startStory(of, '2026-11-29'))).toEqual(expect.arrayContaining([list.hash, film.hash]));
  });

  test.each<[string, Lead, string]>([
    ['a thing that is gone', { kind: 'cart', variant: 'p-none.one' }, 'a thing that is not in the shop'],
    ['a code that is none', { kind: 'code', code: 'JUNE' }, 'no code of the till'],
    ['a discount that nobody types', { kind: 'code', code: 'UNASKED' }, 'no code of the till'],
    ['a file that is gone', { kind: 'file', file: 'a'.repeat(64) }, 'a file that is not here'],
  ])('that leads to %s is a finding, and leads where it did meanwhile', (_, lead, why) => {
    const of = leading(lead);
    expect(lostIn(of)).toEqual([expect.stringContaining(why)]);
    expect(buttonIn(drawn(of))).toBe(buttonIn(drawn(project)));
  });

  test('to a thing without a price is a finding: nothing is put into a cart that is not sold', () => {
    const unsold = withWishes(leading({ kind: 'cart', variant }), []);
    const goods = {
      ...unsold.goods,
      products: unsold.goods.products.map((one) => ({
        ...one,
        variants: one.variants.map((each) => (each.id === variant ? { ...each, price: null } : each)),
      })),
    };
    expect(lostIn({ ...unsold, goods })).toEqual([expect.stringContaining('not for sale')]);
  });

  test('is offered what it can do, by name', () => {
    const slip = slipOf(shop, project, { kind: 'button', place: textPlace('home', 'opening', { field: 'button' }).address });
    const group = slip?.groups.find(({ kind }) => kind === 'leads-to');
    const labels = group && 'offers' in group ? group.offers.map(({ label }) => label) : [];
    expect(labels).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^Into the cart: /),
        'The code MAY 10',
        'The file Price list 2026.pdf, 2 kB',
      ]),
    );
    expect(labels.join()).not.toContain('UNASKED');
  });
});

describe('what goes', () => {
  const to = writeLead({ kind: 'page', page: 'journal' });
  const wishes: Wish[] = [
    set(button, to),
    set(
      textPlace('home', 'free-text', { field: 'passages', key: 'own-1', part: 'text' }),
      `We write [a letter](${to}) a month, *really*, and \\[more\\] [here](page/about).`,
    ),
  ];
  const led = withWishes(project, wishes);

  test('takes along what leads to it: a button leads where it did, words stay; one step, and undone to the byte', () => {
    const made = nextShop(led);
    const journal = made.pages.find(({ id }) => id === 'journal');
    const out = journal && pageOut(made, new Decided(led.decisions), journal);
    expect(out?.links.map(({ says }) => says)).toEqual([
      expect.stringMatching(/^the button of Opening on /),
      expect.stringMatching(/^“a letter” in .* on /),
    ]);
    const after = withWishes(led, out?.wishes ?? []);
    expect(lostIn(after)).toEqual([]);
    expect(after.decisions.get(button.address)).toBeUndefined();
    expect(after.decisions.get(textPlace('home', 'free-text', { field: 'passages', key: 'own-1', part: 'text' }).address)).toBe(
      'We write a letter a month, *really*, and \\[more\\] [here](page/about).',
    );
    expect(drawn(after)).not.toContain('journal/');
    // Left alone, each of them is a finding.
    expect(lostIn(withWishes(led, out?.wishes.slice(0, 1) ?? []))).toHaveLength(2);
  });

  test('is said before in the slip', () => {
    const slip = slipOf(nextShop(led), led, { kind: 'page', page: 'journal' });
    expect(slip?.groups.find(({ kind }) => kind === 'take-out-page')).toMatchObject({
      as: 'acts',
      say: expect.stringMatching(/^The button of Opening on .* and “a letter” in .* on .* lead here\.$/),
      offers: [{ label: 'Take this page out, and mend 2 links' }],
    });
    expect(slipOf(shop, project, { kind: 'page', page: 'journal' })?.groups.find(({ kind }) => kind === 'take-out-page')).toEqual(
      expect.not.objectContaining({ say: expect.anything() }),
    );
  });
});

describe('a section that waits', () => {
  const folded = withWishes(project, [set(planPlaces.sectionFolded('home', 'questions'), true)]);
  const waits = (of: Project) =>
    findingsOf(nextShop(of), []).filter(({ check, level }) => check === 'folded' && level === 'mend').length;

  test('is seen once something leads to it, without a script; with nothing that does it is a finding', () => {
    expect(drawn(folded)).toMatch(/<section class="[^"]* folded" id="questions"/);
    expect(waits(folded)).toBe(1);
    const opened = withWishes(folded, [set(button, writeLead({ kind: 'section', page: 'home', section: 'questions' }))]);
    expect(waits(opened)).toBe(0);
    expect(buttonIn(drawn(opened))).toContain('#questions"');
    const styles = storefront.styles(shop, relativeAddresses(shop, '', host));
    expect(styles).toContain('.folded:not(:target){display:none!important}');
  });

  test('is never what a page opens with', () => {
    const of = withWishes(project, [{ place: 'plan/home/opening/folded', value: true }]);
    expect(drawn(of)).not.toMatch(/ folded"/);
  });
});

describe('a video', () => {
  const address = textPlace('home', 'video', { field: 'address' });
  const with_ = (text: string) => withWishes(project, [set(address, text)]);
  const section = (html: string) =>
    html.slice(html.indexOf('id="video"'), html.indexOf('</section>', html.indexOf('id="video"')));

  test('of the seller’s own is played by the shop itself', () => {
    const html = section(drawn(with_(writeLead({ kind: 'file', file: film.hash }))));
    expect(html).toMatch(/<video\s+controls\s+playsinline\s+preload="metadata"/);
    expect(html).toContain('<source src="./files/f1f1f1f1f1f1/dyeing.mp4"');
  });

  test('of another host asks for nothing before it is pressed: its frame holds a still and a link', () => {
    const of = with_('<iframe src="https://player.film.example/e/7?a=1&amp;b=2"></iframe><script>x</script>');
    const html = section(drawn(of));
    const frame = /<iframe[^>]*>/.exec(html)?.[0] ?? '';
    expect(frame.replace(/srcdoc="[^"]*"/, '')).not.toMatch(/\ssrc=/);
    expect(frame).toContain('sandbox="allow-scripts allow-same-origin allow-presentation allow-popups"');
    const inside =
      /srcdoc="([^"]*)"/
        .exec(frame)?.[1]
        ?.replace(/&quot;/g, '"')
        .replace(/&lt;/g, '<')
        .replace(/&amp;/g, '&') ?? '';
    expect(inside.match(/https:\/\/[^"]*/g)).toEqual(['https://player.film.example/e/7?a=1&amp;b=2']);
    expect(inside).toMatch(/<a class="still" href="https:\/\/player\.film\.example/);
    expect(html).toContain('comes from player.film.example');
    const data = [...siteFiles(nextShop(of), storefront, host)].find(({ path }) => path === 'data/host.json');
    const told = JSON.parse(data && 'text' in data ? data.text : '{}') as HostData;
    expect(told.frames).toEqual(['https://player.film.example']);
    // In the studio's window nothing of another host is ever loaded.
    expect(section(drawn(of, 'home', preview))).not.toContain('<iframe');
  });

  test('on a page elsewhere is led to', () => {
    const html = section(drawn(with_('https://film.example/dye')));
    expect(html).toContain('href="https://film.example/dye"');
    expect(html).not.toMatch(/<iframe|<video/);
  });
});

test('pictures that were posted elsewhere are the seller’s own, each with its own way', () => {
  const [first] = project.pictures;
  if (!first) throw new Error('The shop has no picture.');
  const names = ['wet tuesday.webp', 'pans.webp'];
  const of = withWishes(project, [
    ...names.map((name, i) => set(given.picture(name), { ...first, name, hash: `${i}c`.repeat(32), says: i ? 'Six pans' : '' })),
    set(planPlaces.sectionPictures('home', 'posted'), names),
    set(pictureLeadsTo('home', 'posted', 'wet tuesday.webp'), 'https://pictures.example/p/1'),
  ]);
  const html = drawn(of);
  const from = html.indexOf('id="posted"');
  const section = html.slice(from, html.indexOf('</section>', from)).replace(/\s+/g, ' ');
  // A picture without a description is named by where it leads.
  expect(section).toMatch(
    /<a href="https:\/\/pictures\.example\/p\/1" rel="noopener" aria-label="pictures\.example\/p\/1"\s*><img [^>]*0c0c/,
  );
  expect(section).toMatch(/<li>\s*<img [^>]*1c1c[^>]* alt="Six pans"/);
  expect(section).not.toContain('aria-hidden');
  const slip = slipOf(nextShop(of), of, { kind: 'own-picture', page: 'home', section: 'posted', name: 'wet tuesday.webp' });
  expect(slip?.groups.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['leads-to', 'leads-outside']));
});

test('the pin of a map stands where the seller says, and programs for maps can open it', () => {
  const pinned = withWishes(project, [set(planPlaces.mapPin('home', 'map'), { latitude: 58.97, longitude: -3.3 })]);
  const html = drawn(pinned);
  expect(html).toContain('href="geo:58.97,-3.3"');
  expect(html).toContain('58.97, -3.3');
  expect(html).toMatch(new RegExp(`class="own"[^>]*>\\s*${nextShop(pinned).name}`));
  expect(drawn(project)).not.toContain('geo:');
});

describe('ways out of the shop', () => {
  const out = outsideLinks.address('link');
  const led = withWishes(project, [set(out, 'https://pictures.example/tarnwick/')]);
  const footOf = (html: string) => html.slice(html.indexOf('<footer'));
  const topOf = (html: string) => html.slice(html.indexOf('<header'), html.indexOf('</header>'));

  test('stand in the footer under the name of where they lead, until they are named and put elsewhere', () => {
    expect(footOf(drawn(led))).toMatch(
      /href="https:\/\/pictures\.example\/tarnwick\/" rel="noopener"[^>]*>\s*pictures\.example\/tarnwick\s*</,
    );
    expect(topOf(drawn(led))).not.toContain('pictures.example');
    const both = withWishes(led, [set(outsideLinks.label('link'), 'Our pictures'), set(outsideLinks.where('link'), 'both')]);
    for (const part of [topOf, footOf]) expect(part(drawn(both))).toMatch(/>\s*Our pictures\s*</);
    expect(topOf(drawn(both, 'about'))).toContain('Our pictures');
  });

  test('are added in the slip of what they stand in, one after another, and taken out as a whole', () => {
    const more = slipOf(nextShop(led), led, { kind: 'footer' })?.groups.find(({ kind }) => kind === 'link-more');
    expect(more?.as === 'fields' && more.fields[0]?.place).toBe('links/link-2/address');
    const slip = slipOf(nextShop(led), led, { kind: 'outside-link', link: 'link' });
    const act = slip?.groups.find(({ kind }) => kind === 'link-out');
    const after = withWishes(led, act?.as === 'acts' ? (act.offers[0]?.wishes ?? []) : []);
    expect(drawn(after)).toBe(drawn(project));
    expect(slipOf(nextShop(after), after, { kind: 'outside-link', link: 'link' })).toBeNull();
  });

  test.each(['javascript:alert(1)', 'page/about', 'data:text/html,x', ''])('“%s” is none', (word) =>
    expect(parseAt(out.address, word).ok).toBe(false),
  );
});

test('the still of a video is what plays: where its picture was led elsewhere before, no link stands in a link', () => {
  const [first] = project.pictures;
  const still = { ...first, name: 'still.webp', hash: '7c'.repeat(32) } as (typeof project.pictures)[number];
  const html = drawn(
    withWishes(project, [
      set(given.picture(still.name), still),
      set(planPlaces.sectionPictures('home', 'video'), [still.name]),
      set(pictureLeadsTo('home', 'video', still.name), 'https://film.example/dye'),
      set(textPlace('home', 'video', { field: 'address' }), '<iframe src="https://player.film.example/e/7"></iframe>'),
    ]),
  );
  const inside = /srcdoc="([^"]*)"/.exec(html)?.[1] ?? '';
  expect(inside).toContain('7c7c7c');
  expect(inside.match(/&lt;a /g)).toHaveLength(1);
});
