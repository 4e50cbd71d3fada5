import { colouredFields, common, pictureColumn } from './common';

/** Almanac: chapters with large numerals, index tabs at the side, text and picture in turn. */
export const almanac = `
${common}${colouredFields}
:root{--part:minmax(0,3fr) minmax(0,9fr);--rule:2px solid var(--link);--loud:var(--head-weight) var(--h3)/1.3 var(--head);--wide:74rem;--tab:9.5rem;--sides:minmax(0,5fr) minmax(0,6fr)}
.top{display:grid;grid-template-columns:minmax(0,1fr) auto;gap:.25rem 2rem;align-items:var(--stand,baseline);padding-block:1.25rem .9rem;border-bottom:var(--rule-w) solid var(--link)}
.top .brand{font-size:1.6rem;line-height:1.15;color:var(--link)}
main>section{display:grid;grid-template-columns:clamp(3.5rem,9vw,8rem) minmax(0,1fr);gap:0 1.5rem;align-items:start}
main>section>*{grid-column:2;min-width:0}
main>section{counter-increment:chapter}
main>section::before{content:counter(chapter);grid-column:1;grid-row:1/9;font:var(--head-weight) clamp(3rem,7.5vw,6.5rem)/.8 var(--head);color:var(--link);font-variant-numeric:oldstyle-nums;padding-top:.02em}
main>section:is(.opening,.shelf,.text,.related,.assurance)::before{display:none}
main>section:is(.opening,.shelf,.text,.related,.assurance){display:block;counter-increment:none}
main>section:is(.shelf,.text,.related,.assurance)>*{grid-column:auto}
main>section.opening{display:grid;grid-template-columns:minmax(0,1fr) ${pictureColumn(5 / 11, 'clamp(1.5rem,4vw,4rem)')};gap:0 clamp(1.5rem,4vw,4rem);align-items:center;background:var(--second);color:var(--on-second);padding-block:clamp(1.75rem,4vw,3.5rem)}
main>section.opening>*{grid-column:auto}
.opening .lead{font-size:var(--h3)}
.opening .button{background:transparent;color:inherit;border-color:currentColor}
.opening a:focus-visible{outline-color:var(--on-second)}
.opening-pictures{display:grid;grid-template-columns:1fr 1fr;gap:.75rem}
.opening-pictures img{aspect-ratio:1;border-radius:999px 999px 0 0}
.opening-pictures>:first-child{grid-row:1/3}
.opening-pictures>:first-child img{aspect-ratio:2/3;object-fit:var(--upright,cover)}
.opening-pictures>:nth-child(n+4){display:none}
.opening-pictures[data-count="1"],.opening-pictures[data-count="2"]{grid-template-columns:minmax(0,1fr)}
.opening-pictures[data-count="1"]>*,.opening-pictures[data-count="2"]>*{grid-row:auto}
.opening-pictures[data-count="1"] img{aspect-ratio:4/5;object-fit:var(--upright,cover)}
.opening-pictures[data-count="2"]>:nth-child(2){display:none}
main>section.opening.as-spoken{grid-template-columns:minmax(0,1fr)}
.part{grid-template-columns:clamp(3.5rem,9vw,8rem) minmax(0,1fr)}
.part>*+*{margin-top:1.25rem}
.section-head{border-bottom:var(--rule-w) solid var(--link);padding-bottom:.6rem}
.why h2,.categories h2,.story h2,.questions h2,.contact h2,.part>h2{border-bottom:var(--rule-w) solid var(--link);padding-bottom:.4rem}
.goods{display:grid;grid-template-columns:repeat(2,minmax(0,1fr));gap:2.25rem clamp(1.5rem,3vw,3rem)}
.good a{grid-template-columns:minmax(0,5fr) minmax(0,6fr);grid-template-rows:auto auto auto 1fr;gap:.15rem 1.1rem}
.good .thumb{grid-row:1/6}
.good:nth-child(4n+3) .thumb,.good:nth-child(4n+4) .thumb{grid-column:2}
.good:nth-child(4n+3) a,.good:nth-child(4n+4) a{grid-template-columns:minmax(0,6fr) minmax(0,5fr)}
.good .thumb img,.good .no-picture{aspect-ratio:4/5;object-fit:var(--upright,cover)}
.good .name{font-size:1.25rem;line-height:1.2}
.good .price{font-family:var(--head);font-size:1.1rem;border-top:1px solid var(--line);padding-top:.4rem;margin-top:.3rem;align-self:start}
.categories.as-pictures ul{grid-template-columns:repeat(auto-fill,minmax(min(100%,10rem),1fr))}
.categories.as-pictures img,.categories.as-pictures .no-picture{border-radius:999px 999px 0 0;aspect-ratio:4/5;object-fit:var(--upright,cover)}
.why.as-stacked li{border-top:1px solid var(--line)}
.steps .count{font-size:var(--h1)}
.questions dl div{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,3fr);gap:.25rem 2rem;border-bottom:1px solid var(--line);padding-bottom:1rem}
.offer.as-band,.newsletter.as-band,.free-text.as-set-off{padding-block:var(--rest);margin-top:var(--rest)}
.offer.as-band::before{color:inherit}
.contact address{font:var(--loud)}
.shelf .section-head{margin-bottom:1rem}
.shelf h1{color:var(--link)}
.shelf-nav ul{gap:.35rem}
.shelf-nav a{background:var(--third,var(--raised));color:var(--on-third,inherit);padding:.3rem .9rem;text-decoration:none;border-radius:.7rem .7rem 0 0;border-bottom:3px solid var(--line)}
.shelf-nav [aria-current]{border-color:var(--link);color:var(--on-third,var(--link))}
.product{padding-top:1rem}
.product-pictures img{border:var(--rule-w) solid var(--line);padding:clamp(4px,.6vw,9px);background:var(--raised)}
.product-pictures figure:first-child img{border-radius:999px 999px 0 0;aspect-ratio:4/5;object-fit:var(--upright,cover)}
.product h1{color:var(--link);font-size:min(calc(var(--h1)*1.15),calc(99cqi/var(--fit,1)))}
.product-price{border-block:var(--rule-w) solid var(--link);padding-block:.6rem;font-family:var(--head)}
.facts{max-width:none}
.facts div{grid-template-columns:7rem 1fr}
.buy fieldset{display:flow-root}
.buy legend{float:left;width:7rem;padding-top:.6rem;margin:0}
.buy :is(.choices,.stock){margin-left:8rem}
.buy .stock{margin-top:-1rem}
.buy .buy-row{flex-wrap:wrap}
.buy .quantity{display:flex;align-items:center;gap:1rem;font-size:var(--body);font-weight:var(--strong);width:100%}
.buy .quantity span{width:7rem}
.line img,.line .no-picture{border-radius:999px 999px 0 0;aspect-ratio:4/5}
.lines{border-top:var(--rule-w) solid var(--link)}
.bill .total{border-color:var(--link);font-family:var(--head)}
.summary{border-radius:12rem 12rem 0 0;padding-top:4.5rem}
.summary h2{text-align:center}
.buy .button{margin-left:8rem}
.foot{background:var(--second);color:var(--on-second);display:grid;gap:.75rem;margin-top:0}
.foot .brand{font-size:1.5rem}
@media (min-width:1080px){
.top nav{position:absolute;right:0;top:8.5rem;z-index:2;width:var(--tab)}
.top ul{display:grid;gap:.35rem;justify-items:end}
.top li{width:100%}
.top li a{display:block;background:var(--third,var(--raised));color:var(--on-third,inherit);border:1px solid var(--line);border-right:0;border-radius:.7rem 0 0 .7rem;padding:.45rem .75rem .45rem .9rem;font-size:var(--small);line-height:1.3;margin-left:.9rem}
.top li a[aria-current]{margin-left:0;background:var(--link);color:var(--ground);border-color:var(--link);text-decoration:none!important}
.top li:has(>details){display:block}
.top li:has(>details)>a{padding-right:2rem}
.top summary{position:absolute;right:0;top:0;margin:0;padding:.55rem .7rem;color:var(--on-third,var(--text))}
.top li:has(>[aria-current]) summary{color:var(--ground)}
.top details>ul{position:static;width:auto;min-width:0;border:0;padding:.35rem 0 0;background:none}
.top details li a{margin-left:1.9rem}
:root{--side:max(calc(var(--tab) + 1.5rem),calc((100vw - var(--wide))/2))}
.top{padding-inline:var(--side)}
}
@media (max-width:1079px){.top nav{grid-column:1/-1;grid-row:2}}
@media (max-width:820px){
main>section.opening{grid-template-columns:minmax(0,1fr);gap:1.75rem}
.goods{grid-template-columns:minmax(0,1fr)}
.questions dl div{grid-template-columns:minmax(0,1fr)}
}
@media (max-width:600px){
.product-pictures{grid-template-columns:repeat(4,1fr)}
.buy legend,.buy .quantity span{float:none;width:auto;padding:0 0 .35rem}
.buy :is(.choices,.stock,.button){margin-left:0}
.product-pictures>:first-child{grid-column:1/-1}
.product-pictures figure:first-child img{aspect-ratio:1}

main>section{grid-template-columns:minmax(0,1fr)}
main>section>*{grid-column:1}
main>section::before{grid-row:auto;font-size:3rem;padding-bottom:.6rem}
.part{grid-template-columns:minmax(0,1fr)}
}
`;
