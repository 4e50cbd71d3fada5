import { common, pictureColumn } from './common';

/** Drawing board: squared ground, a title block, figures with numbers, call-outs and dimension lines. */
export const drawing = `
${common}
.opening,.product{counter-reset:fig}
:root{--part:minmax(0,3fr) minmax(0,9fr);--rule:1px solid var(--text);--loud:var(--head-weight) var(--h3)/1.35 var(--head);--sq:24px}
body{background:linear-gradient(var(--grid) 1px,transparent 1px) 0 0/var(--sq) var(--sq),linear-gradient(90deg,var(--grid) 1px,transparent 1px) 0 0/var(--sq) var(--sq),var(--ground);--grid:color-mix(in oklab,var(--line) 42%,transparent)}
.top{display:grid;grid-template-columns:auto minmax(0,1fr) auto;align-items:stretch;gap:0;padding-block:1.25rem 0}
.top>*{border:1px solid var(--text);padding:.55rem 1rem;background:var(--ground)}
.top>*+*{border-left:0}
.top .brand{font-size:1.15rem;line-height:1.5;font-weight:600}
.top nav ul{gap:.1rem 1.5rem}
.top nav,.top .tools{font-size:var(--small)}
.top .tools{background:var(--third,var(--ground));color:var(--on-third,inherit)}
.opening{display:grid;grid-template-columns:minmax(0,1fr) ${pictureColumn(7 / 12, 'clamp(2rem,5vw,5rem)')};gap:clamp(2rem,5vw,5rem);padding-top:clamp(2rem,5vw,4rem)!important;align-items:center}
.opening h1{font-size:min(var(--h1),calc(99cqi/var(--fit,1)));line-height:1.15;position:relative;padding-top:1.4rem}
.opening h1::before{content:"";position:absolute;left:0;top:0;width:4.5rem;border-top:1px solid var(--text)}
.opening h1::after{content:"";position:absolute;left:4.5rem;top:-3px;width:7px;height:7px;background:var(--third,var(--accent));border-radius:50%}
.opening .lead{font-size:var(--body);line-height:1.6;max-width:30rem}
.opening-pictures{display:grid;grid-template-columns:repeat(3,1fr);gap:1.25rem 1rem}
.opening-pictures>*{counter-increment:fig;position:relative}
.opening-pictures>:first-child{grid-column:1/-1}
.opening-pictures img{aspect-ratio:1;border:1px solid var(--text);background:var(--raised)}
.opening-pictures>:first-child img{aspect-ratio:16/10}
.opening-pictures span::before{content:"Fig. " counter(fig) "  ";color:var(--link)}
.opening-pictures>:nth-child(n+5){display:none}
.opening-pictures>:first-child::after{content:"";position:absolute;left:-14px;top:0;width:8px;aspect-ratio:auto;height:calc(100% - 2rem);border:1px solid var(--text);border-right:0}
main>section:not(.opening,.text,.shelf,.related,.assurance)>h2::before,main>section:not(.opening,.text,.shelf,.related,.assurance)>.section-head h2::before,.part .head>h2::before,.part .words>h2::before{content:counter(part) " ";color:var(--link);padding-right:.5em}
main>section:not(.opening,.text,.shelf,.related,.assurance){counter-increment:part}
.section-head{display:flex;flex-wrap:wrap;justify-content:space-between;align-items:baseline;gap:.25rem 1.5rem;border-bottom:1px solid var(--text);padding-bottom:.6rem}
h2{font-size:var(--h3)}
.goods{display:grid;grid-template-columns:repeat(auto-fill,minmax(min(100%,15rem),1fr));gap:2.25rem 1.75rem}
.goods.few{grid-template-columns:repeat(auto-fill,minmax(min(100%,15rem),24rem))}
.good a{grid-template-columns:auto minmax(0,1fr);gap:.1rem .6rem}
.good .thumb{grid-column:1/-1;position:relative;margin-bottom:.35rem}
.good .thumb img,.good .no-picture{border:1px solid var(--text);background:var(--raised)}
.good .named{--plate:.62;place-items:center;text-align:center;background:linear-gradient(to top right,transparent calc(50% - .5px),var(--line) 0 calc(50% + .5px),transparent 0),linear-gradient(to bottom right,transparent calc(50% - .5px),var(--line) 0 calc(50% + .5px),transparent 0),var(--raised)}
.good .thumb .named .name{--in:4cqmin;background:var(--raised)}
.good .entry{display:block;color:var(--link);font-size:var(--small);line-height:1.5;white-space:nowrap}
.good .entry::before{content:"Fig. "}
.good .name{font-size:1rem;line-height:1.35}
.good .note{grid-column:1/-1}
.good .price{grid-column:1/-1;display:flex;align-items:center;gap:.6rem;white-space:nowrap;font-size:var(--small);margin-top:.25rem;align-self:end}
.good .price::before,.good .price::after{content:"";flex:1;height:9px;background:linear-gradient(var(--soft),var(--soft)) 0 50%/100% 1px no-repeat}
.good .price::before{border-left:1px solid var(--soft)}
.good .price::after{border-right:1px solid var(--soft)}
.good a:hover .thumb img{outline:2px solid var(--link);outline-offset:3px}
.why ul{gap:0 2rem}
.why li{border-top:1px solid var(--text);padding:.9rem 0 1.4rem;position:relative}
.why li::before{content:"";position:absolute;right:0;top:-4px;width:7px;height:7px;border-radius:50%;background:var(--third,var(--accent))}
.why .claim{font:400 var(--body)/1.5 var(--text-face)}
.story,.questions,.contact,.categories,.why{display:grid;grid-template-columns:var(--part);gap:1.5rem 2rem}
.contact>:not(h2),.story>.prose,.questions>:not(h2),.categories>ul,.why>ul{grid-column:2}
.questions dl div{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,3fr);gap:.25rem 2rem;border-top:1px solid var(--line);padding-top:.75rem}
.categories ul{display:grid;grid-template-columns:repeat(auto-fill,minmax(min(100%,14rem),1fr));gap:0 2rem}
.categories.as-list a{display:flex;gap:.5rem;align-items:center;text-decoration:none;padding:.45rem 0}
.categories.as-list .name{flex:1;display:flex;align-items:center;gap:.6rem}
.categories.as-list .name::after{content:"";flex:1;border-top:1px solid var(--line)}
.offer.as-band{border:1px solid var(--text);background:var(--ground);color:var(--text);margin:var(--rest) var(--side) 0;padding:1.5rem!important}
.shelf-nav{border-block:1px solid var(--line);padding-block:.25rem}
.product-pictures{grid-template-columns:repeat(3,1fr);gap:1rem;position:relative;padding-left:1.5rem}
.product-pictures figure{counter-increment:fig;font-size:var(--small)}
.product-pictures figure::after{content:"Fig. " counter(fig);color:var(--soft)}
.product-pictures figure:first-child,.product-pictures>.no-picture{grid-column:1/-1}
.product-pictures img{border:1px solid var(--text);background:var(--raised)}
.product-pictures::before{content:"";position:absolute;left:0;top:0;width:8px;height:min(100%,24rem);border:1px solid var(--text);border-right:0}
.product h1{font-size:min(var(--h2),calc(99cqi/var(--fit,1)))}
.cart-foot{border:1px solid var(--text);padding:1rem;width:fit-content;max-width:100%;margin-left:auto;background:var(--ground)}
.bill .total{border-top-width:1px}
.summary{background:var(--ground);border:1px solid var(--text)}
.line img,.line .no-picture{border:1px solid var(--text)}
.product-price{border-block:1px solid var(--text);padding-block:.6rem}
.product-price:has(+.facts){border-bottom:0;margin-bottom:-1.5rem}
.choices.ticks{counter-reset:choice;border:1px solid var(--text)}
.choices.ticks label{counter-increment:choice;border-bottom:1px solid var(--line)}
.choices.ticks label:last-child{border:0}
.choices.ticks span{padding:.35rem .75rem}
.choices.ticks span::before{content:counter(choice,lower-alpha);width:1.5em;height:1.5em;border-width:1px;text-align:center;line-height:1.35;font-size:var(--small)}
.choices.ticks input:checked+span::before{background:var(--link);color:var(--ground)}
.choices.ticks small{margin-left:auto}
.facts{border-top-color:var(--text);max-width:none}
.foot{display:grid;grid-template-columns:auto minmax(0,1fr) auto;gap:0;padding-block:0 2rem;margin-top:0}
.foot>*{border:1px solid var(--text);padding:.7rem 1rem;background:var(--ground)}
.foot>*+*{border-left:0}
.foot .brand{font-size:1rem}
@media (max-width:820px){
.top,.foot{grid-template-columns:minmax(0,1fr) auto}
.top nav{grid-column:1/-1;grid-row:2;border-left:1px solid var(--text);border-top:0}
.foot{grid-template-columns:minmax(0,1fr)}
.foot>*+*{border-left:1px solid var(--text);border-top:0}
.opening,.story,.questions,.contact,.categories,.why{grid-template-columns:minmax(0,1fr)}
.contact>:not(h2),.story>.prose,.questions>:not(h2),.categories>ul,.why>ul{grid-column:1}
.questions dl div{grid-template-columns:minmax(0,1fr)}
.opening-pictures>:first-child::after{display:none}
}
@media (max-width:600px){
.goods{grid-template-columns:repeat(2,minmax(0,1fr));gap:1.75rem 1rem}
.good a{grid-template-columns:minmax(0,1fr)}
}
`;
