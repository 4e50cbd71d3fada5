'use client';

import { useRouter } from 'next/navigation';
import Link from 'next/link';
import { useCallback, useEffect, useState } from 'react';
import styled from 'styled-components';
import { unnamed } from './keeper';
import { OpenFile } from './OpenFile';
import { Button, Field, Notice, QuietButton, Row, Soft, TextButton } from './parts';
import { createProject, createSample, download, duplicateProject, exportProject, importProject, renameProject } from './projects';
import { prepareWorker } from '@/workers/spare';
import { listProjects, onListChanged, openProject, removeForGood, setDeleted, type ShelfEntry } from './store';
import { narrow, tokens } from './theme';
import { useLive } from './useLive';
import { when } from './when';

const Hall = styled.main`
  max-width: 940px;
  margin: 0 auto;
  padding: 56px 32px;
  ${narrow} {
    padding: 24px 16px;
  }
  display: grid;
  gap: 30px;
`;

const Title = styled.header`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 22px;
  align-items: end;
  ${narrow} {
    gap: 14px;
    svg {
      width: 64px;
      height: auto;
    }
  }
  border-bottom: 1px solid ${tokens.ink};
  h1 {
    font-size: 40px;
    letter-spacing: -0.02em;
    line-height: 1;
  }
  div {
    padding-bottom: 14px;
  }
  p {
    font-size: 17px;
    max-width: 34em;
    margin-top: 8px;
  }
`;

const List = styled.ul`
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 4px 20px;
    padding: 12px 0;
    border-bottom: 1px solid ${tokens.line};
    align-items: baseline;
  }
  .name {
    font-size: 18px;
    font-weight: 600;
  }
`;

/** All projects of this browser. */
export function Shelf() {
  const router = useRouter();
  const live = useLive();
  const [entries, setEntries] = useState<ShelfEntry[] | null>(null);
  const [busy, setBusy] = useState('');
  const [wrong, setWrong] = useState('');
  const [renaming, setRenaming] = useState<{ id: string; name: string } | null>(null);

  const read = useCallback(
    () =>
      listProjects().then(setEntries, () =>
        setWrong('This browser keeps nothing for websites just now. Allow storage, then reload the page.'),
      ),
    [],
  );
  useEffect(() => {
    void read();
    return onListChanged(() => void read());
  }, [read]);
  // Whatever is pressed here needs one.
  useEffect(prepareWorker, []);

  const guarded = (say: string, work: () => Promise<void>) => {
    setWrong('');
    setBusy(say);
    work()
      .catch((error: unknown) => setWrong(error instanceof Error ? error.message : String(error)))
      .finally(() => {
        setBusy('');
        void read();
      });
  };

  const still = !live || busy !== '';
  const open = (id: string) => router.push(`/project/${id}/brief`);
  const shown = entries?.filter((entry) => !entry.deleted) ?? [];
  const deleted = entries?.filter((entry) => entry.deleted) ?? [];

  return (
    <Hall>
      <Title>
        <svg width="116" height="92" viewBox="0 0 116 92" aria-hidden="true">
          <path d="M0 91h18V48a40 40 0 0 1 80 0v43h18" fill="none" stroke={tokens.ink} strokeWidth="3" />
          <path d="M32 91V50a26 26 0 0 1 52 0v41z" fill={tokens.verdigris} />
        </svg>
        <div>
          <h1>Arcatum</h1>
          <p>
            Say what your business is, bring your list of goods, and a shop is made of them: pages, prices, cart and checkout, in
            your own words.
          </p>
        </div>
      </Title>
      <Row>
        <Button
          isDisabled={still}
          onPress={() => guarded('Making a new project …', async () => open(await createProject(unnamed)))}
        >
          New shop
        </Button>
        <QuietButton
          isDisabled={still}
          onPress={() => guarded('Opening the sample shop …', async () => open(await createSample(setBusy)))}
        >
          Open the sample shop
        </QuietButton>
        <OpenFile
          quiet
          disabled={still}
          accept={['.zip', 'application/zip']}
          onOpen={([file]) =>
            file &&
            guarded('Opening the project file …', async () => {
              const opened = await importProject(file.bytes);
              if (opened.ok) open(opened.value);
              else throw new Error(opened.say);
            })
          }
        >
          Open a project file
        </OpenFile>
      </Row>
      <noscript>
        <Notice $kind="mend">
          Arcatum makes shops with scripts, and this browser runs none here. Allow them, then reload the page.
        </Notice>
      </noscript>
      {busy ? <p role="status">{busy}</p> : null}
      {wrong ? (
        <div role="alert">
          <Notice $kind="mend">{wrong}</Notice>
        </div>
      ) : null}
      <section aria-label="Projects">
        {entries === null ? <p role="status">Looking for your projects …</p> : null}
        {entries && shown.length === 0 ? (
          <Soft>No projects yet. The sample shop shows what comes out; a new shop begins with your brief.</Soft>
        ) : null}
        <List>
          {shown.map((entry) => (
            <li key={entry.id}>
              {renaming?.id === entry.id ? (
                <form
                  onSubmit={(event) => {
                    event.preventDefault();
                    const { name } = renaming;
                    setRenaming(null);
                    if (name.trim())
                      guarded('Renaming …', async () => {
                        const renamed = await renameProject(entry.id, name.trim());
                        if (!renamed.ok) throw new Error(renamed.say);
                      });
                  }}
                >
                  <Field
                    label="Name of the project"
                    value={renaming.name}
                    onChange={(name) => setRenaming({ id: entry.id, name })}
                    autoFocus
                  />
                </form>
              ) : (
                <Link className="name" href={`/project/${entry.id}/brief`}>
                  {entry.name}
                </Link>
              )}
              <Row>
                <TextButton aria-label={`Rename ${entry.name}`} onPress={() => setRenaming({ id: entry.id, name: entry.name })}>
                  Rename
                </TextButton>
                <TextButton
                  aria-label={`Duplicate ${entry.name}`}
                  onPress={() =>
                    guarded('Duplicating …', async () => {
                      const copy = await duplicateProject(entry.id, entry.name);
                      if (!copy.ok) throw new Error(copy.say);
                    })
                  }
                >
                  Duplicate
                </TextButton>
                <TextButton
                  aria-label={`Export ${entry.name}`}
                  onPress={() =>
                    guarded('Exporting …', async () => {
                      const opened = await openProject(entry.id);
                      if (typeof opened === 'string') throw new Error(opened);
                      download(await exportProject(opened.story), `${entry.name}.arcatum.zip`);
                    })
                  }
                >
                  Export
                </TextButton>
                <TextButton
                  aria-label={`Delete ${entry.name}`}
                  onPress={() => guarded('Deleting …', () => setDeleted(entry.id, true))}
                >
                  Delete
                </TextButton>
              </Row>
              <Soft>
                <small>
                  {entry.products ? `${entry.products} products` : 'no goods yet'}, changed {when(entry.changed)}
                </small>
              </Soft>
            </li>
          ))}
        </List>
      </section>
      {deleted.length ? (
        <section aria-label="Deleted">
          <h2>Deleted</h2>
          <List>
            {deleted.map((entry) => (
              <li key={entry.id}>
                <span>{entry.name}</span>
                <Row>
                  <TextButton
                    aria-label={`Bring back ${entry.name}`}
                    onPress={() => guarded('Bringing back …', () => setDeleted(entry.id, false))}
                  >
                    Bring back
                  </TextButton>
                  <TextButton
                    aria-label={`Remove ${entry.name} for good`}
                    onPress={() => guarded('Removing …', () => removeForGood(entry.id))}
                  >
                    Remove for good
                  </TextButton>
                </Row>
              </li>
            ))}
          </List>
        </section>
      ) : null}
    </Hall>
  );
}
