// Cut-outs of solid things with what one sees through them: node models.mjs MODELS OUT THREE PLAYWRIGHT [VIEWS] [PART OF]
//
// MODELS is a folder of OBJ models with their materials (Debian's sweethome3d-furniture unpacked), THREE and PLAYWRIGHT
// the packages three and playwright-core. Debian's Chromium draws every one from VIEWS places in light of its own. PART of OF shares the work.
import { createReadStream, existsSync, mkdirSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:http'
import { dirname, join, normalize } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'

const [models, out, three, playwright, views = '4', part = '0', of = '1'] = process.argv.slice(2)
const { chromium } = await import(pathToFileURL(join(playwright, 'index.mjs')).href)
const here = dirname(fileURLToPath(import.meta.url))
mkdirSync(out, { recursive: true })

const TYPES = { html: 'text/html', js: 'text/javascript', png: 'image/png', jpg: 'image/jpeg', jpeg: 'image/jpeg' }
const server = createServer((request, response) => {
  const path = normalize(decodeURIComponent(new URL(request.url, 'http://x').pathname))
  const file = path.startsWith('/three/') ? join(three, path.slice(7)) : path.startsWith('/models/') ? join(models, path.slice(8)) : join(here, 'models.html')
  if (!existsSync(file) || statSync(file).isDirectory()) return response.writeHead(404).end()
  response.writeHead(200, { 'Content-Type': TYPES[file.split('.').pop().toLowerCase()] ?? 'application/octet-stream' })
  createReadStream(file).pipe(response)
}).listen(0, '127.0.0.1')
await new Promise((done) => server.on('listening', done))
const address = `http://127.0.0.1:${server.address().port}/`

const all = readdirSync(models, { recursive: true }).filter((f) => f.endsWith('.obj') && statSync(join(models, f)).size < 12e6).sort()
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--use-gl=angle', '--use-angle=swiftshader', '--enable-unsafe-swiftshader'] })
let page
for (const [i, model] of all.entries()) {
  if (i % of != part) continue
  const name = model.replace(/[^\w]+/g, '-')
  if (existsSync(join(out, `${name}-0.png`))) continue
  // A new page now and then, so that nothing piles up in it.
  if (!page || i % 160 < of) {
    await page?.close()
    page = await browser.newPage()
    await page.goto(address)
    await page.waitForFunction(() => window.views)
  }
  try {
    const url = `/models/${model.split('/').map(encodeURIComponent).join('/')}`
    const shots = await page.evaluate(([u, seed, n]) => window.views(u, seed, n), [url, i * 7919 + 1, Number(views)])
    shots.forEach((shot, k) => writeFileSync(join(out, `${name}-${k}.png`), Buffer.from(shot.split(',')[1], 'base64')))
  } catch (problem) {
    console.log(model, String(problem).split('\n')[0])
    page = null
  }
}
await browser.close()
server.close()
