import { type Finding, type Station } from './finding';

/** The stations of the work, in its order. */
export const stations: readonly { id: Station; name: string }[] = [
  { id: 'brief', name: 'Brief' },
  { id: 'goods', name: 'Goods' },
  { id: 'plan', name: 'Plan' },
  { id: 'look', name: 'Look' },
  { id: 'till', name: 'Till' },
  { id: 'proof', name: 'Proof' },
  { id: 'publish', name: 'Publish' },
  { id: 'orders', name: 'Orders' },
];

/** How much of each station's work is done, 0–1: what its checks find in order. */
export function stationsDone(
  findings: readonly Finding[],
  begun: boolean,
  state: { published: boolean; orders: boolean },
): Record<Station, number> {
  const share = (mine: readonly Finding[]) =>
    mine.length ? mine.filter((finding) => finding.level === 'fine').length / mine.length : 0;
  const of = (station: Station) => (begun ? share(findings.filter((finding) => finding.station === station)) : 0);
  const serious = findings.filter((finding) => finding.level !== 'todo');
  return {
    brief: of('brief'),
    plan: of('plan'),
    look: of('look'),
    goods: begun && findings.some((finding) => finding.check === 'goods' && finding.level === 'fine') ? of('goods') : 0,
    till: of('till'),
    proof: begun ? share(serious) : 0,
    publish: state.published ? 1 : 0,
    orders: state.orders ? 1 : 0,
  };
}
