import { common, pictureColumn } from './common';

/** Broadsheet: a masthead, columns with rules between, headlines of several ranks, goods as notices. */
export const broadsheet = `
${common}
:root{--part:minmax(0,1fr);--rule:1px solid var(--text);--loud:var(--head-weight) var(--h2)/1.15 var(--head);--wide:82rem;--col:clamp(1rem,1.9vw,1.9rem)}
.top{display:grid;grid-template-columns:minmax(0,1fr) auto;gap:0 1.5rem;padding-bottom:0}
.top{box-shadow:inset 0 .6rem 0 var(--third,transparent)}
.top .brand{grid-column:1/-1;text-align:center;font-size:clamp(2.1rem,6.2vw,4.6rem);line-height:1.05;padding-block:.1em .25em;letter-spacing:-.01em}
.top .mark{margin-inline:auto}
.top nav,.top .tools{border-block:1px solid var(--text);padding-block:.3rem;font-size:var(--small);position:relative}
.top nav{margin-right:-1.5rem}
.top nav::before,.top .tools::before{content:"";position:absolute;left:0;right:0;top:-4px;border-top:3px solid var(--text)}
.top ul{gap:.1rem 1.4rem}
main>section{padding-top:0;margin-top:calc(clamp(1.75rem,3.5vw,3rem)*var(--by,1))}
main>section.text,main>section.shelf{margin-top:0}
main>section+section:not(.related,.assurance){margin-inline:var(--side);padding-inline:0!important;border-top:3px double var(--text);padding-top:1rem}
main>section.opening{margin-top:0}
.opening{display:grid;grid-template-columns:minmax(0,6fr) minmax(0,3fr) minmax(0,3fr);gap:0 calc(var(--col)*2);padding-top:1.5rem!important;padding-bottom:.5rem}
.opening-words{display:grid;align-content:start}
.opening h1{font-size:min(calc(var(--display)*1.02),calc(99cqi/var(--fit,1)));line-height:1.02}
.opening .lead{line-height:1.45;max-width:none;text-align:start}
.opening .lead.long{columns:2 15rem;column-gap:calc(var(--col)*2);column-rule:1px solid var(--line);font-size:var(--body);line-height:1.5}
.opening .lead.long::first-letter{font:var(--head-weight) 3.4em/.78 var(--head);float:left;padding:.06em .09em 0 0;color:var(--link)}
.opening-pictures{display:contents}
.opening-pictures>*{border-left:1px solid var(--line);padding-left:var(--col);margin-left:calc(var(--col)*-1);align-self:start}
.opening-pictures>* img{aspect-ratio:4/5;object-fit:var(--upright,cover)}
.opening-pictures>:nth-child(2) img{aspect-ratio:1}
.opening-pictures>:nth-child(n+3){display:none}
.opening:has([data-count="1"]){grid-template-columns:minmax(0,1fr) ${pictureColumn(5 / 12, 'var(--col)*2')}}
.opening.as-spoken{grid-template-columns:minmax(0,1fr)}
h2,.section-head{text-align:center}
.section-head{display:grid;justify-items:center;margin-bottom:1.25rem}
.section-head p{font-size:var(--small)}
.goods{display:grid;grid-template-columns:repeat(4,minmax(0,1fr));gap:2rem calc(var(--col)*2);overflow:hidden}
.good{position:relative}
.good::before{content:"";position:absolute;top:0;bottom:0;left:calc(var(--col)*-1);border-left:1px solid var(--line)}
.good a{gap:.3rem}
.good .thumb{order:0;margin-bottom:.25rem}
.good .name{font-size:1.3rem;line-height:1.15}
.good .named{--plate:.9;place-items:center;text-align:center;background:transparent;border-block:3px double var(--text)}
.good .price{border-block:1px solid var(--line);padding:.25rem 0;margin-top:.2rem;align-self:end}
.goods{grid-auto-flow:dense}
.good:nth-child(8n+1){grid-column:span 2;grid-row:span 2}
.good:nth-child(8n+1) .name{font-size:var(--h2)}
.good:nth-child(8n){grid-column:span 2}
.good:nth-child(8n) a{grid-template-columns:1fr 1fr;gap:.3rem 1rem}
.good:nth-child(8n) .thumb{grid-row:1/6;margin:0}
.goods.few{grid-template-columns:repeat(2,minmax(0,1fr))}
.goods.few .good:nth-child(n){grid-column:span 1;grid-row:auto}
.onward{text-align:center;margin-top:1.5rem}
.why ul{gap:0 calc(var(--col)*2);overflow:hidden}
.why li{position:relative;padding-block:.25rem}
.why li::before{content:"";position:absolute;top:0;bottom:0;left:calc(var(--col)*-1);border-left:1px solid var(--line)}
.why .claim{font-size:var(--h3);text-align:center;text-wrap:balance}
.categories ul{justify-content:center;font:var(--loud);gap:.1em .9em}
.categories h2,.why h2{font-size:var(--h3)}
.story .prose{max-width:none;columns:3 16rem;column-gap:calc(var(--col)*2);column-rule:1px solid var(--line)}
.story .prose>.long:first-child::first-letter{font:var(--head-weight) 3.4em/.78 var(--head);float:left;padding:.06em .09em 0 0;color:var(--link)}
.story .onward{text-align:left;margin-top:.5rem}
.questions dl{display:block;columns:3 18rem;column-gap:calc(var(--col)*2);column-rule:1px solid var(--line)}
.questions dl div{break-inside:avoid;padding-bottom:1.25rem}
.questions dt{font-family:var(--head);font-size:1.1em}
.contact{text-align:center}
.contact address{justify-content:center}
.reviews .items,.numbers .items{text-align:center}
.offer.as-band,.newsletter.as-band,.free-text.as-set-off{padding-inline:1.5rem!important;padding-bottom:1.5rem}
.offer .words{justify-items:center;text-align:center}
.offer.as-notice .words{border-width:3px;border-style:double}
.shelf h1{font-size:var(--h1)}
.shelf-nav ul,.shelf-order ul{justify-content:center}
.shelf-nav{border-block:1px solid var(--line);padding-block:.2rem}
.product{grid-template-columns:minmax(0,8fr) minmax(0,4fr);gap:1.25rem calc(var(--col)*2);padding-top:1rem}
.crumbs{text-align:center}
.product-words{display:contents}
.product h1{grid-column:1/-1;text-align:center;font-size:min(var(--display),calc(88vw/var(--fit,1)));line-height:1.05;order:-2;border-bottom:3px double var(--text);padding-bottom:.35em}
.product .crumbs{order:-3}
.product-pictures{grid-row:3/9;grid-template-columns:1fr 1fr}
.product-pictures figure:first-child,.product-pictures>.no-picture{grid-column:1/-1}
.product-words>*{grid-column:2}
.product .buy{border:3px double var(--text);padding:1.25rem;gap:1.1rem;justify-items:stretch}
.buy .product-price{order:-1;text-align:center;border-bottom:1px solid var(--line);padding-bottom:.75rem}
.product-price b{font:var(--loud)}
.product-price small{display:block}
.buy .button{flex:1}
.product-about{max-width:none;hyphens:auto}
.cart h1,.checkout h1{text-align:center;border-bottom:3px double var(--text);padding-bottom:.3em}
.cart-foot,.summary{border:3px double var(--text);background:transparent;padding:1.25rem;justify-items:stretch}
.product .facts{max-width:none}
.foot{border-top:3px double var(--text);margin:var(--rest) var(--side) 0;padding-inline:0;text-align:center;display:grid;gap:.5rem;justify-items:center}
.foot .brand{font-size:1.5rem}
.foot ul,.foot address{justify-content:center}
@media (min-width:901px){
[data-cart]:has(.lines){display:grid;grid-template-columns:minmax(0,8fr) minmax(0,4fr);gap:calc(var(--col)*2);align-items:start}
.lines{border:0}
.line:first-child{padding-top:0}
.cart-foot{margin:0}
}
@media (max-width:900px){
.opening,.opening:has([data-count="1"]){grid-template-columns:minmax(0,1fr) minmax(0,1fr);row-gap:1.5rem}
.opening-words{grid-column:1/-1}
.opening-pictures>:first-child{border:0;padding:0;margin:0}
.goods{grid-template-columns:repeat(2,minmax(0,1fr))}
.good:nth-child(8n+1){grid-row:auto}
.product{grid-template-columns:minmax(0,1fr)}
.product-pictures,.product-words>*{grid-column:1;grid-row:auto}
}
@media (max-width:600px){
.top{grid-template-columns:minmax(0,1fr)}
.top nav{margin:0}
.top .tools{border-top:0;justify-content:space-between}
.top .tools::before{display:none}
.opening:has([data-count="1"]){grid-template-columns:minmax(0,1fr)}
}
`;
