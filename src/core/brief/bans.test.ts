import { readBrief } from './index';

const bansIn = (text: string) => readBrief(text).bans.map((ban) => ban.text);
const printed = (text: string) => readBrief(text).told.filter((one) => one.print > 0.06);

const shop = 'We are Ferry Lane Soaps. We boil soap in Cork from rapeseed oil. ';

describe('what the seller doesn’t want to be said', () => {
  test.each([
    ['Please never say that our soap is vegan.', ['our soap is vegan']],
    ['Please don’t use the words “eco-friendly” or “natural” on the site.', ['eco-friendly', 'natural']],
    ['It should not be written on the website that it heals eczema.', []],
    ['On the website, don’t write that it heals eczema or rashes.', ['it heals eczema', 'rashes']],
    ['The website should be calm and quiet, please.', []],
  ])('%s', (ban, wanted) => expect(bansIn(shop + ban)).toEqual(wanted));

  test('a sentence that says it is not printed, nor asked about', () => {
    const named = 'The oil comes from the Dunleavy farm above the village. ';
    expect(printed(shop + named).some(({ text }) => /Dunleavy/.test(text))).toBe(true);
    const told = printed(`${shop}${named}Please never mention Dunleavy on the website.`);
    expect(told.some(({ text }) => /Dunleavy/.test(text))).toBe(false);
    expect(told.some(({ text }) => /rapeseed/.test(text))).toBe(true);
  });

  test('words that must stand together forbid neither alone', () => {
    const told = printed(`${shop}The oil is pressed twice. Never say that our oil is pressed cold, please, on the website.`);
    expect(told.some(({ text }) => /pressed twice/.test(text))).toBe(true);
  });
});
