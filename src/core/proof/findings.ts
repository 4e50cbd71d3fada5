import { brokenBan, toldPlace } from '../brief';
import { isForSale, priceRange } from '../goods';
import { contrastPairs } from '../look';
import { enoughPixels, missingPictures } from '../pictures';
import { type Problem, type Product } from '../goods/about';
import { followings } from '../till';
import { sayNow } from '../places';
import { ownerOf, type Page } from '../plan';
import { type Lead } from '../lead';
import { whyLost, type Shop } from '../site';
import { type Finding, type Station } from './finding';
import { contentTexts, suits, textFieldAt, wordCount } from '../sections';
import { capitalised, numberWords, readingEase, stockIn } from '../words';

/** One kind of thing that is looked at. To add one, write it and put it on the list. */
export interface Check {
  id: string;
  station: Station;
  /** What is said when nothing is wrong. */
  fine: string;
  /** Sentences on what is wrong; none where all is well. */
  look: (shop: Shop, problems: readonly Problem[]) => { level: 'mend' | 'todo'; say: string }[];
}

const mend = (say: string) => ({ level: 'mend' as const, say });
const todo = (say: string) => ({ level: 'todo' as const, say });
const some = (names: readonly string[]) =>
  names.slice(0, 3).join(', ') + (names.length > 3 ? ` and ${names.length - 3} more` : '');

export const checks: readonly Check[] = [
  {
    id: 'name',
    station: 'brief',
    fine: 'The shop has a name.',
    look: (shop) => (shop.reading.name ? [] : [mend('The brief gives no name. Write what the shop is called.')]),
  },
  {
    id: 'email',
    station: 'brief',
    fine: 'Buyers can write to you.',
    look: (shop) =>
      shop.reading.email ? [] : [mend('The brief gives no e-mail address. Buyers, and the law in most countries, want one.')],
  },
  {
    id: 'place',
    station: 'brief',
    fine: 'The shop says where it is.',
    look: (shop) =>
      toldPlace(shop.reading) ? [] : [todo('The brief does not surely say where you are. Strangers trust a place.')],
  },
  {
    id: 'headline',
    station: 'brief',
    fine: 'The headline is a sentence of yours.',
    look: (shop) =>
      shop.writer.harvest.headline
        ? []
        : [
            todo(
              'No sentence of the brief is short enough for a headline. Write one of three to ten words that only you could say.',
            ),
          ],
  },
  {
    id: 'story',
    station: 'brief',
    fine: 'The brief holds enough to tell who you are.',
    look: (shop) =>
      shop.writer.harvest.story.length + shop.writer.harvest.about.length >= 2
        ? []
        : [todo('The brief says little of who you are. Two sentences on how it began fill the “About” page.')],
  },
  {
    id: 'goods',
    station: 'goods',
    fine: 'There are goods to sell.',
    look: (shop) => (shop.catalogue.products.length ? [] : [mend('There are no goods yet. Bring in a list.')]),
  },
  {
    id: 'leads',
    station: 'plan',
    fine: 'Buttons and links lead where you want them to.',
    look: (shop) => {
      const { leads, textLeads, writer } = shop;
      const lost = (of: Iterable<Lead>) => [
        ...new Set([...of].flatMap((lead) => whyLost(lead, shop, (page) => writer.hasContent(page)) ?? [])),
      ];
      return [
        ...lost(leads.values()).map((why) => mend(`A button or a link leads ${why}. Point at it and choose where it leads.`)),
        ...lost(textLeads).map((why) => mend(`Words of a text lead ${why}. Point at them and choose another page, or none.`)),
      ];
    },
  },
  {
    id: 'folded',
    station: 'plan',
    fine: 'Whatever waits for a button has one.',
    look: ({ pages, leads, textLeads }) => {
      const opened = new Set(
        [...leads.values(), ...textLeads].flatMap((lead) => (lead.kind === 'section' ? [`${lead.page}/${lead.section}`] : [])),
      );
      const waiting = new Map(
        pages.flatMap((page) =>
          page.sections.flatMap(({ id, label, folded, hidden }) =>
            folded && !hidden && !opened.has(`${ownerOf(page)}/${id}`)
              ? [[`${ownerOf(page)}/${id}`, { page, label }] as const]
              : [],
          ),
        ),
      );
      return [...waiting.values()].map(({ page, label }) =>
        mend(`“${label}” on “${page.name}” waits for a button, and none leads to it. Have one lead there, or show it at once.`),
      );
    },
  },
  {
    id: 'shown-pictures',
    station: 'plan',
    fine: 'Every picture that you put into a section is there.',
    look: ({ pages, pictures, itemPictures }) =>
      pages.flatMap((page) =>
        page.sections.flatMap((section) => {
          const beside = [...itemPictures].flatMap(([at, name]) =>
            at.startsWith(`${ownerOf(page)}/${section.id}/`) ? [name] : [],
          );
          const gone = [...section.pictures, ...beside].filter((name) => !pictures.has(name.toLowerCase()));
          return gone.length
            ? [
                mend(
                  `“${section.label}” on “${page.name}” is to show ${gone.map((name) => `“${name}”`).join(', ')}, which is not in the shop any more. Point at the section and choose another picture.`,
                ),
              ]
            : [];
        }),
      ),
  },
  {
    id: 'rows',
    station: 'goods',
    fine: 'Every row of the list is in the shop.',
    look: (_, problems) => {
      const left = problems.filter((problem) => problem.kind === 'left-out');
      return left.length
        ? [
            todo(
              `${left.length} ${left.length === 1 ? 'row' : 'rows'} of the list could not be used, the first in row ${left[0]?.row ?? 0}.`,
            ),
          ]
        : [];
    },
  },
  {
    id: 'unsold',
    station: 'goods',
    fine: 'Price and stock of everything are known, so all of it is sold.',
    look: (shop) => {
      if (shop.catalogue.products.length && !shop.moneyKnown)
        return [mend('Nothing says what money the prices are in, so nothing is sold. Name the currency in the brief.')];
      const isMissing = (product: Product, what: 'file' | 'rhythm') => product.variants.some(({ asks }) => asks.includes(what));
      const shown = shop.catalogue.products.filter(({ variants }) => !variants.every(isForSale));
      const files = shown.filter((product) => isMissing(product, 'file')).map(({ title }) => title);
      const rhythms = shown.filter((product) => isMissing(product, 'rhythm')).map(({ title }) => title);
      const others = shown
        .filter((product) => !isMissing(product, 'file') && !isMissing(product, 'rhythm'))
        .map(({ title }) => title);
      return [
        ...(files.length ? [mend(`${some(files)}: shown, and not sold until the file that buyers get is there.`)] : []),
        ...(rhythms.length ? [mend(`${some(rhythms)}: shown, and not sold until you say how often it comes.`)] : []),
        ...(others.length ? [mend(`${some(others)}: shown, and not sold until price and stock are known.`)] : []),
      ];
    },
  },
  {
    id: 'forbidden',
    station: 'goods',
    fine: 'The list says nothing that your brief forbids to say.',
    look: ({ catalogue, reading: { bans } }) =>
      bans.flatMap((ban) => {
        const say = catalogue.products.filter(({ title, description }) => brokenBan(`${title}. ${description}`, [ban]));
        return say.length
          ? [
              mend(
                `Your brief doesn’t want “${ban.text}” to be said; the list says it of ${some(say.map(({ title }) => title))}.`,
              ),
            ]
          : [];
      }),
  },
  {
    id: 'free',
    station: 'goods',
    fine: 'Nothing is given away by mistake.',
    look: (shop) => {
      const free = shop.catalogue.products.filter((product) => priceRange(product)?.low === 0).map((product) => product.title);
      return free.length ? [todo(`${some(free)}: the price is nothing. Is that meant?`)] : [];
    },
  },
  {
    id: 'pictures',
    station: 'goods',
    fine: 'Every product has a picture.',
    look: (shop) => {
      const missing = missingPictures(shop.catalogue.products, new Set(shop.pictures.keys()));
      const shown = new Set(
        shop.catalogue.products
          .flatMap(({ pictures, variants }) => [...pictures, ...variants.flatMap(({ picture }) => picture ?? [])])
          .map((name) => name.toLowerCase()),
      );
      if (shop.opening) shown.add(shop.opening.name.toLowerCase());
      const small = [...shop.pictures.values()]
        .filter(({ name, type, width }) => shown.has(name.toLowerCase()) && type !== 'image/svg+xml' && width < enoughPixels)
        .map(({ name, width, height }) => `${name} (${width} × ${height})`);
      const logo = shop.mark.logo?.toLowerCase();
      const alone = [...shop.pictures.values()]
        .map(({ name }) => name)
        .filter((name) => !shown.has(name.toLowerCase()) && name.toLowerCase() !== logo);
      const bare = shop.catalogue.products.filter((product) => product.pictures.length === 0).map((product) => product.title);
      return [
        ...(missing.length
          ? [
              todo(
                `${missing.length} ${missing.length === 1 ? 'picture is' : 'pictures are'} named in the list and not here: ${some(missing.map((m) => m.name))}. Add the ${missing.length === 1 ? 'file' : 'files'}.`,
              ),
            ]
          : []),
        ...(small.length
          ? [
              todo(
                `${some(small)}: fewer than ${enoughPixels} pixels across, so ${small.length === 1 ? 'it blurs' : 'they blur'} where ${small.length === 1 ? 'it stands' : 'they stand'} large.`,
              ),
            ]
          : []),
        ...(alone.length
          ? [
              todo(
                `${alone.length === 1 ? 'One picture belongs' : `${alone.length} pictures belong`} to nothing yet: ${some(alone)}.`,
              ),
            ]
          : []),
        ...(bare.length
          ? [todo(`${bare.length} ${bare.length === 1 ? 'product has' : 'products have'} no picture: ${some(bare)}.`)]
          : []),
      ];
    },
  },
  {
    id: 'descriptions',
    station: 'goods',
    fine: 'Every product says something of itself.',
    look: (shop) => {
      const silent = shop.catalogue.products.filter((product) => !product.description.trim()).map((product) => product.title);
      return silent.length
        ? [todo(`${silent.length} ${silent.length === 1 ? 'product has' : 'products have'} no description: ${some(silent)}.`)]
        : [];
    },
  },
  {
    id: 'country',
    station: 'till',
    fine: 'The till knows your country.',
    look: (shop) =>
      shop.rules.country ? [] : [mend('The till does not know your country. Choose it, so that tax and delivery are right.')],
  },
  {
    id: 'tax',
    station: 'till',
    fine: 'Tax is set.',
    look: (shop) =>
      shop.rules.taxes ? [] : [mend('No tax rates are set, so none is shown. Set them, or set all to zero if you charge none.')],
  },
  {
    id: 'delivery',
    station: 'till',
    fine: 'There is a delivery rate for every buyer.',
    look: (shop) =>
      shop.catalogue.products.every((product) => !followings[product.kind].travels) ||
      shop.rules.zones.some((zone) => zone.rates.length)
        ? []
        : [mend('No delivery rate is set, so nobody can order a parcel. Set at least one.')],
  },
  {
    id: 'invoices',
    station: 'till',
    fine: 'Each order gets its invoice.',
    look: ({ rules }) =>
      rules.invoices && (rules.taxes || rules.tax.small)
        ? []
        : [todo('No invoices are issued. Say at “Till” who issues them and what tax is charged.')],
  },
  {
    id: 'returns',
    station: 'till',
    fine: 'Returns are set.',
    look: (shop) => (shop.rules.returnsDays === null ? [todo('Say within how many days goods may be sent back.')] : []),
  },
  {
    id: 'contrast',
    station: 'look',
    fine: 'All text can be read on its ground.',
    look: (shop) =>
      contrastPairs(shop.look.palette)
        .filter((pair) => pair.ratio < pair.least)
        .map((pair) =>
          mend(`“${pair.text}” on “${pair.on}” has a contrast of ${pair.ratio.toFixed(1)}; ${pair.least} is the least.`),
        ),
  },
  {
    id: 'titles',
    station: 'plan',
    fine: 'Every page has a title of its own for search.',
    look: (shop) => {
      const seen = new Map<string, string>();
      const twice: string[] = [];
      for (const page of shop.pages.filter((candidate) => candidate.listed)) {
        const { title } = shop.writer.metaOf(page);
        if (seen.has(title)) twice.push(page.name);
        seen.set(title, page.name);
      }
      return twice.length ? [todo(`Some pages share a title for search: ${some(twice)}. Give them different names.`)] : [];
    },
  },
  {
    id: 'unsure',
    station: 'brief',
    fine: 'You have said of each sentence whether it may be printed.',
    look: ({ reading: { unsure } }) =>
      unsure.length
        ? [
            todo(
              unsure.length === 1
                ? 'One sentence of your brief could be printed: say whether it may.'
                : `${capitalised(numberWords(unsure.length))} sentences of your brief could be printed: say which may.`,
            ),
          ]
        : [],
  },
  {
    id: 'doubts',
    station: 'brief',
    fine: 'The brief does not contradict itself.',
    look: (shop) => shop.reading.doubts.map((doubt) => todo(doubt.say)),
  },
  {
    id: 'waiting',
    station: 'plan',
    fine: 'No section waits for your words.',
    look: (shop) =>
      shop.pages
        .filter((page) => page.kind !== 'product' && page.kind !== 'category')
        .flatMap((page) =>
          shop.writer
            .write(page)
            .sections.filter((section) => !section.filled)
            .map((section) => todo(`${section.label} on ${page.name} waits for your words and is not published.`)),
        ),
  },
  {
    id: 'phrases',
    station: 'brief',
    fine: 'Nothing on the home page could stand on any shop.',
    look: (shop) => {
      const [home] = shop.pages;
      const texts = home ? shop.writer.write(home).sections.flatMap((section) => contentTexts(section.words)) : [];
      return texts.flatMap(({ text }) =>
        stockIn(text.text).map((phrase) => todo(`“${phrase}” on the home page says nothing that another shop couldn’t say.`)),
      );
    },
  },
  {
    id: 'repeats',
    station: 'plan',
    fine: 'Nothing is said twice.',
    look: (shop) => {
      const seen = new Map<string, Page>();
      const twice: string[] = [];
      for (const page of shop.pages.filter((one) => one.kind !== 'product' && one.kind !== 'category' && one.listed))
        for (const section of shop.writer.write(page).sections)
          for (const { text } of contentTexts(section.words)) {
            const key = text.text.toLowerCase();
            if (text.rank !== 1 || key.split(' ').length < 4) continue;
            const other = seen.get(key);
            // The page about the shop tells all of it in order, also what the front page says.
            const isRetold = other !== undefined && other.id !== page.id && (other.kind === 'about' || page.kind === 'about');
            if (other && !isRetold) twice.push(`“${text.text}” (${other.name} and ${page.name})`);
            seen.set(key, page);
          }
      return twice.length ? [todo(`Said twice: ${some(twice)}.`)] : [];
    },
  },
  {
    id: 'lengths',
    station: 'plan',
    fine: 'Every text has a length that suits its place.',
    look: (shop) => {
      const long = shop.pages
        .filter((page) => page.kind !== 'product')
        .flatMap((page) =>
          shop.writer.write(page).sections.flatMap((section) =>
            contentTexts(section.words).flatMap(({ at, text }) => {
              const field = textFieldAt(section.kind, at.field, at.part);
              // What comes from the list or the till is as long as it is.
              if (!field || !text.text || text.rank !== 1 || suits(field, text.text)) return [];
              return [
                `${section.label} on ${page.name} has ${wordCount(text.text)} words where ${field.words.join(' to ')} suit`,
              ];
            }),
          ),
        );
      return long.length ? [todo(`${some(long)}.`)] : [];
    },
  },
  {
    id: 'ease',
    station: 'brief',
    fine: 'The home page reads easily.',
    look: (shop) => {
      const [home] = shop.pages;
      const own = home
        ? shop.writer
            .write(home)
            .sections.flatMap((section) =>
              contentTexts(section.words).filter(({ text }) => text.rank < 3 && /[.!?]$/.test(text.text)),
            )
        : [];
      const ease = readingEase(own.map(({ text }) => text.text).join(' '));
      return ease.words > 40 && ease.score < 45
        ? [todo(`The home page reads at ${Math.round(ease.score)} of 100 (Flesch), which is hard. Shorter sentences help.`)]
        : [];
    },
  },
  {
    id: 'set-aside',
    station: 'plan',
    fine: 'Every decision of yours has its place.',
    look: (shop) =>
      shop.setAside.length
        ? [
            todo(
              `${shop.setAside.length} of your decisions point at something that is gone. They are kept: ${some(shop.setAside.map(({ place, value }) => sayNow(place, value)))}.`,
            ),
          ]
        : [],
  },
];

/** Looks at everything, worst first. */
export function findingsOf(shop: Shop, problems: readonly Problem[]): Finding[] {
  const rank = { mend: 0, todo: 1, fine: 2 };
  return checks
    .flatMap((check): Finding[] => {
      const wrong = check.look(shop, problems);
      return wrong.length
        ? wrong.map((finding) => ({ ...finding, check: check.id, station: check.station }))
        : [{ check: check.id, level: 'fine', say: check.fine, station: check.station }];
    })
    .sort((a, b) => rank[a.level] - rank[b.level]);
}
