import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import type { DroppedFile } from '../../api/uploads'

/** Files dropped anywhere on the window, folders opened, and pictures pasted from the clipboard. */
export function useFileDrop(take: (files: DroppedFile[]) => void) {
  const isOver = ref(false)

  useEventListener(window, 'dragover', (event: DragEvent) => {
    if (!event.dataTransfer?.types.includes('Files')) return
    event.preventDefault()
    isOver.value = true
  })
  useEventListener(window, 'dragleave', (event: DragEvent) => {
    if (event.relatedTarget === null) isOver.value = false
  })
  useEventListener(window, 'drop', (event: DragEvent) => {
    if (!event.dataTransfer?.types.includes('Files')) return
    event.preventDefault()
    isOver.value = false
    void filesOf(event.dataTransfer).then((files) => {
      if (files.length > 0) take(files)
    })
  })
  useEventListener(window, 'paste', (event: ClipboardEvent) => {
    const files = [...(event.clipboardData?.files ?? [])]
    if (files.length > 0) take(files.map(withName).map(pickedFile))
  })
  return { isOver }
}

/** A file as a picker gives it; one from a folder knows its way. */
export function pickedFile(file: File): DroppedFile {
  return { file, path: file.webkitRelativePath || file.name }
}

/** What file managers leave in folders is nobody's picture. */
export function isLitter(name: string): boolean {
  return name.startsWith('.') || /^(thumbs\.db|desktop\.ini)$/i.test(name)
}

/** A pasted screenshot is called image.png by every browser; a time tells them apart. */
function withName(file: File): File {
  if (!/^image\.\w+$/.test(file.name)) return file
  const time = new Date().toISOString().replace(/[:T]/g, '-').slice(0, 19)
  return new File([file], `pasted ${time}.${file.name.split('.').pop()}`, { type: file.type })
}

async function filesOf(transfer: DataTransfer): Promise<DroppedFile[]> {
  const entries = [...transfer.items].flatMap((item) => {
    const entry = item.webkitGetAsEntry()
    return entry ? [entry] : []
  })
  if (entries.length === 0) return [...transfer.files].map(pickedFile)
  return (await Promise.all(entries.map(filesIn))).flat()
}

async function filesIn(entry: FileSystemEntry): Promise<DroppedFile[]> {
  if (entry instanceof FileSystemFileEntry) {
    const file = await new Promise<File>((done, failed) => entry.file(done, failed))
    return [{ file, path: entry.fullPath.replace(/^\//, '') }]
  }
  if (!(entry instanceof FileSystemDirectoryEntry)) return []
  const reader = entry.createReader()
  const inside: FileSystemEntry[] = []
  // A reader gives at most a hundred entries a time.
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((done, failed) =>
      reader.readEntries(done, failed),
    )
    if (some.length === 0) break
    inside.push(...some)
  }
  const visible = inside.filter((e) => !isLitter(e.name))
  return (await Promise.all(visible.map(filesIn))).flat()
}
