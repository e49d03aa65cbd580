const LOOK_EVERY_MS = 1000
const files = document.querySelector('#files')
const form = document.querySelector('#faults')
const said = document.querySelector('#said')

function cell(row, content) {
  const td = row.insertCell()
  td.append(content)
}

function picture(file) {
  if (!file.type.startsWith('image/') || file.type === 'image/tiff') return ''
  const img = new Image()
  img.src = `/files/${encodeURIComponent(file.name)}?${file.sha256.slice(0, 8)}`
  img.alt = ''
  return img
}

let shown = ''
async function look() {
  const text = await (await fetch('/files')).text()
  if (text === shown) return
  shown = text
  const all = JSON.parse(text)
  document.querySelector('#count').textContent =
    all.length === 0 ? 'Nothing' : all.length === 1 ? '1 file' : `${all.length.toLocaleString('en')} files`
  document.querySelector('table').hidden = all.length === 0
  files.replaceChildren()
  for (const file of all) {
    const row = files.insertRow()
    row.dataset.name = file.name
    cell(row, picture(file))
    cell(row, file.name)
    cell(row, file.bytes.toLocaleString('en'))
    cell(row, file.times === 1 ? 'once' : `${file.times} times, kept once`)
    cell(row, new Date(file.at).toLocaleTimeString('en-GB'))
  }
}

function show(faults) {
  for (const [name, value] of Object.entries(faults)) form.elements[name].value = value
}

form.addEventListener('change', async () => {
  const faults = Object.fromEntries([...new FormData(form)].map(([name, v]) => [name, Number(v)]))
  const answer = await fetch('/faults', { method: 'PUT', body: JSON.stringify(faults) })
  const now = await answer.json()
  said.textContent = answer.ok ? 'Kept.' : now.detail
  if (answer.ok) show(now)
})

document.querySelector('#empty').addEventListener('click', async () => {
  await fetch('/files', { method: 'DELETE' })
  await look()
})

show(await (await fetch('/faults')).json())
await look()
setInterval(look, LOOK_EVERY_MS)
