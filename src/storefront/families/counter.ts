import { common, pictureColumn } from './common';

/** Counter: the goods at once in a dense grid, the shelves in a rail that stays, the talk below. */
export const counter = `
${common}
:root{--part:minmax(0,1fr) minmax(0,3fr);--rule:1px solid var(--line);--loud:var(--head-weight) var(--h3)/1.3 var(--head);--wide:90rem;--rest:calc(clamp(2.25rem,4vw,3.5rem)*1);--rail:13.5rem;--sides:minmax(0,5fr) minmax(0,4fr)}
.top{display:flex;flex-wrap:wrap;gap:.25rem 1.5rem;align-items:center;background:var(--accent);color:var(--on-accent);padding-block:.55rem;position:sticky;top:0;z-index:3}
.top a:focus-visible{outline-color:var(--on-accent)}
.top .brand{font-size:1.25rem;line-height:1.3}
.top nav{margin-left:auto}
.top ul{gap:.1rem 1.2rem}
.tools a{font-weight:var(--strong)}
.opening{display:block;padding-block:1.1rem!important;grid-column:1/-1;background:var(--third,transparent);color:var(--on-third,inherit)}
.opening.as-spoken .opening-words{display:flex;flex-wrap:wrap;align-items:baseline;gap:.35rem 1.25rem;max-width:none;container-type:normal}
.opening-words>*+*{margin-top:0}
.opening h1,.opening.as-spoken h1{font-size:var(--h2);line-height:1.2;letter-spacing:0}
.opening .lead{font-size:var(--body);color:var(--on-third,var(--soft));flex:1 1 20rem}
.opening .button{min-height:2.25rem;padding:.2rem .9rem;font-size:.95rem;margin-left:auto}
.opening.as-spoken .opening-words>p:last-child:not(.lead){margin-left:auto}
.opening-pictures{display:none}
.opening.as-pictured{display:grid;grid-template-columns:minmax(0,1fr) ${pictureColumn(1 / 2, '1.5rem')};gap:1.5rem;align-items:center}
.opening.as-pictured .opening-words{display:grid;gap:.75rem;justify-items:start}
.opening.as-pictured .opening-pictures{display:grid;grid-template-columns:repeat(4,1fr);gap:.5rem}
.opening.as-pictured .opening-pictures[data-count="1"]{grid-template-columns:minmax(0,1fr)}
.opening-pictures img{aspect-ratio:1}
.opening-pictures[data-count="1"] img{aspect-ratio:2;object-fit:var(--lying,cover)}
.opening-pictures>:nth-child(n+5){display:none}
.section-head{display:flex;flex-wrap:wrap;gap:.25rem 1.25rem;align-items:baseline;margin-bottom:.9rem}
h2{font-size:var(--h3)}
.goods{display:grid;grid-template-columns:repeat(auto-fill,minmax(min(100%,11.25rem),1fr));gap:1.25rem 1rem}
.goods.few{grid-template-columns:repeat(auto-fill,minmax(min(100%,16rem),20rem))}
.good{display:flex;flex-direction:column}
.good a{flex:1;gap:.1rem;grid-template-rows:auto auto 1fr}
.good .thumb{margin-bottom:.4rem}
.good .thumb img,.good .no-picture{border-radius:var(--soft-corner)}
.good .name{font:400 1rem/1.3 var(--text-face);text-transform:none}
.good .named{--plate:.8;place-items:start;aspect-ratio:3/2}
.good .price{font-weight:var(--strong);align-self:end;font-size:1.05rem}
.good .price small{font-weight:400}
.quick{display:grid;grid-template-columns:3.6rem minmax(0,1fr);gap:.35rem;padding-top:.4rem}
.quick input:not([type=hidden]){min-height:2.25rem;padding:.2rem .4rem}
.quick .button{min-height:2.25rem;padding:.2rem .5rem;font-size:.95rem}
.quick.choose{grid-template-columns:minmax(0,1fr)}
.quick .added{grid-column:1/-1;font-size:var(--small)}
.page-home main,.page-shop main,.page-category main{display:grid;grid-template-columns:minmax(0,1fr);align-content:start}
.categories a{padding:.2rem 0}
.shelf-nav li a,.categories li a{text-decoration:none}
.shelf-nav li a:hover,.categories li a:hover{text-decoration:underline}
.why ul{grid-template-columns:repeat(auto-fit,minmax(min(100%,14rem),1fr));gap:.75rem 2rem}
.why li{border-left:3px solid var(--second);padding-left:.9rem}
.why .claim{font:400 1rem/1.45 var(--text-face)}
.questions dl{grid-template-columns:repeat(auto-fit,minmax(min(100%,22rem),1fr))}
.newsletter.as-band,.offer.as-band{padding-block:1.5rem}
.product{gap:1rem 2.5rem;padding-top:.75rem}
.product-pictures{grid-template-columns:repeat(4,1fr);gap:.5rem}
.product-pictures figure:first-child,.product-pictures>.no-picture{grid-column:1/-1}
.product-pictures img{border-radius:var(--soft-corner);max-height:34rem;object-fit:contain;background:var(--raised)}
.product-words{gap:1rem}
.product h1{font-size:min(var(--h2),calc(99cqi/var(--fit,1)))}
.product-price b{font-size:var(--h2)}
.product .buy{border:1px solid var(--line);border-radius:var(--soft-corner);padding:1rem;background:var(--raised);justify-items:stretch;gap:1rem}
.buy .choices.rows span{padding:.4rem 0}
.buy .choices.rows label:hover{background:var(--ground)}
.buy .button{flex:1}
.cart-foot{background:var(--raised);border:1px solid var(--line);border-radius:var(--soft-corner);padding:1rem;justify-items:stretch}
.summary{border-radius:var(--soft-corner)}
.foot{background:var(--raised);display:grid;grid-template-columns:auto 1fr auto;gap:.75rem 2.5rem;align-items:var(--stand,baseline);margin-top:0;padding-block:1.5rem}
@media (min-width:901px){
[data-cart]:has(.lines){display:grid;grid-template-columns:minmax(0,1fr) 22rem;gap:2.5rem;align-items:start}
.cart-foot{position:sticky;top:4.5rem;margin:0}

.page-home main:has(>.categories:not([class*=span-])){grid-template-columns:calc(var(--side) + var(--rail)) minmax(0,1fr);--before:calc(var(--side) + var(--rail));--shift:1;--frame-left:1.5rem}
.page-home main>section{grid-column:2;padding-left:1.5rem}
.page-home main:not(:has(>.categories:not([class*=span-])))>section{grid-column:1/-1;padding-left:var(--side)}
.page-home main>section.opening{grid-column:1/-1;padding-left:var(--side)}
.page-home main>section.categories:not([class*=span-]){grid-column:1;grid-row:2/span 40;padding:var(--rest) 0 2rem var(--side)}
.categories h2{font-size:1rem;margin-bottom:.35rem}
.page-home .categories ul{display:block;position:sticky;top:4.5rem}
.page-home .categories.as-list li{border-bottom:1px solid var(--line)}
.page-home .categories.as-list a{display:flex;justify-content:space-between;gap:.5rem;padding:.4rem 0}
.shelf{display:grid;grid-template-columns:var(--rail) minmax(0,1fr);gap:0 1.5rem;align-items:start}
.shelf>*{grid-column:2}
.shelf-nav{grid-column:1;grid-row:1/span 5;position:sticky;top:4rem;margin:0}
.shelf-nav ul{display:block}
.shelf-nav li{border-bottom:1px solid var(--line)}
.shelf-nav a{display:block;padding:.4rem 0}
.shelf:not(:has(.shelf-nav)){grid-template-columns:minmax(0,1fr)}
.shelf:not(:has(.shelf-nav))>*{grid-column:1}
}
.shelf h1{font-size:var(--h2)}
@media (max-width:900px){
.opening.as-pictured{grid-template-columns:minmax(0,1fr)}
.foot{grid-template-columns:minmax(0,1fr)}
.top{position:static}
.top nav{margin:0;order:3;width:100%}
.top .tools{margin-left:auto}
}
@media (max-width:600px){
.goods{grid-template-columns:repeat(2,minmax(0,1fr))}
}
`;
