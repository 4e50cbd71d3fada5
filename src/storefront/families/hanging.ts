import { common, pictureColumn } from './common';

/** Hanging: works at different heights on generous white, as they are, with captions only. */
export const hanging = `
${common}
:root{--part:minmax(0,2fr) minmax(0,10fr);--rule:0 solid transparent;--loud:400 var(--h2)/1.3 var(--head);--wide:92rem;--edge:clamp(1.25rem,3vw,2.75rem)}
h1,h2,h3,.brand{font-weight:400}
.top{display:grid;grid-template-columns:minmax(0,1fr) auto;gap:0 2rem;font-size:var(--small);align-items:start;padding-block:1.25rem;box-shadow:inset 0 .5rem 0 var(--third,transparent)}
.top .brand{font-size:1rem;line-height:1.5}
.top nav{grid-row:2}
.top ul{gap:0 1.1rem}
.opening{display:grid;grid-template-columns:repeat(12,minmax(0,1fr));gap:2rem 1.5rem;padding-top:clamp(.5rem,2vw,1.5rem)!important}
.opening-pictures{grid-column:1/-1;grid-row:1;display:grid;grid-template-columns:5fr 3fr 4fr 3fr;gap:clamp(1.25rem,3.5vw,4rem);align-items:start}
.opening-pictures img{height:auto;aspect-ratio:auto}
.opening-pictures>:nth-child(1) img{aspect-ratio:4/5;object-fit:var(--upright,cover)}
.opening-pictures>:nth-child(2){margin-top:9vw}
.opening-pictures>:nth-child(3){margin-top:2.5vw}
.opening-pictures>:nth-child(3) img{aspect-ratio:5/4;object-fit:var(--lying,cover)}
.opening-pictures>:nth-child(4){margin-top:13vw}
.opening-pictures>:nth-child(n+5){display:none}
.opening-pictures[data-count="1"]{grid-template-columns:${pictureColumn(8 / 12, 'clamp(1.25rem,3.5vw,4rem)', 1)} minmax(0,1fr)}
.opening-pictures[data-count="1"] img{aspect-ratio:3/2!important;object-fit:var(--lying,cover)}
.opening-pictures[data-count="2"]{grid-template-columns:5fr 4fr}
.opening-pictures[data-count="3"]{grid-template-columns:5fr 3fr 4fr}
.opening-pictures span,.good .note,.good .price,.gallery .caption{color:var(--soft)}
.opening-words{grid-column:1/8;grid-row:2}
.opening h1{font-size:min(var(--h1),calc(99cqi/var(--fit,1)));line-height:1.18;letter-spacing:0}
.opening .lead{font-size:var(--body);max-width:32rem;color:var(--soft)}
.opening .button,.button.second{background:transparent;color:var(--link);border:0;border-bottom:1px solid var(--link);padding:.25rem 0;border-radius:0}
h2{font-size:var(--h3)}
.section-head{display:flex;flex-wrap:wrap;gap:0 1.25rem;align-items:baseline;margin-bottom:2rem}
.section-head p{font-size:var(--small)}
.goods{display:grid;grid-template-columns:repeat(3,minmax(0,1fr));gap:0 clamp(1.5rem,5vw,6rem);align-items:end}
.good{padding-bottom:clamp(2rem,5vw,4.5rem)}
.good:nth-child(3n+2){align-self:start;padding-top:clamp(0rem,3vw,3rem)}
.good:nth-child(4n+1){padding-inline:0 12%}
.good:nth-child(4n+3){padding-inline:14% 0}
.good a{display:block;height:auto;font-size:var(--small);line-height:1.5}
.good .thumb{display:block;margin-bottom:.5rem}
.good .thumb img{aspect-ratio:auto;height:auto}
.good:nth-child(5n+2) .thumb .no-picture{aspect-ratio:4/5}
.good .name,.good .note,.good .price{display:inline;font-size:var(--small);font-family:var(--text-face);font-weight:400}
.good .name{font-weight:var(--strong)}
.good .name::after,.good .note:not(:empty)::after{content:"\\2c\\20";font-weight:400}
.featured.as-row .good :is(.name,.note)::after{content:none}
.good .named{--plate:.62;place-items:start}
.good .thumb .named .name::after{content:none}
.goods.few{grid-template-columns:repeat(2,minmax(0,1fr))}
.why.as-stacked ul{gap:0}
.why .claim{max-width:30em}
.why li{padding-block:.6rem!important}
.why,.story,.questions,.categories{display:grid;grid-template-columns:minmax(0,2fr) minmax(0,7fr) minmax(0,3fr);gap:1rem 1.5rem}
.why ul,.story .prose,.questions dl,.categories ul{grid-column:2}
.categories ul{font:400 var(--h2)/1.35 var(--head);gap:0 .9em}
.categories a{text-decoration:none}
.categories a:hover{text-decoration:underline;text-decoration-thickness:1px}
.categories .note{font-size:var(--small);vertical-align:super}
.questions dd{color:var(--soft)}
.gallery .pictures{columns:4 12rem!important;column-gap:clamp(1rem,3vw,3rem)!important}
.shelf{padding-top:.5rem!important}
.shelf h1{font-size:var(--h2)}
.shelf-nav,.shelf-order{font-size:var(--small);margin-bottom:.25rem}
.shelf .goods{padding-top:2rem}
.product{display:block;padding-inline:0}
.crumbs{padding-inline:var(--side)}
.product-pictures{display:flex;gap:clamp(1rem,3vw,3rem);overflow-x:auto;padding:1rem var(--side) 1.5rem;scroll-snap-type:x proximity;align-items:end}
.product-pictures>*{flex:none;scroll-snap-align:center}
.product-pictures img,.product-pictures>.no-picture{height:min(52vh,36rem);width:auto;max-width:84vw;object-fit:contain}
.product-pictures>.no-picture{width:min(52vh,36rem)}
.product-words{padding:1rem var(--side) 0;grid-template-columns:minmax(0,4fr) minmax(0,4fr) minmax(0,4fr);gap:1.25rem clamp(1.5rem,5vw,5rem)}
.product h1{grid-column:1/-1;font-size:min(var(--h2),calc(96cqi/var(--fit,1)))}
.product-words>*{grid-column:1/3}
.product-price{font-size:var(--body)}
.product .buy{grid-column:3;grid-row:2/5;gap:1.1rem}
.buy label{font-weight:400;font-size:var(--small);color:var(--soft)}
.product .facts{font-size:var(--small)}
.related{padding-top:0!important}
[data-cart] .lines{display:flex;flex-wrap:wrap;gap:2.5rem clamp(1.5rem,5vw,5rem);border:0;align-items:end}
.line{display:block;border:0;width:min(100%,15rem);font-size:var(--small)}
.line:nth-child(even){width:min(100%,18rem)}
.line img,.line .no-picture{width:100%;margin-bottom:.5rem}
.line .sum{text-align:left;padding-top:.5rem}
.bill .total{border-top-width:1px;font-weight:400}
.summary{background:transparent;padding-inline:0}
.foot{display:flex;flex-wrap:wrap;gap:.5rem 2.5rem;align-items:var(--stand,baseline);color:var(--soft)}
.foot .brand{font-size:1rem;color:var(--text)}
@media (max-width:900px){
.product-pictures img,.product-pictures>.no-picture{height:auto;max-height:66vh}
.product-pictures>.no-picture{width:84vw}
.opening-pictures{grid-template-columns:5fr 4fr!important}
.opening-pictures>:nth-child(n+3){display:none}
.opening-words{grid-column:1/-1}
.goods,.goods.few{grid-template-columns:repeat(2,minmax(0,1fr));column-gap:1.25rem}
.good:nth-child(n){padding-inline:0}
.why,.story,.questions,.categories{grid-template-columns:minmax(0,1fr)}
.why ul,.story .prose,.questions dl,.categories ul{grid-column:1}
.product-words{grid-template-columns:minmax(0,1fr)}
.product-words>*,.product .buy{grid-column:1;grid-row:auto}
.opening-pictures[data-count="1"]{grid-template-columns:minmax(0,1fr)!important}
}
`;
