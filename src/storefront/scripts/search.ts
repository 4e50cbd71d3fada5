import { type SearchEntry } from '@/core/site';
import MiniSearch from 'minisearch';
import { fill } from '@/core/phrases';
import { address, load, loadPhrases, loadRules, make, money, onPaint } from './ports';

/** Search over the goods: by the beginnings of words, with one letter wrong for every five. */
const options = {
  fields: ['title', 'categories', 'about'],
  searchOptions: { prefix: true, fuzzy: 0.2, combineWith: 'AND' as const, boost: { title: 4, categories: 2 } },
};

async function paint(query: string): Promise<void> {
  const [found, results] = [document.querySelector('[data-found]'), document.querySelector('[data-results]')];
  if (!found || !results) return;
  if (!query) {
    found.textContent = '';
    return results.replaceChildren();
  }
  const [entries, rules, phrases] = await Promise.all([load<SearchEntry[]>('data/search.json'), loadRules(), loadPhrases()]);
  const index = new MiniSearch<SearchEntry>(options);
  index.addAll(entries);
  const hits = index
    .search(query)
    .slice(0, 48)
    .flatMap((hit) => entries[hit.id as number] ?? []);
  found.textContent = fill(hits.length ? phrases.found : phrases.foundNothing, { n: hits.length, query });
  results.replaceChildren(
    make(
      'ol',
      { class: 'goods' },
      ...hits.map((hit) =>
        make(
          'li',
          { class: 'good' },
          make(
            'a',
            { href: address(hit.path) },
            make(
              'span',
              { class: 'thumb' },
              hit.picture
                ? make('img', { src: address(hit.picture), alt: '', width: '300', height: '300' })
                : make('span', { class: 'no-picture' }, hit.title.slice(0, 1)),
            ),
            make('span', { class: 'name' }, hit.title),
            make('span', { class: 'note' }, ''),
            make('span', { class: 'price' }, hit.price === null ? '' : money(hit.price, rules)),
          ),
        ),
      ),
    ),
  );
}

document.addEventListener('submit', (event) => {
  if (!(event.target instanceof HTMLFormElement) || !event.target.matches('[data-search]')) return;
  event.preventDefault();
  const query = String(new FormData(event.target).get('q') ?? '').trim();
  if (!globalThis.arcatumFrame) history.replaceState(null, '', `?q=${encodeURIComponent(query)}`);
  void paint(query);
});

onPaint(() => {
  const input = document.querySelector<HTMLInputElement>('[data-search] [name=q]');
  const query = new URLSearchParams(location.search).get('q') ?? '';
  if (!input || input.value) return;
  input.value = query;
  void paint(query);
});
