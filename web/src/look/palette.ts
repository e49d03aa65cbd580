type Lab = [number, number, number]

const COLOURS = 5
const ROUNDS = 12
const OPAQUE = 200

/**
 * The main colours of a picture: k-means in OKLab (Ottosson 2020), begun far apart, so that a small
 * bright thing has its place beside a large dull one.
 *
 * @param rgba pixels; what is see-through does not count
 * @returns up to five as #RRGGBB, the largest share first
 */
export function paletteOf(rgba: Uint8ClampedArray): string[] {
  const all: Lab[] = []
  for (let i = 0; i < rgba.length; i += 4) {
    if ((rgba[i + 3] ?? 0) >= OPAQUE)
      all.push(toLab(rgba[i] ?? 0, rgba[i + 1] ?? 0, rgba[i + 2] ?? 0))
  }
  if (all.length === 0) return []
  let means = farApart(all)
  let counts: number[] = []
  for (let round = 0; round < ROUNDS; round++) {
    const sums = means.map((): Lab => [0, 0, 0])
    counts = means.map(() => 0)
    for (const lab of all) {
      const k = nearest(lab, means)
      const sum = sums[k]
      if (!sum) continue
      for (let c = 0; c < 3; c++) sum[c] = (sum[c] ?? 0) + (lab[c] ?? 0)
      counts[k] = (counts[k] ?? 0) + 1
    }
    means = means.map((mean, k) => {
      const n = counts[k] ?? 0
      const sum = sums[k]
      return n > 0 && sum ? [sum[0] / n, sum[1] / n, sum[2] / n] : mean
    })
  }
  const order = means.map((_, k) => k).filter((k) => (counts[k] ?? 0) > all.length / 200)
  order.sort((a, b) => (counts[b] ?? 0) - (counts[a] ?? 0))
  return [...new Set(order.map((k) => toHex(means[k] as Lab)))]
}

function farApart(all: Lab[]): Lab[] {
  const chosen: Lab[] = [all[Math.floor(all.length / 2)] as Lab]
  while (chosen.length < COLOURS) {
    let best = all[0] as Lab
    let most = -1
    for (const lab of all) {
      const d = Math.min(...chosen.map((c) => distance(c, lab)))
      if (d > most) {
        most = d
        best = lab
      }
    }
    if (most <= 1e-4) break
    chosen.push(best)
  }
  return chosen
}

function nearest(lab: Lab, means: Lab[]): number {
  let best = 0
  means.forEach((mean, k) => {
    if (distance(mean, lab) < distance(means[best] as Lab, lab)) best = k
  })
  return best
}

function distance(a: Lab, b: Lab): number {
  return (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2 + (a[2] - b[2]) ** 2
}

function toLab(r8: number, g8: number, b8: number): Lab {
  const [r, g, b] = [r8, g8, b8].map((v) => {
    const c = v / 255
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
  }) as Lab
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b)
  const m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b)
  const s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b)
  return [
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s,
  ]
}

function toHex([light, a, b]: Lab): string {
  const l = (light + 0.3963377774 * a + 0.2158037573 * b) ** 3
  const m = (light - 0.1055613458 * a - 0.0638541728 * b) ** 3
  const s = (light - 0.0894841775 * a - 1.291485548 * b) ** 3
  const rgb = [
    4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
    -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
    -0.0041960863 * l - 0.7034186147 * m + 1.707614701 * s,
  ].map((v) => {
    const c = Math.max(0, Math.min(1, v))
    return Math.round(255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055))
  })
  return `#${rgb
    .map((v) => v.toString(16).padStart(2, '0'))
    .join('')
    .toUpperCase()}`
}
