import { colouredFields, common } from './common';

/** Stall: an awning along the top, scalloped edges, goods as tickets on a patterned cloth. */
export const stall = `
${common}${colouredFields}
:root{--part:minmax(0,1fr);--rule:2px dashed var(--link);--loud:var(--head-weight) var(--h2)/1.2 var(--head);--bite:15px;--card:min(var(--soft-corner),18px)}
.top{display:flex;flex-wrap:wrap;gap:.25rem 1.75rem;align-items:center;justify-content:space-between;background:var(--ground);padding-block:calc(3.1rem + .6rem) .6rem;position:relative}
.top::before{content:"";position:absolute;inset:0 0 auto;height:2.9rem;background:repeating-linear-gradient(90deg,var(--accent) 0 40px,var(--raised) 40px 80px,var(--third,var(--accent)) 80px 120px,var(--raised) 120px 160px);mask:radial-gradient(20px 1.3rem at 50% 0,currentColor 97%,transparent) 0 100%/40px 1.3rem repeat-x,linear-gradient(currentColor,currentColor) 0 0/100% calc(100% - 1.25rem) no-repeat}
.top .brand{font-size:1.7rem;line-height:1.15;color:var(--link)}
.top li a,.tools a{font-weight:var(--strong)}
.opening{text-align:center;display:grid;justify-items:center;gap:clamp(1.5rem,3vw,2.5rem);padding-top:clamp(1.25rem,3vw,2.5rem)!important}
.opening-words{width:min(100%,52rem);justify-self:center}
.opening .lead{margin-inline:auto;font-size:var(--h3)}
.opening .button{min-height:3.5rem;padding-inline:2rem;font-size:1.15rem}
.button{border-radius:var(--corner)}
.opening-pictures{display:flex;justify-content:center;gap:clamp(.5rem,1.5vw,1.25rem);width:100%}
.opening-pictures>*{flex:1 1 0;max-width:15rem}
.opening-pictures>:nth-child(odd){transform:rotate(-2.5deg) translateY(.6rem)}
.opening-pictures>:nth-child(even){transform:rotate(2deg)}
.opening-pictures img{aspect-ratio:1;border-radius:var(--card);border:5px solid var(--raised)}
.opening-pictures[data-count="1"]>*{max-width:calc(36rem*(1 - var(--less,0)) + 20rem*var(--more,0))}
.opening-pictures[data-count="1"] img{aspect-ratio:3/2;object-fit:var(--lying,cover)}
.opening-pictures span{font-weight:var(--strong)}
main>section{position:relative}
.section-head,.why h2,.categories h2,.story h2,.questions h2,.contact h2,.part>h2{text-align:center}
.part .words,.part .head{justify-items:center;text-align:center}
.featured,.related{--inset:1.5rem;background:radial-gradient(circle,var(--dot) 18%,transparent 19%) 0 0/26px 26px,radial-gradient(circle,var(--dot) 18%,transparent 19%) 13px 13px/26px 26px,var(--raised);--dot:color-mix(in oklab,var(--second) 26%,var(--raised));padding-bottom:var(--rest)!important;margin-top:var(--rest)}
.related{padding-top:var(--rest)!important}
.featured .section-head,.related .section-head{background:var(--ground);width:max-content;max-width:100%;margin-inline:auto;padding:.7rem 1.75rem;border-radius:var(--card)}
.goods{display:grid;grid-template-columns:repeat(auto-fill,minmax(min(100%,14rem),1fr));gap:1.75rem 1.25rem}
.goods.few{grid-template-columns:repeat(auto-fit,minmax(min(100%,14rem),22rem));justify-content:center}
.good{filter:drop-shadow(0 2px 0 color-mix(in oklab,var(--text) 22%,transparent))}
.good a{background:var(--ground);padding:.75rem .75rem 1rem;border-radius:var(--card);text-align:center;justify-items:center;gap:.15rem;grid-template-rows:auto auto 1fr auto;--notch:radial-gradient(circle 10px at 0 calc(100% - 4.1rem),transparent 97%,currentColor) 0 0/51% 100% no-repeat,radial-gradient(circle 10px at 100% calc(100% - 4.1rem),transparent 97%,currentColor) 100% 0/51% 100% no-repeat;mask:var(--notch)}
.good .thumb{width:100%}
.good .thumb img,.good .no-picture{border-radius:calc(var(--card)*.7)}
.good .name{font-size:1.2rem;line-height:1.2;padding-top:.5rem}
.good .named{place-items:center}
.good .thumb .named .name{transform:rotate(-3deg)}
.good .price{width:100%;border-top:2px dashed var(--line);padding-top:.75rem;margin-top:.6rem;font:var(--head-weight) 1.45rem/1.2 var(--head);min-height:3.1rem;color:var(--link)}
.good .price small{font:400 .95rem var(--text-face)}
.onward{text-align:center}
.featured .onward a{background:var(--ground);padding:.5rem 1.25rem;border-radius:var(--corner)}
.categories.as-pictures ul{display:flex;flex-wrap:wrap;justify-content:center;gap:1.25rem}
.categories.as-pictures li{width:9.5rem}
.categories.as-pictures a{text-align:center;grid-template-columns:minmax(0,1fr);justify-items:center;gap:.25rem;text-decoration:none}
.categories.as-pictures img,.categories.as-pictures .no-picture{border-radius:50%;border:5px solid var(--raised)}
.categories.as-list ul{justify-content:center}
.why ul{text-align:center}
.why li{background:var(--raised);border-radius:var(--card);padding:1.5rem}
.why .claim{font:var(--head-weight) var(--h3)/1.3 var(--head)}
.story{--inset:1.5rem;background:var(--second);color:var(--on-second);padding-block:calc(var(--rest) + var(--bite))!important;margin-top:var(--rest);text-align:center;--edge-cut:radial-gradient(circle var(--bite) at 50% var(--bite),currentColor 97%,transparent) 0 0/calc(var(--bite)*2) var(--bite) repeat-x,linear-gradient(currentColor,currentColor) 0 50%/100% calc(100% - var(--bite)*2 + 2px) no-repeat,radial-gradient(circle var(--bite) at 50% 0,currentColor 97%,transparent) 0 100%/calc(var(--bite)*2) var(--bite) repeat-x;mask:var(--edge-cut)}
.story a{color:inherit}
.story .prose{margin-inline:auto;text-align:start}
.story .onward{text-align:center}
.questions dl{grid-template-columns:repeat(auto-fit,minmax(min(100%,20rem),1fr))}
.questions dl div{background:var(--raised);border-radius:var(--card);padding:1.25rem}
.contact{text-align:center}
.contact address{justify-content:center;font:var(--loud)}
.offer.as-band,.newsletter.as-band,.free-text.as-set-off{padding-block:var(--rest);margin-top:var(--rest)}
.steps .count{background:var(--accent);color:var(--on-accent);border-radius:50%;width:2.4em;height:2.4em;display:grid;place-items:center;font-size:1.2rem;border:0!important;padding:0!important}
.shelf{background:radial-gradient(circle,var(--dot) 18%,transparent 19%) 0 0/26px 26px,radial-gradient(circle,var(--dot) 18%,transparent 19%) 13px 13px/26px 26px,var(--raised);--dot:color-mix(in oklab,var(--second) 26%,var(--raised))}
.shelf .section-head,.shelf-nav,.shelf-order{background:var(--ground);padding:.7rem 1.25rem;border-radius:var(--card);width:fit-content;max-width:100%;margin-inline:auto}
.shelf .section-head{margin-bottom:.6rem}
.shelf-nav ul,.shelf-order ul{justify-content:center}
.stretches p{justify-content:center;background:var(--ground);padding:.7rem 1.25rem;border-radius:var(--card);width:fit-content;margin-inline:auto}
.shelf>.empty{background:var(--ground);padding:1.5rem}
.product-pictures img{border-radius:var(--card)}
.product h1{color:var(--link)}
.product-words{background:var(--raised);border-radius:var(--card);padding:clamp(1.25rem,2.5vw,2rem);justify-items:center;text-align:center}
.product .prose{text-align:start}
.product .buy{justify-items:center;border-top:2px dashed var(--soft);padding-top:1.5rem;width:100%}
.buy .choices{justify-content:center}
.product .facts{text-align:start;width:100%}
.product-price b{font:var(--head-weight) min(var(--h1),calc(74cqi/var(--fit,1)))/1 var(--head);background:var(--second);color:var(--on-second)!important;padding:.25em .55em;display:inline-block;border-radius:var(--card);transform:rotate(-2deg)}
.product-price small{display:block;padding-top:.5rem}
.choices span{border-radius:var(--corner);padding:.8rem 1.35rem;font-weight:var(--strong);border-width:2px}
.buy .button{min-height:3.75rem;flex:1;font-size:1.15rem}
.buy .buy-row{max-width:26rem}
.cart h1,.checkout h1{text-align:center}
.cart-foot{background:var(--raised);border:2px dashed var(--soft);border-radius:var(--card);padding:1.5rem;width:min(100%,30rem);margin-inline:auto;justify-items:center;text-align:center}
.bill .total{border-top:2px dashed var(--soft)}
.summary{border-radius:var(--card)}
.line img,.line .no-picture{border-radius:calc(var(--card)*.7)}
input:not([type=radio],[type=checkbox]),select,textarea{border-radius:min(var(--soft-corner),12px)}
.foot{background:var(--accent);color:var(--on-accent);text-align:center;display:grid;justify-items:center;gap:.75rem;margin-top:0}
.foot .brand{font-size:1.9rem}
.foot ul,.foot address{justify-content:center}
@media (max-width:700px){
.product-pictures{grid-template-columns:repeat(4,1fr)}
.product-pictures>:first-child{grid-column:1/-1}

.opening-pictures>:nth-child(n+4){display:none}
.goods,.goods.few{grid-template-columns:repeat(2,minmax(0,1fr));gap:1rem .75rem}
.good .name{font-size:1.05rem}
.good .price{font-size:clamp(1rem,4.2vw,1.45rem)}
.categories.as-pictures li{width:7rem}
}
`;
