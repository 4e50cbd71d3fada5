import { deriveBits, openKeys, sealKeys } from './keyring';

const hex = (bytes: ArrayBuffer) => Buffer.from(bytes).toString('hex');
const owners = [{ address: 'tarnwick', key: 'a-key-of-good-length' }];

// The vectors of RFC 7914, section 11, as remembered.
test('keys are stretched as RFC 7914, section 11, says', async () => {
  const salt = (text: string) => new TextEncoder().encode(text);
  expect(hex(await deriveBits('passwd', salt('salt'), 1, 512))).toBe(
    '55ac046e56e3089fec1691c22544b605f94185216dde0465e68b9d57c20dacbc49ca9cccf179b645991664b39d77ef317c71b845b1e30bd509112041d3a19783',
  );
  expect(hex(await deriveBits('Password', salt('NaCl'), 80_000, 512))).toBe(
    '4ddcd8f60b98be21830cee5ef22701f9641a4418d04c0414aeff08876b34ab56a1d425a1225833549adb841b51c9b3176a272bdebba1d078478f62b397f33c8d',
  );
});

test('what a passphrase sealed it opens, however its letters are put together; another, or a changed byte, does not', async () => {
  const sealed = await sealKeys(owners, 'f\u00fcnf Sk\u00e4ne', 100_000);
  expect(JSON.stringify(sealed)).not.toContain('a-key-of');
  expect(await openKeys(sealed, 'fu\u0308nf Ska\u0308ne')).toEqual({ ok: true, value: owners });
  expect(await openKeys(sealed, 'fuenf Skaene')).toMatchObject({ ok: false });
  const changed = sealed.sealed.startsWith('A') ? `B${sealed.sealed.slice(1)}` : `A${sealed.sealed.slice(1)}`;
  expect(await openKeys({ ...sealed, sealed: changed }, 'f\u00fcnf Sk\u00e4ne')).toMatchObject({ ok: false });
});

test('two sealings of the same keys have nothing in common', async () => {
  const [one, two] = await Promise.all([sealKeys(owners, 'a passphrase', 100_000), sealKeys(owners, 'a passphrase', 100_000)]);
  expect([one.salt === two.salt, one.start === two.start, one.sealed === two.sealed]).toEqual([false, false, false]);
});
