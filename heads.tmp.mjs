import { buildShop, serve, launch, familyIds } from './scripts/sheet.mjs';
import sharp from 'sharp';
const [out, w, dec] = process.argv.slice(2);
const browser = await launch();
const shots=[];
for (const f of familyIds){
  const dir = buildShop({brief:'/tmp/lg/brief.txt',goods:'/tmp/lg/goods.csv',pictures:'/tmp/lg/pics',decisions:{'look/family':f,...JSON.parse(dec)}});
  const s = await serve(dir);
  const p = await browser.newPage({viewport:{width:+w,height:800}});
  await p.goto(s.base);
  const top=await p.screenshot({clip:{x:0,y:0,width:+w,height:260}});
  await p.evaluate(()=>scrollTo(0,1e6)); await p.waitForTimeout(100);
  const foot=await p.screenshot({clip:{x:0,y:620,width:+w,height:180}});
  shots.push(top,foot); await p.close(); s.stop();
}
await browser.close();
const W=+w>600?640:+w, k=W/+w;
const cols=+w>600?2:4;
const tiles=[];
for(let i=0;i<shots.length;i+=2){
  const n=i/2, x=(n%cols)*(W+8), y=Math.floor(n/cols)*(Math.round(440*k)+16);
  tiles.push({input:await sharp(shots[i]).resize(W).toBuffer(),left:x,top:y},{input:await sharp(shots[i+1]).resize(W).toBuffer(),left:x,top:y+Math.round(260*k)+2});
}
await sharp({create:{width:cols*(W+8),height:Math.ceil(12/cols)*(Math.round(440*k)+16),channels:3,background:'#f0f'}}).composite(tiles).png().toFile(out);
