import { colouredFields, common } from './common';

/** Letter: one narrow column, a letterhead, things enclosed between the lines, a signature at the end. */
export const letter = `
${common}${colouredFields}
:root{--frame:0px;--flush:max(var(--edge),calc((100vw - 64rem)/2));--part:minmax(0,1fr);--rule:1px solid var(--line);--loud:var(--head-weight) var(--h3)/1.4 var(--head);--wide:41rem;--rest:calc(clamp(2.25rem,4.5vw,3.75rem)*1)}
body{background:var(--raised)}
main,.top{background:var(--ground);width:min(100%,calc(var(--wide) + 2*clamp(1.25rem,6vw,5.5rem)));margin-inline:auto;padding-inline:clamp(1.25rem,6vw,5.5rem)}
main>section,main>section.text,main>section.shelf,.product{padding-inline:0}
.top{display:grid;justify-items:center;gap:.15rem;padding-block:clamp(1.75rem,4vw,3.25rem) 1.1rem;margin-top:clamp(0rem,3vw,2.5rem);text-align:center}
.top .brand{font-size:1.9rem;line-height:1.15}
.top nav,.top .tools{font-size:var(--small)}
.top ul{justify-content:center;gap:0 1.1rem}
.top{background:repeating-linear-gradient(-45deg,var(--third,transparent) 0 18px,transparent 18px 36px) 0 0/100% .6rem no-repeat var(--ground)}
.top::after{content:"";width:100%;border-bottom:1px solid var(--line);padding-top:1rem}
main{padding-bottom:clamp(2rem,6vw,5rem);margin-top:-1px}
.opening{padding-top:1rem!important}
.opening h1{font-size:min(var(--h2),calc(99cqi/var(--fit,1)));line-height:1.3;letter-spacing:0;text-wrap:pretty}
.opening .lead{font-size:var(--body);line-height:1.65}
.opening .lead+*{clear:none}
.opening{display:flow-root}
.opening-words{container-type:normal}
.opening-pictures{display:flex;gap:1rem;padding-top:1.75rem}
.opening-pictures>*{flex:1 1 0;background:var(--raised);padding:.6rem .6rem .75rem;transform:rotate(-1.2deg)}
.opening-pictures>:nth-child(2){transform:rotate(.9deg) translateY(.4rem)}
.opening-pictures>:nth-child(n+4){display:none}
.opening-pictures img{aspect-ratio:1;border:0;padding:0}
.opening-pictures[data-count="1"]{width:calc(100%*(1 - var(--less,0)))}
.opening-pictures[data-count="1"] img{aspect-ratio:calc(1.5 - .6*var(--more,0));object-fit:var(--lying,cover)}
.opening .button{background:transparent;border:0;color:var(--link);text-decoration:underline;text-underline-offset:.25em;padding:.2rem 0;min-height:2rem}
h2{font-size:var(--h3)}
.section-head{margin-bottom:1rem}
.goods{display:grid;gap:0}
.good{border-top:1px solid var(--line)}
.good:last-child{border-bottom:1px solid var(--line)}
.good a{grid-template-columns:6.5rem minmax(0,1fr) auto;gap:.1rem 1.1rem;padding-block:.9rem;height:auto}
.good .thumb{grid-row:1/4}
.good .name{font-size:1.1rem;line-height:1.3;align-self:start}
.good .about{grid-column:2/4}
.good .note{grid-column:2}
.good .price{grid-column:3;grid-row:1;text-align:right}
.good .price small{display:block;line-height:1}
.featured.as-row .thumb{padding:0}
.onward{margin-top:1.1rem}
.why.as-stacked li{display:block;border:0;padding:0 0 .9rem}
.why .claim{font:inherit}
.why ul{gap:0}
.categories ul{gap:.1rem 1.25rem}
.categories.as-pictures ul{grid-template-columns:repeat(auto-fill,minmax(min(100%,8rem),1fr))}
.story .prose{max-width:none}
.contact address{display:grid;gap:.1rem}
.contact.as-line address{display:flex}
.people.as-list li{grid-template-columns:minmax(0,1fr);border:0;padding:0}
.offer.as-notice .words,.offer.as-band{border:1px dashed var(--soft);background:transparent;color:inherit;padding:1.25rem!important;margin-top:var(--rest)}
.offer.as-notice{margin-top:0}
.offer.as-notice .words{margin:0}
.offer.as-band a{color:var(--link)}
.newsletter.as-band,.free-text.as-set-off{padding:1.25rem!important;margin-top:var(--rest)}
.video.as-plate,.buy-one.as-beside{grid-template-columns:minmax(0,1fr)}
.gallery .pictures{columns:2!important}
.hours .items div,.details .items div{grid-template-columns:minmax(7rem,1fr) minmax(0,2fr)}
.shelf h1,.text h1{font-size:var(--h2)}
.shelf-nav,.shelf-order{font-size:var(--small);margin-bottom:.25rem}
.product{display:grid;grid-template-columns:minmax(0,1fr);padding-top:0;gap:1.25rem}
.product-words{display:contents}
.product h1{font-size:min(var(--h1),calc((min(100vw,41rem) - 2.5rem)/var(--fit,1)));order:1}
.crumbs{order:0;font-size:var(--small)}
.product-about{order:2}
.product-pictures{order:3;background:var(--raised);padding:.8rem;grid-template-columns:1fr 1fr}
.product-pictures figure:first-child,.product-pictures>.no-picture{grid-column:1/-1}
.product-words>:is(.buy,.facts){order:4}
.product .facts{max-width:none}
.buy{gap:1.1rem}
.buy legend{margin-bottom:.15rem}
.checkout form{grid-template-columns:minmax(0,1fr)}
.summary{position:static;background:transparent;border-block:1px solid var(--line);padding-inline:0}
.lines{border:0}
.bill .total{border-top-width:1px}
.foot{background:transparent;padding:1.25rem clamp(1.25rem,6vw,5.5rem) 3rem;display:grid;justify-items:center;gap:.5rem;text-align:center;color:var(--soft)}
.foot .brand{font-size:1.3rem;color:var(--text)}
.foot ul,.foot address{justify-content:center}
@media (max-width:600px){
.good a{grid-template-columns:5rem minmax(0,1fr)}
.good .price{grid-column:2;grid-row:auto;text-align:left}
.good .price small{display:inline}
.good .about{display:none}
.opening-pictures>:nth-child(n+3){display:none}
}
`;
