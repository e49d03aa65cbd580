/** Plain backdrops to look at a cutout on; each shows other leftovers. */
export const BACKDROPS = [
  { name: 'white', css: '#ffffff' },
  { name: 'black', css: '#111111' },
  { name: 'grey', css: '#8e8e8c' },
  { name: 'checker', css: 'checker' },
] as const

/** Stands for each picture's own tell-tale colour. */
export const TELL_TALE = 'tell-tale'

/** The colour, or checker, that a chosen backdrop means for a picture. */
export function backdropOf(chosen: string, tellTale: string | null): string {
  return chosen === TELL_TALE ? (tellTale ?? '#8e8e8c') : chosen
}

const CHECK_PX = 8
let checker: HTMLCanvasElement | undefined

/** What to fill a canvas with: a colour, or a checker that stands still while the picture moves. */
export function fillFor(context: CanvasRenderingContext2D, css: string): string | CanvasPattern {
  if (css !== 'checker') return css
  if (!checker) {
    checker = document.createElement('canvas')
    checker.width = checker.height = CHECK_PX * 2
    const c = checker.getContext('2d')
    if (c) {
      c.fillStyle = '#ffffff'
      c.fillRect(0, 0, CHECK_PX * 2, CHECK_PX * 2)
      c.fillStyle = '#ddd8cd'
      c.fillRect(0, 0, CHECK_PX, CHECK_PX)
      c.fillRect(CHECK_PX, CHECK_PX, CHECK_PX, CHECK_PX)
    }
  }
  return context.createPattern(checker, 'repeat') ?? '#ffffff'
}
