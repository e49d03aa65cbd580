/** The colour of an image under a point of the window, `#RRGGBB`; null where it is see-through. */
export function colourAt(image: HTMLImageElement, clientX: number, clientY: number): string | null {
  const context = document.createElement('canvas').getContext('2d')
  if (!context) return null
  const at = image.getBoundingClientRect()
  const x = Math.floor(((clientX - at.left) / at.width) * image.naturalWidth)
  const y = Math.floor(((clientY - at.top) / at.height) * image.naturalHeight)
  context.canvas.width = 1
  context.canvas.height = 1
  context.drawImage(image, -x, -y)
  const [r = 0, g = 0, b = 0, alpha = 0] = context.getImageData(0, 0, 1, 1).data
  if (alpha === 0) return null
  const hex = [r, g, b].map((v) => v.toString(16).padStart(2, '0')).join('')
  return `#${hex.toUpperCase()}`
}
