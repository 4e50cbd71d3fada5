/** Names of the host that are no shop's: the payment provider's, and those by which people would look for somebody in charge. */
const kept = new Set(['payments', 'www', 'admin', 'mail', 'studio', 'arcatum']);

const label = /^[a-z0-9](?:[a-z0-9-]{1,58})[a-z0-9]$/;

/** Why a shop can't have a name, or empty. A name is a label of the domain name system, and never one that is written in a code (RFC 5890). */
export function wrongAddress(name: string): string {
  if (!label.test(name) || name.slice(2, 4) === '--') return 'An address has 3 to 60 small letters, digits and hyphens.';
  return kept.has(name) ? `“${name}” is a name of the host itself. Choose a different one.` : '';
}
