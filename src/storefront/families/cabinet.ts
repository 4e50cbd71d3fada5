import { common, pictureColumn } from './common';

/** Cabinet: unequal compartments with one line between them, labels beneath the things, numbers like in a museum. */
export const cabinet = `
${common}
:root{--frame:0px;--part:minmax(0,1fr);--rule:1px solid var(--line);--loud:500 var(--h2)/1.2 var(--head)}
.top{display:grid;grid-template-columns:minmax(0,1fr) auto minmax(0,1fr);align-items:center;gap:.25rem 1.5rem;border-bottom:3px double var(--line);padding-block:1.1rem}
.top .brand{grid-column:2;font-size:1.7rem;line-height:1.1;text-align:center}
.top nav{grid-row:1;grid-column:1;font-size:var(--small)}
.top .tools{grid-column:3;justify-content:flex-end;font-size:var(--small)}
.top ul{gap:.1rem 1.1rem}
main{padding-inline:var(--side)}
main>section,main>section.shelf,main>section.text,.product{padding-inline:0}
.opening{min-height:min(36rem,74vh);display:grid;grid-template-columns:minmax(0,5fr) minmax(0,3fr) minmax(0,4fr);grid-template-rows:1fr 1fr;gap:1px;background:var(--line);border:1px solid var(--line);margin-top:clamp(1rem,2.5vw,2rem);padding:0!important}
.opening-words{background:var(--ground);padding:clamp(1.5rem,3vw,3rem);align-content:end;display:grid;grid-row:1/3}
.opening-words>*{justify-self:start}
.opening-pictures{display:contents}
.opening-pictures>*{background:var(--raised);padding:.9rem;display:grid;grid-template-rows:minmax(0,1fr) auto}
.opening-pictures>* img{height:100%;min-height:9rem;aspect-ratio:auto;object-fit:var(--upright,cover);contain:size}
.opening-pictures>:first-child{grid-column:3;grid-row:1/3}
.opening-pictures>:nth-child(n+4){display:none}
.opening-pictures span,.good .note,.gallery .caption{font-style:normal;color:var(--soft)}
.opening:has([data-count="1"]),.opening.as-spoken{grid-template-columns:minmax(0,1fr) ${pictureColumn(1 / 2, '1px')}}
.opening:has([data-count="1"]) .opening-pictures>:first-child{grid-column:2}
.opening.as-spoken{grid-template-columns:minmax(0,1fr)}
.section-head,.why h2,.categories h2,.story h2,.questions h2,.contact h2,.part>h2,.part .head h2{display:flex;align-items:baseline;gap:1.25rem;flex-wrap:wrap}
.section-head{border-top:3px double var(--line);padding-top:1rem;justify-content:space-between}
.goods{display:grid;grid-template-columns:repeat(12,minmax(0,1fr));gap:1px;background:var(--raised);border:1px solid var(--line);grid-auto-flow:dense}
.good{box-shadow:0 0 0 1px var(--line)}
.good{grid-column:span 3;background:var(--ground)}
.good:nth-child(9n+1){grid-column:span 6;grid-row:span 2}
.good:nth-child(9n+6){grid-column:span 6}
.good a{padding:.9rem .9rem 1.1rem;grid-template-rows:minmax(0,1fr) auto;grid-template-columns:1fr auto;gap:.1rem .75rem}
@media (min-width:1000px){main.spans>[class*=span-] .goods:not(.few){grid-template-columns:repeat(6,minmax(0,1fr))}}
.good .thumb{grid-column:1/-1;margin-bottom:.75rem;min-height:0}
.good .thumb img,.good .thumb .no-picture{height:100%;aspect-ratio:1}
.good:nth-child(9n+6) .thumb img,.good:nth-child(9n+6) .thumb .no-picture{aspect-ratio:2.06;object-fit:var(--lying,cover)}
.good .named{place-items:center;text-align:center;outline:1px solid var(--line);outline-offset:-.6rem}
.good .thumb .named .name{--in:11cqmin}
.good .entry{display:block;grid-column:1/-1;color:var(--soft);font-size:var(--small);font-variant-numeric:oldstyle-nums}
.good .entry::before{content:"no. ";background:var(--third,transparent);color:var(--on-third,inherit)}
.good .name{font-size:1.15rem;line-height:1.2}
.good .price{grid-column:2;grid-row:3}
.good .note{grid-column:1/-1}
.good a:hover{background:var(--raised)}
.goods.few{grid-template-columns:repeat(2,minmax(0,1fr))}
.goods.few .good{grid-column:span 1;grid-row:auto}
.categories.as-pictures ul{gap:1px;background:var(--line);border:1px solid var(--line);grid-template-columns:repeat(auto-fill,minmax(min(100%,12rem),1fr))}
.categories.as-pictures li{background:var(--raised)}
.categories.as-pictures a{padding:.9rem}
.why ul{gap:1px;background:var(--line);border:1px solid var(--line)}
.why li{background:var(--ground);padding:1.5rem}
.story{display:grid;grid-template-columns:minmax(0,4fr) minmax(0,8fr);gap:2rem}
.story .prose{border:1px solid var(--line);padding:clamp(1.25rem,3vw,2.5rem);max-width:none;background:var(--raised)}
.questions dl{grid-template-columns:repeat(auto-fit,minmax(min(100%,20rem),1fr));gap:1px;background:var(--line);border:1px solid var(--line)}
.questions dl div{background:var(--ground);padding:1.25rem}
.contact{text-align:center}
.contact h2{justify-content:center}
.contact address{justify-content:center;font:var(--loud)}
.offer.as-band{padding-inline:clamp(1.25rem,3vw,2.5rem)!important;padding-bottom:clamp(1.5rem,3vw,2.5rem)!important;padding-top:clamp(1.5rem,3vw,2.5rem)!important;margin-top:var(--rest)}
.shelf .section-head{border:0;padding:0}
.product{grid-template-columns:minmax(0,8fr) minmax(0,4fr);gap:1px;background:var(--line);border:1px solid var(--line);padding:0;margin-block:clamp(1rem,2.5vw,2rem) var(--rest)}
.product>*{background:var(--ground)}
.crumbs{padding:.5rem 1rem}
.product-pictures{padding:clamp(1rem,3vw,2.75rem);background:var(--raised)!important;align-self:stretch;grid-template-columns:repeat(3,1fr);align-content:start}
.product-pictures figure:first-child,.product-pictures>.no-picture{grid-column:1/-1}
.product-pictures figure:first-child img{max-height:44rem;object-fit:contain}
.product-words{padding:clamp(1.25rem,2.5vw,2.25rem);align-self:stretch}
.product h1{font-size:min(var(--h2),calc(99cqi/var(--fit,1)))}
.product .facts{border-block:3px double var(--line);max-width:none;font-size:var(--small);line-height:var(--small-line)}
.product .facts div:last-child{border:0}
.summary{background:var(--ground);border:1px solid var(--line);outline:1px solid var(--line);outline-offset:4px}
.product .buy{align-self:end;border-top:1px solid var(--line);padding-top:1.5rem}
.related{padding-bottom:var(--rest)!important}
.related .good,.related .good:nth-child(n){grid-column:span 3;grid-row:auto}
.related .good:nth-child(n) .thumb img{aspect-ratio:1}
.foot{margin-top:0;border-top:3px double var(--line);display:grid;grid-template-columns:auto 1fr auto;gap:1rem 2.5rem;align-items:var(--stand,baseline)}
.foot nav ul{justify-content:center}
@media (min-width:901px){
[data-cart]:has(.lines){display:grid;grid-template-columns:minmax(0,8fr) minmax(0,4fr);gap:1px;background:var(--line);border:1px solid var(--line)}
[data-cart]>:is(.lines,.cart-foot){background:var(--ground);border:0;margin:0;padding:clamp(1rem,2vw,1.75rem);align-content:start}
[data-cart] .cart-foot{background:var(--raised);justify-items:stretch}
[data-cart] .line:last-child{border:0}
}
@media (max-width:900px){
.top{grid-template-columns:minmax(0,1fr) auto}
.top .brand{grid-column:1;text-align:left}
.top .tools{grid-column:2}
.top nav{grid-column:1/-1;grid-row:2}
.opening{grid-template-columns:1fr 1fr;grid-template-rows:none}
.opening-words{grid-column:1/-1;grid-row:auto}
.opening-pictures>:first-child{grid-column:1/-1;grid-row:auto}
.opening-pictures>* img{contain:none;aspect-ratio:1}
.opening-pictures>:first-child img{aspect-ratio:4/3;object-fit:var(--lying,cover)}
.good,.good:nth-child(n),.related .good:nth-child(n){grid-column:span 6;grid-row:auto}
.good:nth-child(9n+1){grid-column:span 12}
.good:nth-child(n) .thumb img,.good:nth-child(n) .thumb .no-picture{aspect-ratio:1}
.good:nth-child(9n+1) .thumb img{aspect-ratio:4/3;object-fit:var(--lying,cover)}
.good a{grid-template-columns:minmax(0,1fr)}
.good .price{grid-column:1;grid-row:auto}
.product,.story{grid-template-columns:minmax(0,1fr)}
.foot{grid-template-columns:minmax(0,1fr)}
.foot nav ul{justify-content:flex-start}
}
`;
