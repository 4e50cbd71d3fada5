/**
 * Sections that all families share, in each of their arrangements. A family sets how a heading stands to its content (--part), how lines
 * are drawn (--rule) and how large words speak (--loud); the rest follows from its tokens.
 */
export const parts = `
:root{--part:minmax(0,3fr) minmax(0,9fr);--rule:1px solid var(--line);--loud:500 var(--h2)/1.2 var(--head)}
.part{display:grid;grid-template-columns:var(--part);gap:1.5rem 2rem;align-items:start}
.part>*{min-width:0}
.part>.plate,.part>.frame{grid-column:auto}
.part .large{font:var(--loud);text-wrap:balance}
.part .note{color:var(--soft);font-size:var(--small)}
.part .words{display:grid;gap:1.25rem;justify-items:start}
.part .head{display:grid;gap:.5rem}
.part .onward{padding:0;margin:0}
.ask{border:2px dashed var(--soft);color:var(--soft);padding:.35em .6em;font-style:normal;max-width:max-content}
.numbers .items{display:grid}
.numbers .items div{display:flex;flex-direction:column-reverse}
.numbers dd{font:var(--loud);font-size:var(--display);line-height:1;font-variant-numeric:tabular-nums lining-nums}
.numbers dt{color:var(--soft);padding-top:.35rem}
.numbers.as-row .items{grid-template-columns:repeat(auto-fit,minmax(9rem,1fr));gap:2rem}
.numbers.as-row .items div{justify-content:flex-end}
.numbers.as-ledger .items div{flex-direction:row;justify-content:space-between;align-items:baseline;gap:1.5rem;border-bottom:1px solid var(--line);padding:.75rem 0}
.numbers.as-ledger dd{font-size:var(--h1)}
.people .items{display:grid;gap:1.5rem}
.people.as-pair .items{grid-template-columns:repeat(auto-fit,minmax(14rem,1fr));gap:2rem}
.people.as-list li{display:grid;grid-template-columns:minmax(8rem,1fr) minmax(0,3fr);gap:.25rem 2rem;border-bottom:1px solid var(--line);padding-bottom:1rem;align-items:baseline}
.reviews .items{display:grid;gap:2rem}
.reviews blockquote{margin:0}
.reviews figcaption{color:var(--soft);font-size:var(--small);padding-top:.6rem}
.reviews figcaption::before{content:"– "}
.reviews.as-one li:first-child blockquote{font:var(--loud);text-wrap:balance}
.reviews.as-one li:not(:first-child){max-width:var(--measure)}
.reviews.as-all .items{grid-template-columns:repeat(auto-fit,minmax(min(100%,16rem),1fr))}
.reviews.as-all li{border-top:var(--rule);padding-top:1rem}
.steps .items{display:grid;gap:1.5rem 2rem}
.steps .count{font:var(--loud);color:var(--link);display:block;font-variant-numeric:tabular-nums}
.steps.as-row .items{grid-template-columns:repeat(auto-fit,minmax(9rem,1fr))}
.steps.as-row .count{border-top:var(--rule);padding-top:.75rem;margin-bottom:.5rem}
.steps.as-ladder li{display:grid;grid-template-columns:3.5rem minmax(0,1fr);gap:1rem;align-items:baseline;max-width:var(--measure)}
.video.as-plate{grid-template-columns:minmax(0,7fr) minmax(0,5fr);align-items:end}
.video.as-plate h2{grid-column:auto}
.video .plate{position:relative}
.video .plate img,.video .plate .no-picture{width:100%;aspect-ratio:16/9;object-fit:var(--lying,cover)}
.video .start{position:absolute;inset:auto auto 1.25rem 1.25rem;width:3.5rem;height:3.5rem;background:var(--ground);clip-path:polygon(15% 8%,92% 50%,15% 92%)}
.video.as-line .words{grid-column:1/-1}
.extracts .items{display:grid}
.extracts li{border-bottom:1px solid var(--line);padding:.85rem 0}
.extracts li p{color:var(--soft);max-width:var(--measure);padding-top:.25rem}
.extracts .onward,.extracts .items{grid-column:-2/-1}
.posts article{padding-bottom:2.5rem}
.posts h2{margin-bottom:.75rem}
.free-text.as-set-off{background:var(--raised)}
.free-text .prose{grid-column:-2/-1}
.markup iframe{display:block;width:100%;min-height:22rem;border:0;background:var(--ground)}
.markup.as-framed .frame{border:1px solid var(--soft);padding:1rem}
.markup.as-bare{grid-template-columns:minmax(0,1fr)}
.buy-one{align-items:center}
.buy-one .plate img,.buy-one .plate .no-picture{width:100%;max-height:44rem;object-fit:var(--lying,cover)}
.buy-one.as-beside{grid-template-columns:minmax(0,7fr) minmax(0,5fr)}
.buy-one.as-under{grid-template-columns:minmax(0,1fr)}
.buy-one.as-under .plate img{aspect-ratio:16/9;object-fit:var(--lying,cover)}
.buy-one h2{font-size:var(--h1);line-height:var(--h1-line)}
.buy-one .words>p{max-width:var(--measure)}
.offer.as-band{background:var(--third,var(--second));color:var(--on-third,var(--on-second))}
.offer.as-band a{color:inherit}
.offer.as-notice .words{border:2px solid var(--text);padding:1.5rem}
.tables{display:grid;gap:2.5rem}
.price-table.as-columns .tables{grid-template-columns:repeat(auto-fit,minmax(min(100%,20rem),1fr));align-items:start}
.prices{border-collapse:collapse;width:100%}
.prices th,.prices td{text-align:left;font-weight:400;border-bottom:1px solid var(--line);padding:.6rem 1rem .6rem 0;vertical-align:baseline}
.prices th a{color:inherit;display:inline-block;padding:.1rem 0}
.prices td{color:var(--soft);font-size:var(--small)}
.prices .price{text-align:right;white-space:nowrap;color:var(--text);font-size:inherit;padding-right:0}
.tables h3{padding-bottom:.5rem}
.gallery .pictures{display:grid;gap:1rem}
.gallery a{color:inherit;text-decoration:none}
.gallery img{width:100%}
.gallery .caption{display:block;font-size:var(--small);padding-top:.35rem;color:var(--soft)}
.gallery.as-wall{grid-template-columns:minmax(0,1fr)}
.gallery.as-wall .pictures{display:block;columns:4 14rem;column-gap:1rem}
.gallery.as-wall li{break-inside:avoid;padding-bottom:1.25rem}
.gallery.as-wall li:nth-child(3n+2) img{aspect-ratio:4/5;object-fit:var(--upright,cover)}
.gallery.as-walk{grid-template-columns:minmax(0,1fr)}
.gallery.as-walk .pictures{grid-auto-flow:column;grid-auto-columns:min(26rem,78vw);overflow-x:auto;scroll-snap-type:x proximity;padding-bottom:.75rem}
.gallery.as-walk li{scroll-snap-align:start}
.gallery.as-walk img{aspect-ratio:4/5;object-fit:var(--upright,cover)}
.posted .pictures{display:grid;grid-template-columns:repeat(auto-fit,minmax(6rem,1fr));gap:2px}
.posted img{width:100%;aspect-ratio:1;object-fit:cover}
.posted.as-corner .pictures{grid-template-columns:repeat(3,minmax(0,9rem))}
.posted a,.posted .onward{overflow-wrap:anywhere}
.hours .items,.details .items{display:grid}
.hours .items div,.details .items div{display:grid;grid-template-columns:minmax(8rem,1fr) minmax(0,3fr);gap:.25rem 2rem;padding:.6rem 0;border-bottom:1px solid var(--line)}
.hours dd{font-variant-numeric:tabular-nums lining-nums}
.hours dt,.details dt{font-weight:600}
.hours.as-line .items,.details.as-lines .items{display:flex;flex-wrap:wrap;gap:.75rem 3rem}
.hours.as-line .items div,.details.as-lines .items div{display:block;border:0;padding:0}
.hours.as-line .items{font:var(--loud)}
.hours.as-line dt{font-weight:inherit}
.details.as-lines dd{max-width:var(--measure)}
.map.as-wide{grid-template-columns:minmax(0,1fr)}
.sketch svg{display:block;width:100%;height:auto;background:var(--raised)}
.sketch figcaption{font-size:var(--small);color:var(--soft);padding-top:.4rem}
.sketch text{font:400 15px var(--text-face);fill:var(--text)}
.sketch .own{font-weight:700;font-size:17px}
.sketch .town{fill:var(--soft)}
.sketch .here{fill:var(--accent);stroke:var(--ground);stroke-width:3}
.sketch .grid{stroke:var(--line);fill:none}
.sketch .bar{stroke:var(--text);fill:none;stroke-width:1.5}
.letter{display:grid;gap:1rem;max-width:34rem}
.form.as-column{grid-template-columns:minmax(0,1fr)}
.newsletter.as-band{background:var(--raised)}
.newsletter.as-column{grid-template-columns:minmax(0,1fr)}
.folds{border-top:1px solid var(--line)}
.folds details{border-bottom:1px solid var(--line)}
.folds summary{padding:.9rem 0;font-weight:600;cursor:pointer}
.folds p{padding:0 0 1.1rem;max-width:var(--measure)}
.opening.as-spoken{grid-template-columns:minmax(0,1fr)}
.opening.as-spoken .opening-words{grid-column:1;padding-inline:0;max-width:68rem}
.opening.as-spoken h1{font-size:var(--display);line-height:var(--display-line);letter-spacing:var(--display-track)}
.featured.as-row .goods{display:grid;grid-template-columns:none;grid-auto-flow:column;grid-auto-columns:minmax(13rem,17rem);gap:1.25rem;overflow-x:auto;max-width:none;margin:0;padding-bottom:1rem;scroll-snap-type:x proximity}
.featured.as-row .good{margin:0!important;border:0;scroll-snap-align:start}
.featured.as-row .good a{display:grid;grid-template-columns:minmax(0,1fr) auto;min-height:0;gap:.35rem 1rem;align-content:start;padding:0 0 .5rem}
.featured.as-row .entry{display:none}
.featured.as-row .thumb{grid-column:1/-1;grid-row:auto;width:100%;margin:0 0 .5rem}
.featured.as-row .name,.featured.as-row .note{grid-column:1;grid-row:auto}
.featured.as-row .price{grid-column:2;grid-row:2;text-align:right}
.categories.as-pictures ul{display:grid;columns:auto;grid-template-columns:repeat(auto-fill,minmax(min(100%,11rem),1fr));gap:1.5rem 1rem}
.categories.as-pictures a{display:grid;grid-template-columns:minmax(0,1fr) auto;gap:.5rem;font:600 var(--body)/1.3 var(--text-face);text-transform:none;padding:0;align-items:baseline}
.categories.as-pictures .thumb{display:block;grid-column:1/-1;width:100%}
.categories.as-pictures .note{margin:0;font:inherit;vertical-align:baseline}
.categories.as-pictures li{border:0}
.why.as-stacked ul{display:grid;grid-template-columns:minmax(0,1fr);gap:0}
.why.as-stacked li{display:grid;grid-template-columns:minmax(0,1fr) minmax(0,1fr);gap:.5rem 2.5rem;padding:1.25rem 0;border:0;border-top:var(--rule)}
.why.as-stacked .claim{grid-column:1/-1}
.story.as-columns .prose{columns:2 18rem;column-gap:2.5rem;max-width:none}
.story.as-columns .prose p{break-inside:avoid}
.contact.as-line{display:flex;flex-wrap:wrap;gap:.75rem 2.5rem;align-items:baseline}
.contact.as-line address{display:flex;flex-wrap:wrap;gap:.25rem 2rem;font:inherit;margin:0}
@media (max-width:820px){
.part,.video.as-plate,.buy-one.as-beside,.why.as-stacked li{grid-template-columns:minmax(0,1fr)}
.extracts .onward,.extracts .items,.free-text .prose{grid-column:1}
.people.as-list li,.hours .items div,.details .items div{grid-template-columns:minmax(0,1fr)}
.prices td:not(.price){display:none}
.sketch text{font-size:19px}
}
`;
