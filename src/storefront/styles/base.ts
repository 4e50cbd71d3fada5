import { bands } from '@/core/look';
import { markHeights } from '@/core/site';
import { focusSteps, longestFit } from '../context';

/** Classes that say how wide the longest word of a heading is, in em. */
const fits = Array.from({ length: longestFit * 2 - 6 }, (_, i) => (i + 7) / 2)
  .map((em) => `.fit-${String(em).replace('.', '-')}{--fit:${em}}`)
  .concat(`.fit-most{--fit:${longestFit}}`)
  .join('');

/** A mark is so many text lines high as its manner wants; its size is the seller's. */
const marks = [
  '.mark{display:block;width:auto;max-width:min(100%,20rem);object-fit:contain}',
  ...Object.entries(markHeights).map(([manner, px]) => `.mark-${manner}{height:calc(${px / 16}rem*var(--mark,1))}`),
  ...Array.from({ length: 20 }, (_, i) => `.mark-${i + 6}{--mark:${(i + 6) / 10}}`),
  ...bands.map((band) => `.mark-on-${band}{background:var(--${band})}`),
  '[class*=mark-on-]{padding:.4rem .55rem;border-radius:min(var(--corner),.6rem);box-sizing:content-box}',
  // Beside a mark, what else is in the row stands about its middle.
  ':is(.top,.foot):has(.mark){--stand:center}',
  '.lockup{display:inline-flex;align-items:center;gap:.5em;max-width:100%;text-align:start}',
  '.lockup .mark{flex:none;height:calc(1.7em*var(--mark,1));max-width:40%}.lockup>span{min-width:0}',
].join('');

/** Where to look in a picture that is cropped; one that is to be seen whole stands on its own ground, or the raised one. */
const standing = `${focusSteps.map((step) => `.at-${step}{--at-x:${step}%}.at-y-${step}{--at-y:${step}%}`).join('')}img{object-position:var(--at-x,50%) var(--at-y,50%)}img.whole{object-fit:contain!important}.not-upright{--upright:contain}.not-lying{--lying:contain}img:is(.whole,.not-upright,.not-lying){background:var(--plate,var(--raised)) content-box!important}`;

/** What all families share: reset, text, forms, cart and checkout. Layout that tells families apart is theirs. */
export const base = `
*,*::before,*::after{box-sizing:border-box}
html{-webkit-text-size-adjust:100%;scroll-behavior:smooth}
@media (prefers-reduced-motion:reduce){html{scroll-behavior:auto}*,*::before,*::after{transition:none!important;animation:none!important}}
body{margin:0;background:var(--ground);color:var(--text);font:400 var(--body)/var(--body-line) var(--text-face);font-synthesis:none;overflow-wrap:break-word;min-height:100vh;display:flex;flex-direction:column}
main{flex:1;width:100%;container-type:inline-size}
[hidden]{display:none!important}
:root:not([data-orders=preview]) .folded:not(:target){display:none!important}
[data-orders=preview] .folded{outline:2px dashed var(--line);outline-offset:-8px}
h1,h2,h3,.brand{font-family:var(--head);font-weight:var(--head-weight);margin:0;text-wrap:balance}
${fits}
h1{font-size:min(var(--h1),calc(99cqi/var(--fit,1)));line-height:var(--h1-line);letter-spacing:var(--h1-track)}
h2{font-size:var(--h2);line-height:var(--h2-line);letter-spacing:var(--h2-track)}
h3{font-size:var(--h3);line-height:var(--h3-line);letter-spacing:var(--h3-track)}
header .brand,header .brand span,footer :is(p,span){overflow-wrap:anywhere;min-width:0;max-width:100%}
main :is(h1,h2,h3,p,dd,a,figcaption,legend,label,.name){overflow-wrap:anywhere;min-width:0}
main :is(h1,h2,p,.name){hyphens:auto;hyphenate-limit-chars:14 5 5}
p,dl,dd,ul,ol,figure,fieldset,address{margin:0;padding:0;border:0;font-style:normal}
ul,ol{list-style:none}
img{display:block;max-width:100%;height:auto}
a{color:var(--link);text-decoration-thickness:1px;text-underline-offset:.2em}
a:hover{text-decoration-thickness:2px}
:focus-visible{outline:3px solid var(--link);outline-offset:3px}
small,.note,.stock,caption{font-size:var(--small);line-height:var(--small-line)}
.price,.product-price,td,.bill{font-variant-numeric:tabular-nums lining-nums}
main :is(.price,.product-price,.sum,.quantity){overflow-wrap:normal}
.price s,.product-price s{color:var(--soft)}
.price b,.product-price s:not([hidden])+b{color:var(--sale);font-weight:var(--strong)}
.price small{color:var(--soft)}
.aside{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%);white-space:nowrap}
.skip{position:absolute;left:-999px;top:0;background:var(--text);color:var(--ground);padding:.75rem 1rem;z-index:9}
.skip:focus{left:0}
.prose{max-width:var(--measure)}
.prose p+p{margin-top:1em}
.beside{margin:0 0 1.5rem;width:calc(100%*(1 - var(--less,0)));break-inside:avoid}
.beside img{display:block;width:100%;height:auto}
.points{padding-left:1.25em;margin-block:.75em}
ul.points{list-style:disc}
ol.points{list-style:decimal}
.lead{font-size:var(--h3);line-height:1.4;text-wrap:pretty}
.button{display:inline-flex;align-items:center;justify-content:center;min-height:3rem;padding:.5rem 1.5rem;background:var(--accent);color:var(--on-accent);border:2px solid var(--rim);border-radius:var(--corner);font:var(--strong) 1rem/1.2 var(--text-face);text-decoration:none;cursor:pointer;text-align:center}
.button:hover{text-decoration:underline;text-underline-offset:.25em}
.button.second{background:transparent;color:var(--text);border-color:var(--text)}
.button:disabled{background:transparent;color:var(--soft);border-color:var(--line);cursor:default;text-decoration:none}
.plain{background:none;border:0;padding:.35rem 0;min-height:1.75rem;font:inherit;font-size:var(--small);color:var(--link);text-decoration:underline;text-underline-offset:.2em;cursor:pointer}
.notice{background:var(--raised);padding:1rem 1.25rem;max-width:var(--measure)}
.empty{padding:2rem 0;color:var(--soft)}
.no-picture{display:grid;place-items:center;aspect-ratio:1;width:100%;background:var(--raised);color:var(--soft);container-type:inline-size}
.product-pictures>.no-picture{aspect-ratio:3/2;container-type:size}
.no-picture span{font:var(--head-weight) clamp(1rem,38cqi,5rem)/1 var(--head)}
.product-pictures>.no-picture span{display:block;font-size:68cqmin;text-box:trim-both cap alphabetic;color:color-mix(in oklab,currentColor 20%,transparent)}
.good .named{container-type:size;place-items:end start;color:var(--text)}
.good .thumb .named .name{--in:7cqmin;display:block;padding:var(--in);font:var(--head-weight) min(calc((98cqmin - 2*var(--in))/var(--fit,1)),calc(var(--plate,1)*20cqmin))/1.06 var(--head);color:inherit;text-wrap:balance}
${marks}
${standing}
.top a,.foot a{color:inherit;text-decoration:none}
.top a:hover,.foot a:hover{text-decoration:underline}
.top ul,.foot ul{display:flex;flex-wrap:wrap;gap:.25rem 1.5rem}
.breaks{overflow-wrap:anywhere;hyphens:auto;min-width:0}
.top li a,.tools a,.foot li a,.foot address a,.shelf-nav a,.shelf-order a,.crumbs a{display:inline-block;padding:.3rem 0}
.top [aria-current=page]:not(.brand){text-decoration:underline;text-decoration-thickness:2px;text-underline-offset:.35em}
.top li:has(>details){display:flex;align-items:baseline;position:relative}
.top li:has(>details)>a{min-width:1.5rem}
.top summary{display:block;cursor:pointer;padding:.55rem .6rem;margin:-.25rem -.6rem -.25rem 0}
.top summary::-webkit-details-marker{display:none}
.top summary::before{content:"";display:block;width:.45em;height:.45em;border:solid;border-width:0 2px 2px 0;transform:translateY(-.2em) rotate(45deg)}
.top [open]>summary::before{transform:translateY(.05em) rotate(225deg)}
.top details>ul{position:absolute;top:100%;inset-inline-start:-1rem;z-index:9;display:grid;gap:0;justify-content:start;text-align:start;width:max-content;min-width:11rem;max-width:18rem;padding:.6rem 1rem;background:var(--ground);color:var(--text);border:1px solid var(--line)}
.tools{display:flex;gap:1.5rem;white-space:nowrap}
.foot address{display:flex;flex-wrap:wrap;gap:.25rem 1.5rem;align-items:center}
.good a{color:inherit;text-decoration:none}
.good .name{font-family:var(--head);font-weight:var(--head-weight)}
.good a:hover .name{text-decoration:underline;text-underline-offset:.2em;text-decoration-thickness:1px}
.good.gone .thumb:not(:has(.named)){opacity:.55}
.good.gone .named .name{text-decoration:line-through;text-decoration-thickness:.06em}
.good .note{color:var(--soft);overflow-wrap:break-word}
.entry{display:none}
.thumb img{width:100%;aspect-ratio:1;object-fit:cover}
.shelf-nav ul,.shelf-order ul{display:flex;flex-wrap:wrap;gap:.1rem 1.25rem}
.shelf-nav a,.shelf-order a{color:var(--text)}
.shelf-nav [aria-current],.shelf-order [aria-current]{color:var(--link);font-weight:var(--strong);text-decoration:none}
.shelf-order{font-size:var(--small)}
@media (max-width:560px){
main .shelf :is(.shelf-nav,.shelf-order){min-width:0;max-width:100%}
main .shelf :is(.shelf-nav,.shelf-order) ul{flex-flow:row nowrap;justify-content:flex-start;overflow-x:auto;scrollbar-width:none;white-space:nowrap}
}
.stretches p{display:flex;gap:1.5rem;align-items:baseline}
.crumbs{font-size:var(--small);color:var(--soft)}
.crumbs a{color:inherit}
fieldset{min-width:0}
legend{padding:0;font-weight:var(--strong);margin-bottom:.5rem}
.choices{display:flex;flex-wrap:wrap;gap:.5rem}
.choices.stacked{flex-direction:column}
.choices label{position:relative;cursor:pointer}
.choices input{position:absolute;opacity:0;inset:0;width:100%;height:100%;margin:0;cursor:pointer}
.choices span{display:block;padding:.6rem .9rem;border:1px solid var(--soft);min-height:2.75rem;border-radius:var(--corner)}
.choices.stacked span{border-radius:var(--soft-corner);display:flex;justify-content:space-between;gap:1rem;flex-wrap:wrap}
.choices input:checked+span{border-color:var(--link);box-shadow:inset 0 0 0 2px var(--link)}
.choices input:focus-visible+span{outline:3px solid var(--link);outline-offset:3px}
.choices .out span{color:var(--soft);border-style:dashed}
.choices:is(.rows,.ticks,.words) span{border:0;border-radius:0;padding:.6rem 0}
.choices:is(.rows,.ticks,.words) input:checked+span{box-shadow:none}
.choices:is(.rows,.ticks){display:grid;gap:0;width:100%}
.choices:is(.rows,.ticks) span{display:flex;flex-wrap:wrap;gap:0 .75rem;align-items:baseline}
.choices:is(.rows,.ticks) span::before{content:"";flex:none;width:.85em;height:.85em;border:2px solid var(--soft);border-radius:50%;align-self:center}
.choices:is(.rows,.ticks) input:checked+span::before{border-color:var(--link);background:radial-gradient(circle,var(--link) 50%,transparent 55%)}
.choices:is(.rows,.ticks) small{color:var(--soft);font-variant-numeric:tabular-nums lining-nums}
.choices.ticks span{padding:.35rem 0;align-content:center}
.choices.rows{border-top:1px solid var(--line)}
.choices.rows label{border-bottom:1px solid var(--line)}
.choices.rows label:hover{background:var(--raised)}
.choices.rows span{align-content:center}
.choices.rows small{margin-left:auto}
.choices.rows small+small{margin-left:0;min-width:5rem;text-align:right}
.choices.rows input:checked+span{font-weight:var(--strong)}
.choices.words{gap:.25rem 1.5rem}
.choices.words span{color:var(--soft);padding:.6rem 0 .3rem;border-bottom:2px solid transparent}
.choices.words input:checked+span{color:var(--text);border-color:var(--link)}
.choices.words label:hover span{border-color:var(--line)}
.choices.words .out span{text-decoration:line-through;text-decoration-thickness:1px}
input:not([type=radio],[type=checkbox]),select,textarea{font:inherit;color:var(--text);background:var(--ground);border:1px solid var(--soft);border-radius:var(--soft-corner);padding:.6rem .75rem;min-height:3rem;width:100%}
textarea{display:block}
[aria-invalid=true]{border-color:var(--bad)!important;box-shadow:inset 0 0 0 1px var(--bad)}
.error{display:block;color:var(--bad);font-size:var(--small)}
.error:empty{display:none}
.field label{display:block;font-weight:var(--strong);margin-bottom:.25rem}
.field label small{font-weight:400;color:var(--soft)}
.buy{display:grid;gap:1.5rem;justify-items:start}
.buy>:is(.field,fieldset){width:100%}
.buy select{max-width:24rem}
.buy .stock:empty{display:none}
.fold{border-bottom:1px solid var(--line)}
.fold summary{padding:.8rem 0;font-weight:var(--strong);cursor:pointer}
.fold[open]{padding-bottom:1rem}
.buy-row{display:flex;gap:.75rem;align-items:flex-end;width:100%}
.quantity{font-size:var(--small);display:block}
.quantity span{display:block}
.quantity input{width:5rem!important}
.added:empty{display:none}
.product-price{font-size:var(--h3)}
.product-price b{font-weight:var(--strong)}
.product-price small{color:var(--soft)}
.facts{border-top:1px solid var(--line);max-width:30rem}
.facts div{display:grid;grid-template-columns:8rem 1fr;gap:1rem;border-bottom:1px solid var(--line);padding:.55rem 0}
.facts dt{color:var(--soft)}
.rates{border-collapse:collapse;margin:2rem 0;width:100%;max-width:48rem}
.rates caption{text-align:left;font-weight:var(--strong);padding-bottom:.5rem}
.rates th,.rates td{text-align:left;border-bottom:1px solid var(--line);padding:.6rem 1rem .6rem 0;vertical-align:top;font-weight:400}
.rates thead th{font-size:var(--small);color:var(--soft)}
.text{padding-top:clamp(2rem,5vw,4rem);padding-bottom:var(--rest)}
.text h1{margin-bottom:clamp(1.5rem,3vw,2.5rem)}
.search form{max-width:36rem;margin-bottom:1.5rem}
.search label{display:block;font-weight:var(--strong);margin-bottom:.35rem}
.lines{border-top:1px solid var(--line)}
.line{display:grid;grid-template-columns:5.5rem 1fr auto;gap:1rem;padding:1rem 0;border-bottom:1px solid var(--line);align-items:start}
.line .sum{font-weight:var(--strong);text-align:right;font-variant-numeric:tabular-nums}
.line a{color:inherit}
.line .quantity{margin-top:.5rem}
.line img,.line .no-picture{width:5.5rem;aspect-ratio:1;object-fit:cover;font-size:1.5rem}
.bill{display:grid;gap:.4rem;margin:1.25rem 0}
.bill div{display:flex;justify-content:space-between;gap:1rem}
.bill dt small{color:var(--soft)}
.bill .total{border-top:2px solid var(--text);padding-top:.6rem;margin-top:.35rem;font-size:var(--h3);font-weight:var(--strong)}
.cart-foot{display:grid;justify-items:end;gap:1rem;margin-top:1.5rem}
.cart-foot .bill{min-width:min(22rem,100%)}
.cart-foot form{justify-self:start;width:min(24rem,100%)}
.cart-foot .error{margin-top:.5rem}
.page-cart main,.page-checkout main{min-height:100vh}
.checkout form{display:grid;grid-template-columns:minmax(0,1fr) minmax(18rem,24rem);gap:clamp(2rem,5vw,4.5rem);align-items:start}
.checkout-fields{display:grid;gap:2.25rem}
.checkout legend{font-family:var(--head);font-size:var(--h3);font-weight:var(--head-weight);margin-bottom:1rem}
.checkout fieldset,.checkout [data-parcel]{display:grid;grid-template-columns:1fr 1fr;gap:1rem}
.checkout [data-parcel],.checkout .wide,.checkout .choices,.checkout .notice{grid-column:1/-1}
.checkout fieldset legend{grid-column:1/-1}
.consent label{display:flex;gap:.75rem;align-items:flex-start}
.consent input{width:1.5rem;height:1.5rem;flex:none;accent-color:var(--link);margin:0}
.summary{background:var(--raised);padding:1.5rem;position:sticky;top:1rem;display:grid;gap:1rem}
.summary h2{font-size:var(--h3)}
.summary .button{width:100%}
.summary .buy-row .button{width:auto;flex:none;padding-inline:1rem}
.summary .buy-row input{min-width:0}
.summary ul{display:grid;gap:.5rem;font-size:var(--small)}
.summary li{display:flex;justify-content:space-between;gap:1rem}
.error-summary{border:2px solid var(--bad);padding:1rem 1.25rem}
.error-summary ul{list-style:disc;padding-left:1.25rem}
.thanks .number{font-family:var(--head);font-size:var(--h2)}
.thanks .lines,.thanks > [data-thanks] > p:has(> .button){margin-top:1.5rem}
.follows{display:grid;gap:.9rem;justify-items:start;margin-top:1.25rem}
.follows:empty{display:none}
.follows h2{font-size:var(--h3);text-align:start;margin:0}
.again{display:grid;gap:.6rem;max-width:60ch}
.follows p{display:flex;flex-wrap:wrap;gap:.35rem 1rem;align-items:center;margin:0}
@media (max-width:760px){
.top li:has(>details){display:block}
.top li:has(>[open]){flex:1 0 100%}
.top details{display:inline}
.top summary{display:inline-block;vertical-align:baseline}
.top details>ul{position:static;width:auto;max-width:none;border:0;padding:0 0 .5rem 1.25rem;background:none;color:inherit}
.checkout form{grid-template-columns:minmax(0,1fr)}
.checkout fieldset,.checkout [data-parcel]{grid-template-columns:minmax(0,1fr)}
.summary{position:static}
.rates thead{position:absolute;clip-path:inset(50%)}
.rates tr{display:grid;grid-template-columns:1fr auto;border-bottom:1px solid var(--line);padding:.5rem 0}
.rates th,.rates td{border:0;padding:.1rem 0}
.line{grid-template-columns:4rem 1fr auto}
.line img,.line .no-picture{width:4rem}
}
`;
