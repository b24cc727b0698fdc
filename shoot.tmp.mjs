import { chromium } from "@playwright/test";
const [,, base, ...steps] = process.argv;
const browser = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox","--disable-gpu","--disable-background-networking"] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.on("console", m => { if (m.type()==="error") console.log("console:", m.text().slice(0,300)); });
page.on("pageerror", e => console.log("pageerror", e.message.slice(0,300)));
for (const s of steps) { const [k,...r]=s.split("|"); const a=r.join("|");
 if(k==="go") await page.goto(base+a); 
 else if(k==="shot") { await page.waitForTimeout(600); await page.screenshot({path:`/tmp/shots/${a}.png`}); }
 else if(k==="full") { await page.waitForTimeout(600); await page.screenshot({path:`/tmp/shots/${a}.png`, fullPage:true}); }
 else if(k==="click") await page.locator(a).first().click({timeout:8000});
 else if(k==="fill") { const [sel,...t]=a.split("=>"); await page.locator(sel).first().fill(t.join("=>")); }
 else if(k==="key") await page.keyboard.press(a);
 else if(k==="hold") { const b=await page.locator(a).first().boundingBox(); await page.mouse.move(b.x+b.width/2,b.y+b.height/2); await page.mouse.down(); await page.waitForTimeout(800); await page.mouse.up(); }
 else if(k==="wait") await page.waitForTimeout(+a);
 else if(k==="eval") console.log(await page.evaluate(a));
 else if(k==="size") { const [w,h]=a.split("x"); await page.setViewportSize({width:+w,height:+h}); }
}
await browser.close();
