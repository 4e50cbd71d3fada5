'use client';

import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { Stopped } from '@/workers/client';
import { type Progress } from '@/workers/protocol';
import { shortestPassphrase, versionsOf } from '@/core/project';
import { type Target } from '@/core/site';
import { wrongAddress } from '@/core/address';
import { formatMoney, rulesSay } from '@/core/till/page';
import { Button, Field, Head, Notice, QuietButton, Row, SheetBody, Soft, TextButton } from '../parts';
import { bringBack, publishArchive, releasesOf, type ReleaseLog } from '../host';
import { download, exportProject } from '../projects';
import { forgetCode, readKeys, writeOwner, type Keyring } from '../store';
import { tokens } from '../theme';
import { Working } from '../Working';
import { when } from '../when';
import { Keys, RecoveryCode } from './publish/Keys';
import { type StationProps } from './station';

const Log = styled.ol`
  border-top: 1px solid ${tokens.ink};
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 12px;
    padding: 8px 0;
    border-bottom: 1px solid ${tokens.line};
  }
`;

const Rules = styled.details`
  summary {
    cursor: pointer;
    min-height: 32px;
  }
  ul {
    list-style: disc;
    padding: 4px 0 4px 20px;
    max-width: 74ch;
  }
`;

const megabytes = (bytes: number) => `${(bytes / 1_000_000).toFixed(1)} MB`;

/** The log of releases: publish, download, bring an earlier one back. */
export function PublishStation({ state, shop, owner, onOwner }: StationProps) {
  const { project } = state;
  const { summary, worker } = shop;
  const [address, setAddress] = useState<string | null>(null);
  const [ring, setRing] = useState<Keyring>({ owners: [], codes: {} });
  const [passphrase, setPassphrase] = useState('');
  const [log, setLog] = useState<ReleaseLog | null>(null);
  const [progress, setProgress] = useState<Progress | null>(null);
  const [said, setSaid] = useState<{ kind: 'mend' | 'fine'; say: string } | null>(null);
  const [broughtBack, setBroughtBack] = useState<string | null>(null);
  const running = useRef<{ stop: () => void } | null>(null);
  // The place in the log that a release was made at.
  const follows =
    broughtBack === null ? undefined : versionsOf(state.story).find(({ version }) => version?.release === broughtBack);

  useEffect(() => {
    void readKeys(project.id).then(setRing);
  }, [project.id, owner]);

  const takeRing = (next: Keyring) => {
    setRing(next);
    const [first] = next.owners;
    if (!first) return;
    setAddress(null);
    setLog(null);
    onOwner(first);
  };

  useEffect(() => {
    if (!owner) return;
    let gone = false;
    releasesOf(owner).then(
      (found) => {
        if (!gone && found.ok) setLog(found.value);
      },
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [owner]);

  const blocking = summary?.findings.filter((finding) => finding.level === 'mend') ?? [];
  const wanted = address ?? owner?.address ?? summary?.slug ?? '';
  const wrong = wrongAddress(wanted);

  const draw = async (target: Target) => {
    if (!worker) throw new Error('The shop is not made yet.');
    setSaid(null);
    setProgress({ say: 'Beginning', done: 0, of: 1 });
    const asked = worker.ask('site', { target }, setProgress);
    running.current = asked;
    try {
      return await asked;
    } finally {
      running.current = null;
      setProgress(null);
    }
  };

  const guarded = (work: () => Promise<void>) => {
    work().catch((error: unknown) =>
      setSaid(
        error instanceof Stopped
          ? { kind: 'fine', say: 'Stopped. Nothing was changed.' }
          : { kind: 'mend', say: error instanceof Error ? error.message : String(error) },
      ),
    );
  };

  const publishNow = async () => {
    const mine = ring.owners.find((one) => one.address === wanted) ?? { address: wanted, key: crypto.randomUUID() };
    const there = await releasesOf(mine);
    if (!there.ok) return setSaid({ kind: 'mend', say: there.say });
    // The release remembers where in the log it was made, whatever is done while it is drawn.
    const of = state.story.log.changes.at(-1)?.id ?? '';
    const { archive } = await draw({ kind: 'host', address: there.value.at });
    const release = await publishArchive(mine, archive);
    if (!release.ok) return setSaid({ kind: 'mend', say: release.say });
    setRing(await writeOwner(project.id, mine, release.value.code));
    onOwner({ ...mine });
    state.nameVersion({ name: `Release of ${when(release.value.at)}`, auto: true, release: release.value.id, of });
    setSaid({ kind: 'fine', say: `Published: ${release.value.files} files, ${megabytes(release.value.bytes)}.` });
  };

  const downloadSite = async () => {
    const { archive, files } = await draw({ kind: 'archive', address: `https://${summary?.slug ?? 'shop'}.example/` });
    download(archive, `${summary?.slug ?? 'shop'}-site.zip`);
    setSaid({
      kind: 'fine',
      say: `${files} files are in the archive. Put them on any web server; buyers there make an order file, which “Orders” takes in.`,
    });
  };

  return (
    <SheetBody>
      <Head title="Publish">Put the shop on the host, or take it away as files.</Head>
      {blocking.length ? (
        <Notice>
          {blocking.length === 1 ? 'One thing' : `${blocking.length} things`} should be mended first: {blocking[0]?.say} You can
          publish all the same.
        </Notice>
      ) : null}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (!wrong && !progress) guarded(publishNow);
        }}
        style={{ display: 'grid', gap: 12 }}
      >
        <Field label="Address on this host" value={wanted} onChange={(text) => setAddress(text.trim())} wrong={wrong} />
        <Row>
          <Button type="submit" isDisabled={!summary || Boolean(wrong) || progress !== null}>
            {ring.owners.some((one) => one.address === wanted) ? 'Publish again' : 'Publish'}
          </Button>
          {owner && log?.current ? (
            <a href={log.at} target="_blank" rel="noreferrer">
              Open the shop
            </a>
          ) : null}
        </Row>
      </form>
      {summary ? (
        <Rules>
          <summary>What holds at the till</summary>
          <ul>
            {rulesSay(summary.rules, (amount) => formatMoney(amount, summary.rules)).map(({ id, says }) => (
              <li key={id}>{says}</li>
            ))}
          </ul>
        </Rules>
      ) : null}
      {progress ? <Working label="Making the site" at={progress} onStop={() => running.current?.stop()} /> : null}
      {said ? (
        <div role="status">
          <Notice $kind={said.kind}>{said.say}</Notice>
        </div>
      ) : null}
      {Object.entries(ring.codes).map(([of, code]) => (
        <RecoveryCode key={of} address={of} code={code} onKept={() => void forgetCode(project.id, of).then(setRing)} />
      ))}
      {follows ? (
        <Notice as="div" $kind="todo">
          <p>
            The studio still has what you did since. Should it go back to how all was at that release, too? Undo brings it back.
          </p>
          <Row>
            <QuietButton
              onPress={() => {
                const back = state.goBackTo(follows.id);
                setBroughtBack(null);
                setSaid(
                  back.ok ? { kind: 'fine', say: 'The studio is as it was at that release.' } : { kind: 'mend', say: back.say },
                );
              }}
            >
              Go back here too
            </QuietButton>
            <TextButton onPress={() => setBroughtBack(null)}>Leave the studio as it is</TextButton>
          </Row>
        </Notice>
      ) : null}
      <section aria-label="Releases">
        <h2>Releases</h2>
        {log?.releases.length ? (
          <Log>
            {[...log.releases].reverse().map((release) => (
              <li key={release.id}>
                <span>{when(release.at)}</span>
                {release.id === log.current ? (
                  <b>shown now</b>
                ) : (
                  <TextButton
                    aria-label={`Bring back the release of ${when(release.at)}`}
                    onPress={() =>
                      guarded(async () => {
                        if (!owner) return;
                        const back = await bringBack(owner, release.id);
                        if (!back.ok) return setSaid({ kind: 'mend', say: back.say });
                        onOwner({ ...owner });
                        setBroughtBack(release.id);
                        setSaid({ kind: 'fine', say: `The release of ${when(release.at)} is shown again.` });
                      })
                    }
                  >
                    Bring back
                  </TextButton>
                )}
                <Soft>
                  <small>
                    {release.files} files, {megabytes(release.bytes)}
                  </small>
                </Soft>
              </li>
            ))}
          </Log>
        ) : (
          <Soft>Nothing is published yet.</Soft>
        )}
      </section>
      <Keys project={project.id} ring={ring} onRing={takeRing} />
      <section aria-label="Take it away" style={{ display: 'grid', gap: 8 }}>
        <h2>Take it away</h2>
        <Row>
          <QuietButton isDisabled={!summary || progress !== null} onPress={() => guarded(downloadSite)}>
            Download the site
          </QuietButton>
          <QuietButton
            isDisabled={passphrase !== '' && passphrase.length < shortestPassphrase}
            onPress={() =>
              guarded(async () =>
                download(await exportProject(state.story, passphrase, shop.worker), `${summary?.slug ?? 'project'}.arcatum.zip`),
              )
            }
          >
            Export project
          </QuietButton>
        </Row>
        {ring.owners.length ? (
          <Field
            label="Passphrase for the keys, if they should go along in the project’s file"
            type="password"
            value={passphrase}
            onChange={setPassphrase}
            wrong={
              passphrase && passphrase.length < shortestPassphrase
                ? `Use ${shortestPassphrase} signs or more, or leave it empty.`
                : ''
            }
          />
        ) : null}
        <Soft>
          <small>
            The site runs on any file server. The project file holds brief, goods, decisions and pictures, and opens here again.
          </small>
        </Soft>
      </section>
    </SheetBody>
  );
}
