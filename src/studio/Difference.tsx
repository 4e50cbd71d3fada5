import { css } from 'styled-components';
import { type ShopDifference } from '@/core/site';
import { tokens } from './theme';

const list = (names: readonly string[]): string =>
  names.slice(0, 5).join(', ') + (names.length > 5 ? ` and ${names.length - 5} more` : '');

/** What is gone and what is new, wherever two shops are compared in words. */
export const differenceStyle = css`
  ul {
    display: grid;
    gap: 4px;
  }
  del {
    color: ${tokens.soft};
  }
  ins {
    text-decoration: none;
    background: ${tokens.verdigrisPale};
  }
`;

/** Whether two shops read and look alike. */
export const isNone = ({ reading, opens, closes, texts, look }: ShopDifference): boolean =>
  !reading.length && !opens.length && !closes.length && !texts.count && !look.length;

/** What two shops differ in, as the items of a list. */
export function DifferenceItems({ difference }: { difference: ShopDifference }) {
  return (
    <>
      {difference.reading.map(({ label, before, after }) => (
        <li key={label}>
          {label}: {before ? <del>{before}</del> : null} {after ? <ins>{after}</ins> : 'not given any more'}
        </li>
      ))}
      {difference.pagesGained.length ? <li>New pages: {list(difference.pagesGained)}.</li> : null}
      {difference.pagesLost.length ? <li>Pages that go: {list(difference.pagesLost)}.</li> : null}
      {difference.opens.length ? <li>New: {list(difference.opens)}.</li> : null}
      {difference.closes.length ? <li>Goes: {list(difference.closes)}.</li> : null}
      {difference.look.length ? <li>The look changes: {difference.look.join(', ')}.</li> : null}
      {difference.texts.count ? (
        <li>
          {difference.texts.count === 1 ? 'One text changes' : `${difference.texts.count} texts change`}:
          {difference.texts.examples.map((example) => (
            <p key={example.where + example.after}>
              <small>{example.where}:</small> <del>{example.before}</del> <ins>{example.after}</ins>
            </p>
          ))}
        </li>
      ) : null}
    </>
  );
}
