import { pictureColumn } from './common';

/** Quiet room: one thing at a time, a narrow column off the middle, wide silence. */
export const quiet = `
body{background:linear-gradient(var(--third,transparent),var(--third,transparent)) 0 0/.75rem 100% no-repeat var(--ground)}
:root{--rest:clamp(5rem,13vw,11rem);--frame:var(--edge);--flush:var(--edge)}
.top{display:grid;grid-template-columns:1fr auto;gap:.25rem 2rem;padding:clamp(1.25rem,3vw,2.5rem) var(--edge);font-size:var(--small);align-items:var(--stand,baseline)}
.top .brand{font-size:1.15rem;grid-column:1;font-weight:500}
.top nav{grid-column:1;grid-row:2}
.top .tools{grid-column:2;grid-row:1}
.opening{display:grid;grid-template-columns:minmax(0,calc((100% - 3*clamp(1.5rem,4vw,4rem))/11)) ${pictureColumn(5 / 11, '3*clamp(1.5rem,4vw,4rem)', 0.54)} minmax(0,1fr) minmax(0,calc((100% - 3*clamp(1.5rem,4vw,4rem))/11));gap:clamp(1.5rem,4vw,4rem);align-items:end;padding:0 var(--edge) 0 0;min-height:min(38rem,78vh)}
.opening-pictures{grid-column:1/3;grid-row:1;align-self:stretch;display:grid}
.opening-pictures>*{display:grid;grid-template-rows:minmax(24rem,1fr) auto;gap:.5rem;color:var(--soft);text-decoration:none;font-size:var(--small)}
.opening-pictures img{width:100%;height:0;min-height:100%;object-fit:var(--lying,cover)}
.opening-pictures span{padding-left:var(--edge)}
.opening-pictures>:nth-child(n+2){display:none}
.opening-words{grid-column:3;grid-row:1;display:grid;gap:1.5rem;padding-block:3rem}
.opening h1{font-size:var(--h1);line-height:1.12;font-weight:400}
.opening .lead{font-size:var(--body);line-height:1.6;max-width:26rem}
.button{background:transparent;color:var(--link);border:0;border-bottom:1px solid var(--link);padding:.25rem 0;min-height:2.75rem;font-weight:500}
.buy .button,.summary .button,.cart-foot>.button,.thanks .button,.search .button{background:var(--accent);color:var(--on-accent);border:0;padding:.6rem 1.75rem;min-height:3.25rem}
.buy .button:disabled{background:transparent;color:var(--soft);border:1px solid var(--line)}
.summary .button.second{background:transparent;color:var(--text);border:1px solid var(--soft)}
main>section:not(.opening,.text,.shelf){padding:var(--rest) var(--edge) 0}
main>section:last-child:not(.text,.shelf,.opening){padding-bottom:var(--rest)}
h2{font-size:var(--h3);font-weight:500;color:var(--soft)}
.section-head{margin-bottom:2.5rem;display:grid;gap:.25rem}
.section-head p{color:var(--soft);font-size:var(--small)}
.goods{display:grid;grid-template-columns:repeat(2,minmax(0,1fr));gap:clamp(3rem,7vw,6rem) clamp(1.5rem,6vw,6rem);max-width:66rem;margin-left:auto}
.good:nth-child(even){margin-top:clamp(3rem,10vw,9rem);margin-bottom:calc(clamp(3rem,10vw,9rem)*-1)}
.goods{padding-bottom:clamp(3rem,10vw,9rem)}
.good a{display:grid;grid-template-columns:1fr auto;gap:.15rem 1rem}
.good .thumb{grid-column:1/-1;margin-bottom:.75rem}
.good .named{--plate:.5}
.good .name{font-size:1.05rem;font-weight:500}
.good .note{grid-column:1}
.good .price{grid-column:2;grid-row:2;text-align:right;color:var(--soft)}
.onward{margin-top:2rem;text-align:right}
.why{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,5fr) minmax(0,2fr);gap:2rem}
.why h2{grid-column:1}
.why ul{grid-column:2;display:grid;gap:clamp(3rem,7vw,6rem)}
.why h3,.why .claim{font:400 var(--h2)/1.25 var(--head);color:var(--text);max-width:24em;text-wrap:balance}
.why li p:not(.claim){margin-top:.75rem;max-width:30rem;color:var(--soft)}
.categories{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,7fr);gap:2rem}
.categories ul{display:flex;flex-wrap:wrap;gap:.35rem 2rem}
.categories a{color:var(--text);text-decoration:none;font:400 var(--h2)/1.3 var(--head)}
.categories a:hover{color:var(--link);text-decoration:underline;text-decoration-thickness:1px}
.categories .thumb{display:none}
.categories .note{color:var(--soft);vertical-align:super}
.story{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,5fr) minmax(0,2fr);gap:2rem}
.story .prose{grid-column:2}
.story .onward{text-align:left}
.questions{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,5fr) minmax(0,2fr);gap:2rem}
.questions dl{grid-column:2;display:grid;gap:1.75rem}
.questions dt{font-weight:600}
.questions dd{color:var(--soft)}
.contact{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,7fr);gap:2rem}
.contact address{font:400 var(--h2)/1.4 var(--head)}
.page-contact main>.contact{grid-template-columns:minmax(0,1fr)}
.shelf{padding:clamp(2rem,5vw,4rem) var(--edge) var(--rest);display:grid;grid-template-columns:minmax(0,2fr) minmax(0,7fr);gap:2rem clamp(2rem,5vw,5rem);align-items:start}
.shelf .section-head{grid-column:2;margin:0}
.shelf h1{font-weight:400}
.shelf-nav{grid-column:1;grid-row:2/4;position:sticky;top:2rem}
.shelf-nav ul,.foot nav ul{flex-direction:column}
.shelf-order{grid-column:2;grid-row:2}
.shelf .goods,.stretches,.shelf .empty{grid-column:2}
.product{display:grid;grid-template-columns:minmax(0,6fr) minmax(0,4fr);gap:0 clamp(2rem,7vw,7rem);padding:0 var(--edge) 0 0;align-items:start}
.crumbs{position:absolute;right:var(--edge);padding:.2rem 0}
.product-pictures{grid-row:1/3;display:grid;gap:1.5rem}
.product-pictures img{width:100%}
.product-words{position:sticky;top:2rem;grid-column:2;display:grid;gap:1.75rem;padding:3.5rem 0 2rem;max-width:27rem}
.product h1{font-size:var(--h2);font-weight:400;line-height:1.2}
.product-price{font-size:var(--body);color:var(--soft);margin-bottom:-.5rem}
.buy legend{font-weight:400;font-size:var(--small);color:var(--soft);margin-bottom:0}
.buy .buy-row{justify-content:space-between}
.quantity{display:flex;gap:.75rem;align-items:center;color:var(--soft)}
.quantity input{width:3.5rem!important;border-width:0 0 1px!important;text-align:center}
.lines,.line{border:0}
.line{grid-template-columns:minmax(5rem,9rem) minmax(0,1fr) auto;gap:1.75rem}
.line img,.line .no-picture{width:100%;aspect-ratio:4/5}
.line .sum,.bill .total{font-weight:400}
.bill .total{border-top-width:1px}
.summary{background:transparent;border-left:1px solid var(--line);padding-block:0}
.facts{font-size:var(--small)}
.text{padding-inline:var(--edge);max-width:72rem;margin-left:auto;width:100%}
.text h1{font-weight:400}
.foot{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,3fr) minmax(0,4fr);gap:2rem;padding:3rem var(--edge);font-size:var(--small);color:var(--soft);align-items:start}
.foot .brand{font-size:1rem;font-weight:500;color:var(--text)}
.foot address{flex-direction:column;align-items:flex-start}
:root{--part:minmax(0,2fr) minmax(0,7fr);--rule:0 solid transparent;--loud:400 var(--h2)/1.25 var(--head)}
.opening.as-spoken{padding:4rem var(--edge) 4rem 18%}
@media (max-width:820px){
.part{padding-left:18%}
:is(.gallery,.map,.buy-one,.video,.price-table,.posted){padding-left:var(--edge)}
.opening{grid-template-columns:minmax(0,1fr);padding-right:0}
.opening-pictures{grid-column:1;grid-row:1;margin-right:15%}
.opening-words{grid-column:1;grid-row:2;padding:2rem var(--edge) 0 18%}
.why,.story,.questions,.categories,.contact{grid-template-columns:minmax(0,1fr);padding-left:18%!important}
.why ul,.story .prose,.questions dl{grid-column:1}
.shelf,.product,.foot{grid-template-columns:minmax(0,1fr)}
.shelf .section-head,.shelf-order,.shelf .goods,.stretches,.shelf-nav{grid-column:1;grid-row:auto;position:static}
.shelf-nav ul{flex-direction:row}
.product{padding-right:0}
.product-pictures{grid-row:auto;margin-right:12%;grid-template-columns:1fr 1fr;gap:.75rem}
.product-pictures figure:first-child,.product-pictures>.no-picture{grid-column:1/-1}
.product-words{grid-column:1;position:static;padding:2rem var(--edge);max-width:none}
.line{grid-template-columns:5.5rem minmax(0,1fr) auto;gap:1rem}
.buy-row{flex-wrap:wrap}
.crumbs{position:static;padding:.2rem var(--edge)}
.good .price{grid-column:1;grid-row:auto;text-align:left}
}
`;
