import { colouredFields, pictureColumn } from './common';

/** Poster: lettering from edge to edge, flat fields of colour, hard corners. */
export const poster = `
${colouredFields}
h1,h2,.brand{text-transform:uppercase}
.top{display:flex;flex-wrap:wrap;gap:.5rem 2.5rem;align-items:center;padding:1rem var(--edge);background:var(--accent);color:var(--on-accent)}
.top .brand{font-size:1.6rem;line-height:1;margin-right:auto}
.top a:focus-visible,.opening a:focus-visible{outline-color:var(--on-accent)}
.page-home .top{position:relative;z-index:1}
.top li a,.tools a{font-weight:600}
.opening{container-type:inline-size;background:var(--accent);color:var(--on-accent);padding:clamp(1rem,3vw,2.5rem) var(--edge) 0;display:grid;grid-template-columns:minmax(0,1fr) ${pictureColumn(7 / 12, '2rem')};overflow:hidden;column-gap:2rem}
.opening-words{display:contents}
.opening h1{grid-column:1/-1;font-size:min(clamp(3.4rem,13.2vw,12.5rem),calc(98cqi/var(--fit,1)));line-height:.9;letter-spacing:-.01em;font-weight:900;text-wrap:balance}
.opening .lead{grid-column:1;font-size:var(--h3);font-weight:500;margin-top:clamp(1.5rem,4vw,3rem);max-width:30rem}
.opening-words p:last-child:not(.lead){grid-column:1;margin-block:1.75rem clamp(2rem,5vw,4rem);align-self:start}
.opening .button{background:var(--on-accent);color:var(--accent);border-color:var(--on-accent);min-height:3.5rem;font-size:1.15rem}
.opening-pictures{grid-column:2;grid-row:2/5;display:grid;grid-template-columns:2fr 1fr;gap:0;margin-right:calc(var(--edge)*-1);margin-top:clamp(1.5rem,3vw,2.5rem);align-self:end}
.opening-pictures>*{display:block;color:inherit}
.opening-pictures>* span{position:absolute;width:1px;height:1px;padding:0;overflow:hidden;clip-path:inset(50%);white-space:nowrap}
.opening-pictures img{width:100%;height:100%;object-fit:cover;aspect-ratio:1}
.opening-pictures>:first-child{grid-row:1/3}
.opening-pictures>:nth-child(n+4){display:none}
.opening-pictures[data-count="1"]{grid-template-columns:minmax(0,1fr)}
.opening-pictures[data-count="1"] img{aspect-ratio:16/10;object-fit:var(--lying,cover)}
main>section:not(.opening,.text,.shelf,.why){padding:calc(clamp(2.5rem,6vw,5.5rem)*var(--by,1)) var(--edge)}
main>.text,main>.shelf{padding-inline:var(--edge)}
h2{font-size:calc(var(--h1)*1.15);line-height:.92}
.section-head{display:flex;flex-wrap:wrap;justify-content:space-between;align-items:end;gap:1.75rem 2rem;margin-bottom:clamp(1.5rem,3vw,2.5rem)}
.section-head>:is(h1,h2){flex:none;max-width:100%}
.section-head p{font-weight:600}
.goods{display:grid;grid-template-columns:repeat(auto-fill,minmax(min(100%,17rem),1fr));gap:0}
.good a{display:grid;grid-template-columns:minmax(min-content,1fr) minmax(0,auto);align-items:end;height:100%;padding:0 1rem 1rem;background:var(--raised);border:3px solid var(--ground)}
.good .thumb{grid-column:1/-1;margin:0 -1rem 1rem;overflow:hidden}
.good .thumb img{transition:transform .25s}
.good a:hover .thumb img{transform:scale(1.04)}
.good .name{font-size:1.5rem;line-height:1;grid-column:1/-1;text-transform:uppercase;padding-bottom:.6rem}
.good .named{--plate:1.25;place-items:start}
.good .thumb .no-picture.named{background:transparent;color:inherit}
.good:has(.named):nth-child(4n+2) a{background:var(--accent);color:var(--on-accent)}
.good:has(.named):nth-child(4n+2) :is(.note,.price b,.price s,.price small){color:inherit}
.good:has(.named) .thumb{align-self:start}
.good .thumb .named .name{line-height:.94}
.good .price{font:800 1.75rem/1 var(--head);text-align:right}
.good .price small{font:400 .95rem var(--text-face)}
.good:nth-child(4n+1) a{background:var(--second);color:var(--on-second)}
.good:nth-child(4n+1) :is(.note,.price b,.price s,.price small){color:inherit}
.good:nth-child(4n+3) a{background:var(--third,var(--raised));color:var(--on-third,inherit)}
.good:nth-child(4n+3) :is(.note,.price s,.price small){color:var(--on-third,var(--soft))}
.good:nth-child(4n+3) .price b{color:var(--on-third,var(--sale))}
.onward{margin-top:2rem;font-size:var(--h3);font-weight:700}
.why{background:var(--text);color:var(--ground);padding:calc(clamp(2.5rem,6vw,5.5rem)*var(--by,1)) var(--edge)}
.why,.story,.contact{--inset:1.5rem}
.why h2{font-size:var(--h3);margin-bottom:1.5rem;font-weight:700}
.why li{border-top:3px solid var(--ground);padding:1.25rem 0 1.75rem;display:grid;grid-template-columns:minmax(0,7fr) minmax(0,5fr);gap:.5rem 3rem;align-items:end}
.why h3,.why .claim{font:800 clamp(2rem,5.2vw,4.6rem)/.95 var(--head);text-transform:uppercase}
.why .claim{grid-column:1/-1;max-width:22em}
.categories ul{display:flex;flex-wrap:wrap;gap:.2em .55em;margin-top:1.25rem}
.categories a{color:var(--text);text-decoration:none;font:800 clamp(1.8rem,4.6vw,4rem)/1 var(--head);text-transform:uppercase;display:inline-flex;align-items:flex-start;border-bottom:4px solid transparent}
.categories a:hover{border-color:var(--accent)}
.categories .thumb{display:none}
.categories .note{font:600 1rem/1.4 var(--text-face);margin-left:.2em;color:var(--soft)}
.story{background:var(--raised);display:grid;grid-template-columns:minmax(0,5fr) minmax(0,7fr);gap:2rem}
.story .prose{font-size:var(--h3);line-height:1.4}
.questions dl{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,18rem),1fr));gap:0 2.5rem;margin-top:1.5rem}
.questions dl div{border-top:3px solid var(--text);padding:1rem 0 1.75rem}
.questions dt{font-weight:700;margin-bottom:.25rem}
.contact{background:var(--third,var(--second));color:var(--on-third,var(--on-second))}
.contact a{color:inherit}
.contact address{font:800 clamp(1.5rem,4.4vw,3.5rem)/1.15 var(--head);margin-top:1.25rem}
.shelf{padding-block:clamp(1.5rem,4vw,3rem) var(--rest)}
.shelf h1,.text h1{font-size:min(clamp(3rem,11vw,9rem),calc(90cqi/var(--fit,1)));line-height:.86;font-weight:900}
.shelf-nav{font-weight:600;border-top:3px solid var(--text);padding-top:.75rem}
.shelf-order{margin-bottom:1.5rem}
.stretches{padding-top:1.5rem;font-weight:600}
.product{display:grid;grid-template-columns:minmax(0,7fr) minmax(0,5fr);grid-template-rows:repeat(5,auto) 1fr;gap:0;container-type:inline-size}
.crumbs{grid-column:1/-1;padding:.6rem var(--edge)}
.product-pictures{background:var(--second);display:grid;align-content:start;grid-row:3/9}
.product-pictures img{width:100%}
.product-words{display:contents}
.product h1{grid-column:1/-1;grid-row:2;padding:.5rem var(--edge) .3em;font-size:min(clamp(3.4rem,13.2vw,12.5rem),calc(92cqi/var(--fit,1)));line-height:.88;letter-spacing:-.01em;font-weight:900}
.product-words>:not(h1){grid-column:2;margin-inline:clamp(1.5rem,3vw,2.75rem) var(--edge)}
.product-words>.product-price,.product .buy{background:var(--accent);color:var(--on-accent);margin:0;padding:1.5rem var(--edge) 1.5rem clamp(1.5rem,3vw,2.75rem)}
.product-price b{font:900 min(clamp(3.2rem,8vw,7rem),calc(34cqi/var(--fit,1)))/.95 var(--head)}
.product-price :is(b,s,small){color:inherit!important}
.product-price small{display:block}
.product .buy{padding-top:0;padding-bottom:2.25rem;align-content:start}
.product .buy a{color:inherit}
.buy :focus-visible,.buy input:focus-visible+span{outline-color:var(--on-accent)}
.buy .choices span,.buy .choices .out span{color:inherit;border-color:currentColor}
.buy .choices input:checked+span{background:var(--on-accent);color:var(--accent);box-shadow:none}
.buy .button{flex:1;min-height:3.75rem;font-size:1.2rem;background:var(--on-accent);color:var(--accent);border-color:var(--on-accent)}
.buy .button:disabled{background:transparent;color:inherit;border-color:currentColor}
.product-about{padding-top:2rem}
.cart-foot{background:var(--accent);color:var(--on-accent);margin:2.5rem calc(var(--edge)*-1) 0;padding:1.5rem var(--edge) 2.5rem;justify-items:start}
.cart-foot .bill{width:100%}
.cart-foot :focus-visible{outline-color:var(--on-accent)}
.bill .total{font:900 var(--h1)/1 var(--head);text-transform:uppercase}
.cart-foot .total{font-size:clamp(2.6rem,9vw,8rem);border-width:4px;border-color:currentColor;flex-wrap:wrap}
.cart-foot .bill small,.cart-foot .error{color:inherit}
.cart-foot .button.second{background:transparent;color:inherit;border-color:currentColor}
.cart-foot .button{background:var(--on-accent);color:var(--accent);border-color:var(--on-accent);min-height:3.75rem;font-size:1.2rem}
.lines{border-top:3px solid var(--text)}
.line .sum{font:800 1.75rem/1 var(--head)}
.product .facts{margin-block:1.5rem 3rem;border-top:3px solid var(--text)}
.choices span{border-width:2px;font-weight:600}
.foot{background:var(--text);color:var(--ground);padding:2.5rem var(--edge);display:grid;gap:1.25rem}
.foot .brand{font-size:clamp(2.2rem,8vw,6.5rem);line-height:.9}
.page-contact main>.contact{flex:1;min-height:60vh}
:root{--frame:var(--edge);--flush:var(--edge);--part:minmax(0,1fr);--rule:3px solid var(--text);--loud:800 clamp(2rem,5.2vw,4.2rem)/1 var(--head)}
.featured.as-row .good a{padding-inline:1rem}
.featured.as-row .good .thumb{margin-inline:-1rem;width:auto}
@media (max-width:820px){
.top nav{order:3;width:100%}
.product-pictures{grid-template-columns:1fr 1fr}
.product-pictures figure:first-child,.product-pictures>.no-picture{grid-column:1/-1}
.opening{grid-template-columns:minmax(0,1fr)}
.opening-pictures{grid-column:1;grid-row:auto;margin-left:calc(var(--edge)*-1)}
.product,.story,.why li{grid-template-columns:minmax(0,1fr)}
.product-pictures{grid-row:auto}
.product h1{grid-row:auto;order:-1}
.crumbs{order:-2}
.product-words>:not(h1){grid-column:1;margin-inline:var(--edge)}
.product-price b{font-size:min(clamp(3.2rem,8vw,7rem),calc(86cqi/var(--fit,1)))}
.product-words>.product-price,.product .buy{padding-inline:var(--edge)}
.goods{grid-template-columns:1fr 1fr}
.good a{grid-template-columns:1fr;padding:0 .75rem .75rem}
.good .thumb{margin:0 -.75rem .75rem}
.good .name{font-size:1.2rem}
.good .price{text-align:left;font-size:clamp(1.05rem,4.4vw,1.4rem);padding-top:.35rem}
}
`;
