/**
 * Sections that all families share, in each of their arrangements. A family sets how a heading stands to its content (--part), how lines
 * are drawn (--rule) and how large words speak (--loud); the rest follows from its tokens.
 */
export const parts = `
:root{--part:minmax(0,3fr) minmax(0,9fr);--rule:1px solid var(--line);--loud:500 var(--h2)/1.2 var(--head)}
.part{display:grid;grid-template-columns:var(--part);gap:1.5rem 2rem;align-items:start}
.part>*{min-width:0}
.part>.plate,.part>.frame{grid-column:auto}
.part .large{font:var(--loud);text-wrap:balance}
.map .onward .note{display:block}
.part .note{color:var(--soft);font-size:var(--small)}
.part .words{display:grid;gap:1.25rem;justify-items:start}
.part .head{display:grid;gap:.5rem}
.part .onward{padding:0;margin:0}
.ask{border:2px dashed var(--soft);color:var(--soft);padding:.35em .6em;font-style:normal;max-width:max-content}
.letter{display:grid;gap:1rem;max-width:34rem}
`;

/** What they have otherwise where there is little room. */
export const narrowParts = `
.part{grid-template-columns:minmax(0,1fr)}
`;
