'use client';

import { useState } from 'react';
import styled from 'styled-components';
import { openKeys, type Owner } from '@/core/project';
import { recoverKey } from '../../host';
import { Button, Field, Notice, QuietButton, Row, Soft, TextButton } from '../../parts';
import { takeKeys, writeOwner, type Keyring } from '../../store';
import { tokens } from '../../theme';

const List = styled.ul`
  border-top: 1px solid ${tokens.ink};
  li {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 8px 0;
    border-bottom: 1px solid ${tokens.line};
  }
`;

const Code = styled.code`
  display: block;
  font-size: 17px;
  letter-spacing: 0.04em;
  overflow-wrap: anywhere;
  user-select: all;
  padding: 6px 0;
`;

const Form = styled.form`
  display: grid;
  gap: 10px;
`;

/** A code as it is written down: in fours. */
const inFours = (code: string) => code.match(/.{1,4}/g)?.join('-') ?? code;

/** The code that came with the first release at an address: it stands here until it is written down. */
export function RecoveryCode({ address, code, onKept }: { address: string; code: string; onKept: () => void }) {
  const [copied, setCopied] = useState(false);
  return (
    <Notice as="div" $kind="todo" role="status">
      <p>
        The recovery code of <b>{address}</b>. With it, and without this browser, the address stays yours: write it down. It stays
        here until you say that you have, and is never told again.
      </p>
      <Code aria-label="Recovery code">{inFours(code)}</Code>
      <Row>
        <Button onPress={onKept}>I have written it down</Button>
        <QuietButton
          onPress={() =>
            void navigator.clipboard.writeText(inFours(code)).then(
              () => setCopied(true),
              () => setCopied(false),
            )
          }
        >
          {copied ? 'Copied' : 'Copy it'}
        </QuietButton>
      </Row>
    </Notice>
  );
}

interface KeysProps {
  project: string;
  ring: Keyring;
  onRing: (ring: Keyring) => void;
}

/** The addresses of a project and the keys to them: which is at hand, those that a file brought, and a code for one that was lost. */
export function Keys({ project, ring, onRing }: KeysProps) {
  const [opening, setOpening] = useState('');
  const [lost, setLost] = useState<{ address: string; code: string } | null>(null);
  const [wrong, setWrong] = useState('');
  const [current] = ring.owners;

  const unlock = async () => {
    if (!ring.sealed) return;
    const opened = await openKeys(ring.sealed, opening);
    setWrong(opened.ok ? '' : opened.say);
    if (opened.ok) onRing(await takeKeys(project, opened.value));
  };

  const recover = async ({ address, code }: { address: string; code: string }) => {
    const given = await recoverKey(address.trim(), code);
    setWrong(given.ok ? '' : given.say);
    if (!given.ok) return;
    onRing(await writeOwner(project, { address: address.trim(), key: given.value.key }, given.value.code));
    setLost(null);
  };

  // What was wrong of the words before is not of these.
  const type = (typed: { address: string; code: string }) => {
    setLost(typed);
    setWrong('');
  };

  const use = async (owner: Owner) => onRing(await writeOwner(project, owner));

  return (
    <section aria-label="Addresses and keys" style={{ display: 'grid', gap: 10 }}>
      <h2>Addresses and keys</h2>
      {ring.owners.length > 1 ? (
        <List>
          {ring.owners.map((owner) => (
            <li key={owner.address}>
              <span>{owner.address}</span>
              {owner === current ? (
                <b>at hand</b>
              ) : (
                <TextButton aria-label={`Turn to ${owner.address}`} onPress={() => void use(owner)}>
                  Turn to it
                </TextButton>
              )}
            </li>
          ))}
        </List>
      ) : (
        <Soft>
          <small>
            {current
              ? `The key to ${current.address} is kept in this browser, beside the project.`
              : 'Publish, and the key to the address is kept in this browser, beside the project.'}
          </small>
        </Soft>
      )}
      {ring.sealed ? (
        <Form
          onSubmit={(event) => {
            event.preventDefault();
            void unlock();
          }}
        >
          <Field
            label="Passphrase of the keys that came with the project’s file"
            type="password"
            value={opening}
            onChange={(typed) => {
              setOpening(typed);
              setWrong('');
            }}
            wrong={lost ? '' : wrong}
          />
          <Row>
            <QuietButton type="submit" isDisabled={!opening}>
              Open the keys
            </QuietButton>
          </Row>
        </Form>
      ) : null}
      {lost ? (
        <Form
          onSubmit={(event) => {
            event.preventDefault();
            void recover(lost);
          }}
        >
          <Field label="Address that is yours" value={lost.address} onChange={(address) => type({ ...lost, address })} />
          <Field label="Its recovery code" value={lost.code} onChange={(code) => type({ ...lost, code })} wrong={wrong} />
          <Row>
            <QuietButton type="submit" isDisabled={!lost.address.trim() || !lost.code.trim()}>
              Get the key again
            </QuietButton>
            <TextButton
              onPress={() => {
                setLost(null);
                setWrong('');
              }}
            >
              Leave it
            </TextButton>
          </Row>
        </Form>
      ) : (
        <Row>
          <TextButton
            onPress={() => {
              setWrong('');
              setLost({ address: '', code: '' });
            }}
          >
            I have a recovery code
          </TextButton>
        </Row>
      )}
    </section>
  );
}
