import { readLead } from './lead';

/** A video as it can be shown: a file of the seller's, another's player in a frame, or a page elsewhere that it is led to. */
export type Video =
  | { kind: 'own'; file: string }
  | { kind: 'frame'; address: string; host: string }
  | { kind: 'page'; address: string; host: string };

const secure = (address: string): URL | null => {
  if (!URL.canParse(address)) return null;
  const url = new URL(address);
  return url.protocol === 'https:' && !url.username && /^[^.]+(?:\.[^.]+)+$/.test(url.hostname) ? url : null;
};

const entities: Readonly<Record<string, string>> = { '&amp;': '&', '&quot;': '"', '&#39;': "'", '&lt;': '<', '&gt;': '>' };

/**
 * What stands in a field for a video: the lead to a file, a web address, or the markup that its host gives for showing it elsewhere. Of the
 * markup only the address of the first frame is taken; nothing else of it is kept.
 */
export function videoOf(text: string): Video | null {
  const typed = text.trim();
  const lead = readLead(typed);
  if (lead?.kind === 'file') return { kind: 'own', file: lead.file };
  const framed = /<iframe\b[^>]*?\ssrc\s*=\s*(?:"([^"]*)"|'([^']*)')/i.exec(typed);
  const source = framed
    ? (framed[1] ?? framed[2] ?? '').replace(/&(?:amp|quot|#39|lt|gt);/g, (entity) => entities[entity] ?? '')
    : typed;
  const url = /\s/.test(source.trim()) ? null : secure(source.trim().replace(/^\/\//, 'https://'));
  return url && { kind: framed ? 'frame' : 'page', address: url.href, host: url.hostname };
}
