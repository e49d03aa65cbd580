import type { Picture } from '../../api/types'

/**
 * The pictures in an order in which every next one differs most from those before: by the shape of
 * their frame and the colour on which their leftovers show, which lies across from their own.
 */
export function mostDiffering(pictures: Picture[], first: Picture | undefined): Picture[] {
  const MOST = 400
  const step = Math.max(1, Math.floor(pictures.length / MOST))
  const left = pictures.filter((p, i) => i % step === 0 && p.id !== first?.id)
  const chosen = first ? [first] : left.splice(0, 1)
  const distance = new Map(left.map((p) => [p.id, Infinity]))
  const order: Picture[] = []
  let last = chosen[0]
  while (left.length > 0 && last) {
    let best = 0
    left.forEach((p, i) => {
      const d = Math.min(distance.get(p.id) ?? Infinity, difference(p, last as Picture))
      distance.set(p.id, d)
      if (d > (distance.get(left[best]?.id ?? -1) ?? -1)) best = i
    })
    const [next] = left.splice(best, 1)
    if (!next) break
    order.push(next)
    last = next
  }
  return order
}

function difference(a: Picture, b: Picture): number {
  const [ca, cb] = [rgb(a.tellTale), rgb(b.tellTale)]
  const colour = Math.hypot(...ca.map((v, i) => v - (cb[i] ?? 0))) / 255
  const shape = Math.abs(Math.log(a.width / a.height) - Math.log(b.width / b.height))
  return colour + 1.5 * shape + (a.group === b.group ? 0 : 0.3)
}

function rgb(hex: string | null): number[] {
  const value = parseInt((hex ?? '#808080').slice(1), 16)
  return [value >> 16, (value >> 8) & 255, value & 255]
}
