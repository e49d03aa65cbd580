/** What may stand in path data: the letters of its commands and numbers. */
const DATA = /^[Mm][\d\s,.+\-eEMmLlHhVvCcSsQqTtAaZz]*$/
const IN_A_FILE = /<path[^>]*\sd\s*=\s*(["'])([^"']*)\1/i

/** Path data of what was pasted: data as it is, or the first path of an SVG file; null = neither. */
export function pathData(pasted: string): string | null {
  const text = pasted.trim()
  const data = (IN_A_FILE.exec(text)?.[2] ?? text).trim()
  return DATA.test(data) ? data : null
}
