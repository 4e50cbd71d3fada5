'use client';

import styled from 'styled-components';
import { type OutlinePage, type OutlineSection } from '@/workers/protocol';
import { sourceLine } from '../because';
import { Head, Notice, Row, SheetBody, Soft, TextButton } from '../parts';
import { tokens } from '../theme';
import { type StationProps } from './station';

const Pages = styled.ol`
  border-top: 1px solid ${tokens.ink};
  > li {
    border-bottom: 1px solid ${tokens.line};
  }
  summary {
    padding: 9px 0;
    cursor: pointer;
    display: flex;
    gap: 10px;
    align-items: baseline;
    h2 {
      flex: 1;
    }
  }
  summary::before {
    content: '+';
    width: 12px;
    color: ${tokens.verdigris};
    font-weight: 600;
  }
  details[open] > summary::before {
    content: '–';
  }
  .inside {
    padding: 0 0 14px 22px;
    display: grid;
    gap: 12px;
  }
`;

const Strip = styled.article<{ $off: boolean }>`
  border-left: 4px solid ${({ $off }) => ($off ? tokens.line : tokens.verdigris)};
  padding: 2px 0 2px 12px;
  display: grid;
  gap: 3px;
  h3 {
    color: ${({ $off }) => ($off ? tokens.soft : tokens.ink)};
  }
  dl {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 2px 10px;
    font-size: 13.5px;
  }
  dt {
    color: ${tokens.soft};
  }
  blockquote {
    margin: 4px 0 0;
    font-size: 13.5px;
    color: ${tokens.soft};
  }
  blockquote b {
    font-weight: 500;
    color: ${tokens.ink};
    display: block;
  }
`;

/** The outline: every page with its sections, why each is there, and what it says. */
export function PlanStation({ state, shop, goTo, path }: StationProps) {
  const { summary } = shop;
  if (!summary) return <SheetBody role="status">Making the plan …</SheetBody>;
  const { setAside } = summary;
  return (
    <SheetBody>
      <Head title="Plan">Every page and section, and why it is there.</Head>
      {setAside.length ? (
        <Notice>
          {setAside.length} of your decisions point at something that is gone. They are kept, and come back with it:{' '}
          {setAside.slice(0, 4).join(', ')}
        </Notice>
      ) : null}
      <Pages>
        {summary.outline.map((page) => (
          <li key={page.id}>
            <details open={page.path === path}>
              <summary
                onClick={(event) => {
                  event.preventDefault();
                  goTo(page.path);
                }}
              >
                <h2>{page.kind === 'product' ? `Products (${summary.products})` : page.name}</h2>
                <small>{page.kind === 'category' ? 'category' : page.inMenu ? 'in the menu' : ''}</small>
              </summary>
              <PageDetail page={page} state={state} goTo={goTo} />
            </details>
          </li>
        ))}
      </Pages>
    </SheetBody>
  );
}

function PageDetail({ page, state, goTo }: { page: OutlinePage } & Pick<StationProps, 'state' | 'goTo'>) {
  const fixed = ['home', 'product', 'category', 'cart', 'checkout', 'thanks', 'missing', 'search'].includes(page.kind);
  return (
    <div className="inside">
      <Soft>{page.because.say}</Soft>
      {fixed ? null : (
        <Row>
          <TextButton
            onPress={() =>
              state.decide({ [`plan/${page.id}/menu`]: !page.inMenu }, page.inMenu ? 'Take out of the menu' : 'Put in the menu')
            }
          >
            {page.inMenu ? 'Take out of the menu' : 'Put in the menu'}
          </TextButton>
        </Row>
      )}
      {page.sections.map((section, i) => (
        <SectionStrip key={section.id} page={page} section={section} at={i} state={state} goTo={goTo} />
      ))}
    </div>
  );
}

function SectionStrip({
  page,
  section,
  at,
  state,
  goTo,
}: { page: OutlinePage; section: OutlineSection; at: number } & Pick<StationProps, 'state' | 'goTo'>) {
  const key = page.kind === 'product' ? 'product' : page.id;
  const off = section.hidden || !section.filled;
  const ids = page.sections.map((other) => other.id);
  const move = (by: number) => {
    const order = [...ids];
    order.splice(at, 1);
    order.splice(at + by, 0, section.id);
    state.decide({ [`plan/${key}/order`]: order });
  };
  const spoken = section.words.filter((text) => text.rank < 3).slice(0, 2);
  const several = page.sections.length > 1;
  return (
    <Strip $off={off} aria-label={`${section.label} on ${page.name}`}>
      <h3>{section.label}</h3>
      <dl>
        <dt>Because</dt>
        <dd>{section.filled ? section.because.say : 'Left out: nothing in the brief or the goods fills it yet.'}</dd>
        <dt>Visitors get</dt>
        <dd>{section.visitorGets}</dd>
        <dt>Next</dt>
        <dd>{section.doNext}</dd>
      </dl>
      {spoken.map((text) => (
        <blockquote key={text.slot}>
          <b>{text.text}</b>
          {sourceLine(text)}
        </blockquote>
      ))}
      <Row>
        <TextButton onPress={() => goTo(page.path, section.id)} isDisabled={off} aria-label={`Show ${section.label}`}>
          Show
        </TextButton>
        {several ? (
          <>
            <TextButton
              onPress={() =>
                state.decide(
                  { [`plan/${key}/${section.id}/hidden`]: !section.hidden },
                  section.hidden ? 'Show a section' : 'Hide a section',
                )
              }
              aria-label={`${section.hidden ? 'Bring back' : 'Hide'} ${section.label}`}
            >
              {section.hidden ? 'Bring back' : 'Hide'}
            </TextButton>
            <TextButton onPress={() => move(-1)} isDisabled={at === 0} aria-label={`Move ${section.label} up`}>
              Up
            </TextButton>
            <TextButton
              onPress={() => move(1)}
              isDisabled={at === page.sections.length - 1}
              aria-label={`Move ${section.label} down`}
            >
              Down
            </TextButton>
          </>
        ) : null}
      </Row>
    </Strip>
  );
}
