import type { ShelfFile } from '../api/types'

/** Addresses and ways out of a finished file. */
export const fileAddress = (file: Pick<ShelfFile, 'id'>) => `/api/v1/shelf/files/${file.id}/file`
export const thumbnailAddress = (file: Pick<ShelfFile, 'id'>) =>
  `/api/v1/shelf/files/${file.id}/thumbnail`
export const pngAddress = (file: Pick<ShelfFile, 'id'>) =>
  `/api/v1/shelf/files/${file.id}/picture.png`

const TYPES: Record<string, string> = {
  PNG: 'image/png',
  MATTE: 'image/png',
  JPEG: 'image/jpeg',
  GIF: 'image/gif',
  WEBP: 'image/webp',
  AVIF: 'image/avif',
  TIFF: 'image/tiff',
  PDF: 'application/pdf',
}

export function save(file: ShelfFile) {
  const link = document.createElement('a')
  link.href = fileAddress(file)
  link.download = file.name
  link.click()
}

/** Dropped outside of the browser it becomes a file there; other programs take its address. */
export function dragOut(event: DragEvent, file: ShelfFile) {
  if (!event.dataTransfer) return
  const address = new URL(fileAddress(file), window.location.href).href
  const type = TYPES[file.format] ?? 'application/octet-stream'
  event.dataTransfer.effectAllowed = 'copy'
  event.dataTransfer.setData('DownloadURL', `${type}:${file.name.replaceAll(':', '_')}:${address}`)
  event.dataTransfer.setData('text/uri-list', address)
}

/** With its transparency; the browser asks for the bytes while it waits for the clipboard. */
export async function copyPicture(file: ShelfFile) {
  const png = fetch(pngAddress(file)).then((answer) => {
    if (!answer.ok) throw new Error('This file can’t be copied as a picture.')
    return answer.blob()
  })
  await navigator.clipboard.write([new ClipboardItem({ 'image/png': png })])
}
