const rounded = (share: number): string => String(Number(share.toFixed(4)));

/**
 * The column of a picture that stands beside words: a share of what the gap leaves, which the seller can have smaller, or larger up to
 * another share (`styles/standing.ts`). The column of the words takes what is left.
 */
export const pictureColumn = (share: number, gap: string, most = 0.7): string =>
  `minmax(0,calc((100% - ${gap})*(${rounded(share)}*(1 - var(--less,0)) + ${rounded(most - share)}*var(--more,0))))`;

/**
 * The ground that most families stand on: sections as wide as the page allows, headings above their content. A family says on top of it
 * what makes it itself.
 */
export const common = `
main>section{padding:var(--rest) var(--side) 0}
main>section:last-child{padding-bottom:var(--rest)}
main>section.shelf,main>section.text{padding-top:clamp(1.75rem,4vw,3.5rem);padding-bottom:var(--rest)}
.top{padding:1rem var(--side)}
.opening h1{font-size:min(var(--display),calc(99cqi/var(--fit,1)));line-height:var(--display-line);letter-spacing:var(--display-track)}
.opening-words,.product-words{container-type:inline-size;min-width:0}
.opening-words>*+*{margin-top:1.4rem}
.opening .lead{max-width:34rem}
.opening-pictures>*{color:inherit;text-decoration:none;display:block;min-width:0;font-size:var(--small)}
.opening-pictures>a:hover span{text-decoration:underline}
.opening-pictures img{width:100%;object-fit:cover}
.opening-pictures span{display:block;padding-top:.4rem;line-height:1.3}
h1,h2,.brand,.good .name{text-transform:var(--case)}
.section-head{margin-bottom:clamp(1.25rem,2.5vw,2rem)}
.section-head p{color:var(--soft);margin-top:.35rem}
.good a{display:grid;align-content:start;height:100%}
.good .price{font-variant-numeric:tabular-nums lining-nums}
.good .about{color:var(--soft);font-size:var(--small);line-height:1.45}
.onward{margin-top:1.75rem}
.onward a,.categories a,.questions a,.contact a{display:inline-block;padding:.15rem 0}
.why ul{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,15rem),1fr));gap:1.5rem clamp(1.5rem,3vw,3rem)}
.why .claim{font:var(--loud)}
.why h2,.categories h2,.story h2,.questions h2,.contact h2{margin-bottom:1.25rem}
.categories a{color:inherit}
.categories .note{color:var(--soft);font-variant-numeric:tabular-nums}
.categories ul{display:flex;flex-wrap:wrap;gap:.25rem 1.75rem}
.categories .thumb{display:none}
.contact address{display:flex;flex-wrap:wrap;gap:.25rem 2.5rem}
.questions dl{display:grid;gap:1.25rem}
.questions dt{font-weight:var(--strong)}
.questions dd,.story .prose{max-width:var(--measure)}
.shelf-nav,.shelf-order{margin-bottom:.75rem}
.stretches{padding-top:1.75rem}
.product{display:grid;grid-template-columns:var(--sides,minmax(0,7fr) minmax(0,5fr));gap:1.5rem clamp(2rem,5vw,4.5rem);padding:1.25rem var(--side) var(--rest);align-items:start}
.crumbs{grid-column:1/-1}
.product-pictures{display:grid;gap:.75rem}
.product-pictures img{width:100%}
.product-words{display:grid;gap:1.5rem;align-content:start}
.product h1{font-size:min(var(--h1),calc(99cqi/var(--fit,1)))}
.related,.assurance{padding-top:0!important}
.assurance{padding-bottom:var(--rest)!important}
.page-contact main>.contact{padding-top:clamp(2rem,5vw,4rem);padding-bottom:var(--rest)}
.foot{padding:2.5rem var(--side);font-size:var(--small)}
@media (max-width:820px){
.product{grid-template-columns:minmax(0,1fr)}
}
`;

/** For lively families: fields in place of missing pictures take turns in the shop's colours. */
export const colouredFields = `
.good:nth-child(3n+1) .no-picture,.product-pictures>.no-picture{background:var(--accent);color:var(--on-accent)}
.good:nth-child(3n+2) .no-picture{background:var(--second);color:var(--on-second)}
.good:nth-child(3n) .no-picture{background:var(--third,var(--raised));color:var(--on-third,var(--soft))}
`;
