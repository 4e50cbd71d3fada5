import { moodOf, type Reading } from '../brief';
import { type SectionAbout } from './kind';

type Spoken = Pick<SectionAbout, 'headings' | 'loud'>;

const asks = (phrase: string): string => phrase.replace(/ \?$/, '?');

/** All headings of a kind in the person of the shop, the usual one first. */
export function headingsOf({ headings = [] }: Spoken, { reading }: { reading: Reading }): string[] {
  const single = reading.person === 'I';
  const turned = (phrase: string) =>
    phrase
      .replace(/\{I\} \{am\}/g, single ? 'I am' : 'we are')
      .replace(/\{I\}/g, single ? 'I' : 'we')
      .replace(/\{me\}/g, single ? 'me' : 'us')
      .replace(/\{my\}/g, single ? 'my' : 'our');
  return headings.map(turned).map(asks);
}

/** The heading that stands there unless the seller takes another: short where the shop is to be loud. */
export function headingOf(about: Spoken, known: { reading: Reading }): string {
  const isLoud = moodOf(known.reading.tone.map((fact) => fact.value)).loud > 0.4;
  return (isLoud ? about.loud : undefined) ?? headingsOf(about, known)[0] ?? '';
}
