/** A JSON file that a person chooses; null when none is chosen. */
export function chosenFile(): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input')
    input.type = 'file'
    input.accept = '.json,application/json'
    input.onchange = () => resolve(input.files?.[0] ?? null)
    input.oncancel = () => resolve(null)
    input.click()
  })
}

/** Lets the browser save what the server sends. */
export function saveFrom(address: string) {
  const link = document.createElement('a')
  link.href = address
  link.download = ''
  link.click()
}
