'use client';

import { useEffect, useState } from 'react';
import { Dialog, Heading, Modal } from 'react-aria-components';
import styled from 'styled-components';
import { freshId } from '@/core/plan/about';
import { sectionLibrary, type SectionKind } from '@/core/sections/about';
import { type OutlinePage } from '@/workers/protocol';
import { Button, Row, Soft, TextButton } from '../../parts';
import { Veil } from '../../Veil';
import { tokens } from '../../theme';
import { type ShopState } from '../../useShop';

const Paper = styled(Modal)`
  background: ${tokens.sheet};
  border: 1px solid ${tokens.ink};
  width: min(1120px, 94vw);
  height: min(720px, 92vh);
  [role='dialog'] {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    height: 100%;
    outline: none;
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 20px;
    padding: 16px 24px 12px;
    border-bottom: 1px solid ${tokens.line};
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
    gap: 20px;
    padding: 20px 24px 32px;
    overflow: auto;
  }
  li {
    display: grid;
    gap: 6px;
    align-content: start;
  }
`;

const Picture = styled.div`
  height: 176px;
  overflow: hidden;
  border: 1px solid ${tokens.line};
  background: #fff;
  display: grid;
  place-items: center;
  position: relative;
  iframe {
    position: absolute;
    inset: 0 auto auto 0;
    border: 0;
    width: 352%;
    height: 352%;
    transform: scale(0.2841);
    transform-origin: 0 0;
    pointer-events: none;
  }
`;

/** Every section that a page can have, each as it would look in this shop. */
export function Library({
  page,
  shop,
  isOpen,
  onClose,
  onAdd,
}: {
  page: OutlinePage;
  shop: ShopState;
  isOpen: boolean;
  onClose: () => void;
  onAdd: (id: string, kind: SectionKind) => void;
}) {
  const [pictures, setPictures] = useState<Map<SectionKind, string> | null>(null);
  const { worker } = shop;
  useEffect(() => {
    if (!isOpen || !worker) return;
    let stale = false;
    void worker.ask('sketches', { page: page.id }).then((found) => {
      if (!stale) setPictures(new Map(found.map(({ kind, html }) => [kind, html])));
    });
    return () => {
      stale = true;
    };
  }, [isOpen, worker, page.id]);
  const taken = page.sections.map((section) => section.id);
  return (
    <Veil isOpen={isOpen} onOpenChange={(open) => (open ? undefined : onClose())} isDismissable>
      <Paper>
        <Dialog>
          <header>
            <div>
              <Heading slot="title">Add a section to {page.name}</Heading>
              <Soft>Each as it would look in your shop. Dashed places wait for your words and are never published empty.</Soft>
            </div>
            <TextButton onPress={onClose}>Close</TextButton>
          </header>
          <ul>
            {sectionLibrary.map(({ kind, label, visitorGets, repeats, needs }) => {
              const missing = pictures && !pictures.get(kind) ? (needs ?? 'something to show') : null;
              const here = taken.includes(kind) && !repeats;
              return (
                <li key={kind}>
                  <Picture aria-hidden="true">
                    {missing ? <Soft>Needs {missing} first.</Soft> : null}
                    {pictures && !missing ? (
                      <iframe
                        title={label}
                        tabIndex={-1}
                        sandbox="allow-same-origin"
                        srcDoc={pictures.get(kind) ?? ''}
                        loading="lazy"
                      />
                    ) : null}
                  </Picture>
                  <Row style={{ justifyContent: 'space-between' }}>
                    <h3>{label}</h3>
                    {missing ? null : here ? (
                      <small>on the page</small>
                    ) : (
                      <Button onPress={() => onAdd(freshId(kind, taken), kind)} aria-label={`Add ${label}`}>
                        Add
                      </Button>
                    )}
                  </Row>
                  <Soft>
                    <small>{visitorGets}</small>
                  </Soft>
                </li>
              );
            })}
          </ul>
        </Dialog>
      </Paper>
    </Veil>
  );
}
