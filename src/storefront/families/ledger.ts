import { pictureColumn } from './common';

/** Ledger: hairlines, numbered entries, prices in a column of their own. */
export const ledger = `
:root{--frame:0px;--flush:max(var(--edge),calc((100vw - 80rem)/2 + var(--edge)))}
.top,main,.foot{max-width:80rem;margin-inline:auto;width:100%;padding-inline:var(--edge)}
.top{display:grid;grid-template-columns:auto 1fr auto;gap:.5rem 2.5rem;align-items:var(--stand,baseline);padding-block:1.1rem;border-bottom:1px solid var(--text);box-shadow:0 4px 0 var(--ground),0 5px 0 var(--line);max-width:none;padding-inline:max(var(--edge),calc((100vw - 80rem)/2 + var(--edge)))}
.top .brand{font-size:1.35rem;line-height:1.2}
.top ul{justify-content:flex-end}
.opening{display:grid;grid-template-columns:minmax(0,1fr) ${pictureColumn(5 / 11, 'clamp(2rem,5vw,4.5rem)')};gap:clamp(2rem,5vw,4.5rem);padding-block:clamp(2rem,4.5vw,4rem);border-bottom:1px solid var(--line);align-items:stretch}
.opening-words{display:grid;align-content:end;gap:1.75rem}
.opening h1{font-size:var(--display);line-height:var(--display-line);letter-spacing:var(--display-track);font-weight:500}
.opening .lead{max-width:34rem;font-family:var(--head)}
.opening-pictures{display:grid;grid-template-columns:repeat(4,1fr);gap:0 1px;border-top:1px solid var(--text);align-content:start}
.opening-pictures>*{color:inherit;text-decoration:none;font-size:var(--small);display:block;min-width:0}
.opening-pictures>:first-child{grid-column:1/-1}
.opening-pictures img{width:100%;aspect-ratio:1;object-fit:cover}
.opening-pictures>:first-child img{aspect-ratio:4/3;object-fit:var(--lying,cover)}
.opening-pictures span{display:block;padding:.45rem .5rem .45rem 0;line-height:1.25}
.opening-pictures>:first-child span{border-bottom:1px solid var(--text);padding-block:.6rem}
.opening-pictures>a:hover span{text-decoration:underline}
main>section:not(.opening,.text,.shelf){padding-block:calc(clamp(2.5rem,5vw,4.5rem)*var(--by,1));border-bottom:1px solid var(--line)}
.section-head{display:flex;justify-content:space-between;align-items:baseline;gap:.5rem 2rem;flex-wrap:wrap;padding-bottom:1rem;border-bottom:1px solid var(--text)}
.section-head p{color:var(--soft);font-size:var(--small)}
.goods{counter-reset:none}
.good{border-bottom:1px solid var(--line)}
.good a{display:grid;grid-template-columns:3rem 4.5rem minmax(0,1fr) minmax(0,12rem) minmax(7rem,auto);gap:0 1.25rem;align-items:center;padding:.6rem 0;min-height:5.25rem}
.good a:hover{background:var(--raised)}
.good .entry{display:grid;align-items:center;align-self:stretch;margin-block:-.6rem;background:var(--third,transparent);color:var(--on-third,var(--soft));font-size:var(--small);font-variant-numeric:tabular-nums;padding-left:.35rem}
.good .name{font-size:var(--h3);line-height:1.2;font-weight:500}
.good .note{font-size:var(--small)}
.good .price{text-align:right;padding-right:.35rem}
.onward{padding-top:1.25rem}
.why{display:grid;grid-template-columns:minmax(0,3fr) minmax(0,9fr);gap:2rem}
.why ul{display:grid;grid-template-columns:repeat(auto-fit,minmax(14rem,1fr));row-gap:1.5rem}
.why li{padding:0 1.75rem;border-left:1px solid var(--line)}
.why h3{margin-bottom:.6rem}
.why .claim{font:500 var(--h3)/1.3 var(--head)}
.categories{display:grid;grid-template-columns:minmax(0,3fr) minmax(0,9fr);gap:2rem}
.categories ul{columns:2;column-gap:3rem}
.categories li{break-inside:avoid;border-bottom:1px solid var(--line)}
.categories a{display:flex;align-items:center;gap:.75rem;color:inherit;text-decoration:none;padding:.4rem 0;min-height:3.25rem}
.categories a:hover{background:var(--raised)}
.categories .thumb{width:2.75rem;flex:none}
.categories .name{flex:1}
.categories .note{font-variant-numeric:tabular-nums;color:var(--soft)}
.story,.questions,.contact{display:grid;grid-template-columns:minmax(0,3fr) minmax(0,9fr);gap:2rem}
.story .prose{font:400 var(--h3)/1.45 var(--head);max-width:38rem}
.questions dl{border-top:1px solid var(--text)}
.questions dl div{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,3fr);gap:.25rem 2rem;border-bottom:1px solid var(--line);padding:.9rem 0}
.questions dt{font-weight:600}
main>section.contact{border-bottom:0}
.contact address{display:flex;flex-wrap:wrap;gap:.5rem 3rem;font-size:var(--h3)}
.shelf{padding-block:clamp(2rem,4vw,3.5rem) var(--rest)}
.shelf .section-head{border:0;padding-bottom:.75rem}
.shelf-nav{border-top:1px solid var(--text);padding:.5rem 0}
.shelf-order{border-block:1px solid var(--line);padding:.25rem 0}
.stretches{padding-top:1.5rem}
.product{display:grid;grid-template-columns:minmax(0,6fr) minmax(0,5fr);gap:1.25rem clamp(2rem,5vw,4.5rem);padding-block:1.25rem clamp(3rem,6vw,5rem)}
.crumbs{display:flex;flex-wrap:wrap;gap:0 .4rem;align-items:baseline;grid-column:1/-1;border-bottom:1px solid var(--line);padding-bottom:.6rem}
.crumbs .entry{display:inline;margin-left:auto;font-variant-numeric:tabular-nums lining-nums}
.product-pictures{display:grid;gap:1px;grid-template-columns:repeat(3,1fr);align-content:start}
.product-pictures figure:first-child,.product-pictures>.no-picture{grid-column:1/-1}
.product-pictures img{width:100%;aspect-ratio:1;object-fit:cover}
.product-words{display:grid;gap:1.4rem;align-content:start}
.product .facts{max-width:none;border-top-color:var(--text)}
.buy{gap:1.1rem}
.choices.rows{border-top-color:var(--text)}
.product-price{display:flex;flex-wrap:wrap;gap:0 .75rem;align-items:baseline;justify-content:flex-end;width:100%;border-bottom:3px double var(--text);padding-bottom:.6rem}
.buy .buy-row{justify-content:space-between}
.cart-foot,.cart-foot .bill{justify-items:stretch;width:100%}
.cart-foot .button{justify-self:end}
.bill div{border-bottom:1px solid var(--line);padding-bottom:.4rem}
.bill .total{border-bottom:3px double var(--text)}
.summary{background:transparent;border-block:1px solid var(--text);padding-inline:0}
.page-contact main .contact{grid-template-columns:minmax(0,1fr);padding-block:clamp(2rem,5vw,4rem) var(--rest)}
.foot{display:grid;grid-template-columns:auto 1fr;gap:1rem 3rem;border-top:1px solid var(--text);padding-block:2rem;font-size:var(--small);max-width:none;padding-inline:max(var(--edge),calc((100vw - 80rem)/2 + var(--edge)));align-items:var(--stand,baseline)}
.foot .brand{font-size:1.1rem}
.foot nav ul{justify-content:flex-end}
.foot address{grid-column:1/-1;color:var(--soft)}
.offer.as-band,.free-text.as-set-off,.newsletter.as-band{box-shadow:0 0 0 100vmax var(--band,var(--raised));clip-path:inset(0 -100vmax)}
.offer.as-band{--band:var(--second)}
@media (max-width:900px){
.opening,.product{grid-template-columns:minmax(0,1fr)}
.why,.categories,.story,.questions,.contact{grid-template-columns:minmax(0,1fr);gap:1.25rem}
.why li{border-left:0;border-top:1px solid var(--line);padding:1rem 0}
.top{grid-template-columns:1fr auto}
.top nav{grid-column:1/-1;grid-row:2}
.top ul{justify-content:flex-start}
}
@media (max-width:600px){
.good a{grid-template-columns:4rem minmax(0,1fr) fit-content(7.5rem);gap:0 .9rem}
.good .entry{display:none}
.good .thumb{grid-row:1/3}
.good .name{align-self:end}
.good .note{grid-column:2;grid-row:2;align-self:start}
.good .price{grid-column:3;grid-row:1/3}
.categories ul{columns:1}
.questions dl div{grid-template-columns:minmax(0,1fr)}
.foot{grid-template-columns:minmax(0,1fr)}
.foot nav ul{justify-content:flex-start}
}
`;
