/** Canvases that draw nothing, for tests of what is computed before it is drawn. */
export function withCanvases() {
  const nothing = () => undefined
  const context = {
    putImageData: nothing,
    drawImage: nothing,
    clearRect: nothing,
  }
  Object.assign(globalThis, {
    document: {
      createElement: () => ({ width: 0, height: 0, getContext: () => context }),
    },
    window: { devicePixelRatio: 1 },
    ImageData: class {
      constructor(
        readonly data: Uint8ClampedArray,
        readonly width: number,
        readonly height: number,
      ) {}
    },
  })
}
