import { common, pictureColumn } from './common';

/** Board: bands across, narrow capitals, a line each, states in a column. */
export const board = `
${common}
:root{--part:minmax(0,1fr) minmax(0,3fr);--rule:var(--rule-w) solid var(--text);--loud:var(--head-weight) clamp(1.5rem,2.8vw,2.4rem)/1.1 var(--head);--wide:100rem}
.top{display:grid;grid-template-columns:auto minmax(0,1fr) auto;gap:.25rem 2rem;align-items:center;background:var(--text);color:var(--ground);padding-block:.6rem;box-shadow:0 .4rem 0 var(--third,transparent)}
.top .brand{font-size:1.7rem;line-height:1.1;letter-spacing:.01em}
.top a:focus-visible{outline-color:var(--ground)}
.top li a,.tools a{text-transform:uppercase;letter-spacing:var(--caps-track);font-size:var(--small);font-weight:var(--strong)}
.opening{display:grid;grid-template-columns:minmax(0,1fr) ${pictureColumn(4 / 12, '2rem')};gap:0 2rem;padding-top:clamp(1rem,2.5vw,2rem)!important;align-items:end}
.opening h1{font-size:min(calc(var(--display)*1.25),calc(99cqi/var(--fit,1)));line-height:.95}
.opening-words{grid-column:1}
.opening .lead{font-size:var(--h3);line-height:1.35}
.opening-pictures{display:grid;grid-template-columns:repeat(2,1fr);gap:2px;align-self:stretch;align-content:end}
.opening-pictures span{position:absolute;width:1px;height:1px;padding:0;overflow:hidden;clip-path:inset(50%);white-space:nowrap}
.opening-pictures img{aspect-ratio:1;display:block}
.opening-pictures>:nth-child(n+5){display:none}
.opening-pictures[data-count="1"],.opening-pictures[data-count="2"]{grid-template-columns:minmax(0,1fr)}
.opening-pictures[data-count="1"] img,.opening-pictures[data-count="2"] img{aspect-ratio:4/3;object-fit:var(--lying,cover)}
.opening.as-spoken{grid-template-columns:minmax(0,1fr)}
main>section+section:not(.related,.assurance){margin-top:var(--rest);padding-top:1.1rem;border-top:var(--rule-w) solid var(--text)}
.section-head{display:flex;flex-wrap:wrap;justify-content:space-between;align-items:baseline;gap:.25rem 2rem;margin-bottom:.75rem}
.goods{display:block}
.good{border-top:1px solid var(--line)}
.good:last-child{border-bottom:1px solid var(--line)}
.good a{grid-template-columns:3.2rem minmax(0,5fr) minmax(0,3fr) 6.5rem minmax(6.5rem,auto);gap:0 1.25rem;align-items:center;min-height:4.1rem;padding-block:.35rem;height:auto}
.good .entry{display:none}
.good .thumb{width:3.2rem}
.good .name{font-size:clamp(1.35rem,2.6vw,2.15rem);line-height:1.05}
.good .note{text-transform:none}
.good .state{text-transform:uppercase;letter-spacing:var(--caps-track);font-size:var(--small);font-weight:var(--strong);box-shadow:inset 0 0 0 var(--rule-w) var(--text);padding:.15rem .6rem;justify-self:start;white-space:nowrap}
.good:not(.low,.gone) .state{background:var(--third,transparent);color:var(--on-third,inherit)}
.good.low .state{background:var(--second);color:var(--on-second);box-shadow:none}
.good.gone .state{background:transparent;color:var(--soft);box-shadow:inset 0 0 0 var(--rule-w) var(--line)}
.good.gone .name{text-decoration:line-through;text-decoration-thickness:2px;color:var(--soft)}
.good .price{font:var(--head-weight) clamp(1.2rem,2vw,1.7rem)/1.1 var(--head);text-align:right}
.good .price small{font:400 var(--small) var(--text-face)}
.good a:hover{background:var(--raised)}
.good .no-picture span{font-size:1.4rem}
.featured.as-row .state{align-self:start}
.why{--inset:1.5rem;background:var(--accent);color:var(--on-accent);padding-bottom:1.5rem!important;border:0!important}
.why h2{font-size:var(--h3)}
.why.as-stacked li{border-top:var(--rule-w) solid var(--on-accent)}
.why .claim{text-transform:none}
.categories ul{font:var(--head-weight) clamp(1.5rem,3.4vw,2.8rem)/1.15 var(--head);text-transform:var(--case);gap:0 .7em}
.categories a{text-decoration:none}
.categories a:hover{text-decoration:underline}
.categories .note{font:400 var(--small) var(--text-face)}
.story,.questions{display:grid;grid-template-columns:minmax(0,1fr) minmax(0,3fr);gap:1.25rem 2rem}
.questions dl div{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,3fr);gap:.25rem 2rem;border-bottom:1px solid var(--line);padding-bottom:.75rem}
.contact address{font:var(--loud)}
.offer.as-band{padding-bottom:1.5rem;border:0!important}
.shelf h1{font-size:min(calc(var(--h1)*1.2),calc(88vw/var(--fit,1)));line-height:.95}
.shelf-nav li a,.shelf-order li a{text-transform:uppercase;letter-spacing:var(--caps-track);font-size:var(--small)}
.shelf{padding-top:1.25rem!important}
.product{padding-inline:0;padding-top:0;gap:0;grid-template-columns:minmax(0,1fr)}
.crumbs{padding:.5rem var(--side)}
.product-pictures{--tall:min(46vh,30rem);display:grid;grid-auto-flow:column;grid-auto-columns:minmax(0,calc(var(--tall)*1.5));justify-content:center;gap:2px;background:var(--raised);overflow:hidden}
.product-pictures img{height:var(--tall);object-fit:var(--lying,cover)}
.product-pictures>.no-picture{aspect-ratio:auto;height:12rem}
.product-words{padding:1.25rem var(--side) 0;grid-template-columns:minmax(0,7fr) minmax(0,5fr);gap:1.1rem 3rem;align-items:start}
.product h1{font-size:min(var(--display),calc(56cqi/var(--fit,1)));line-height:.95;grid-row:1/3}
.product-price{grid-column:2;text-align:right}
.product-price b{font:var(--head-weight) min(var(--display),calc(38cqi/var(--fit,1)))/.95 var(--head)}
.product-price small{display:block}
.product-about{grid-column:1}
.product .buy{grid-column:2;grid-row:2/5;justify-items:stretch}
.choices.rows{border-top:var(--rule-w) solid var(--text)}
.choices.rows span{display:grid;grid-template-columns:auto minmax(0,1fr) 6rem minmax(4.5rem,auto);align-items:center}
.choices.rows .state{text-transform:uppercase;letter-spacing:var(--caps-track);margin:0;grid-column:3;color:inherit}
.choices.rows .state+small{font:var(--head-weight) 1.25rem/1.2 var(--head);color:inherit}
.product .stock{text-transform:uppercase;letter-spacing:var(--caps-track);font-weight:var(--strong);box-shadow:inset 0 0 0 var(--rule-w) var(--text);padding:.2rem .7rem;justify-self:start}
.product .stock:empty{display:none}
.product .facts{grid-column:1;max-width:none}
.buy .button{flex:1}
.lines,.line{border-color:var(--text);border-width:var(--rule-w)}
.line .sum,.bill .total{font:var(--head-weight) var(--h2)/1.1 var(--head)}
.line{grid-template-columns:3.5rem minmax(0,1fr) auto}
.line img,.line .no-picture{width:3.5rem}
.line div{display:flex;flex-wrap:wrap;gap:.25rem 1.5rem;align-items:center}
.line div>a{font:var(--head-weight) var(--h3)/1.1 var(--head);text-transform:var(--case);flex:1 1 12rem}
.line .buy-row{width:auto;flex-wrap:nowrap}
.line .quantity{margin:0;display:flex;align-items:center;gap:.5rem}
.cart-foot .total{font-size:var(--display)}
.summary{background:transparent;border-top:var(--rule-w) solid var(--text);padding-inline:0}
.foot{background:var(--text);color:var(--ground);display:grid;grid-template-columns:auto minmax(0,1fr) auto;gap:1rem 2rem;align-items:var(--stand,baseline)}
.foot .brand{font-size:1.7rem}
@media (max-width:900px){
.top,.foot{grid-template-columns:minmax(0,1fr) auto}
.top nav{grid-column:1/-1;grid-row:2}
.foot nav,.foot address{grid-column:1/-1}
.opening,.story,.questions{grid-template-columns:minmax(0,1fr);gap:1.25rem}
.opening-pictures{grid-template-columns:repeat(4,1fr)}
.good a{grid-template-columns:3.2rem minmax(0,1fr) auto;gap:0 .9rem}
.good .thumb{grid-row:1/3}
.good .note{display:none}
.good .state{grid-column:2;grid-row:2}
.good .price{grid-column:3;grid-row:1/3}
.questions dl div{grid-template-columns:minmax(0,1fr)}
.product-words{grid-template-columns:minmax(0,1fr)}
.product h1{font-size:min(var(--display),calc(96cqi/var(--fit,1)))}
.product-words>*,.product .buy{grid-column:1!important;grid-row:auto!important}
.product-price{text-align:left}
.product-price b{font-size:min(var(--display),calc(88cqi/var(--fit,1)))}
.product-pictures{--tall:16rem}
.line .buy-row{flex-wrap:wrap}
}
`;
