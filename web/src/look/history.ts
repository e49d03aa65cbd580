/** States that can be gone back and forth through without end. Quick changes of one thing are one step. */
export class History<T> {
  private past: T[] = []
  private future: T[] = []
  private lastKey = ''
  private lastAt = 0

  constructor(
    private present: T,
    private readonly together = 700,
  ) {}

  get now(): T {
    return this.present
  }

  get canUndo(): boolean {
    return this.past.length > 0
  }

  get canRedo(): boolean {
    return this.future.length > 0
  }

  /**
   * @param key what was changed; the same thing again within a moment goes on with the same step
   * @param at milliseconds
   */
  push(next: T, key: string, at: number): void {
    const goesOn = key !== '' && key === this.lastKey && at - this.lastAt < this.together
    if (!goesOn) this.past.push(this.present)
    this.lastKey = key
    this.lastAt = at
    this.present = next
    this.future = []
  }

  undo(): T {
    const before = this.past.pop()
    if (before !== undefined) {
      this.future.push(this.present)
      this.present = before
    }
    this.lastKey = ''
    return this.present
  }

  redo(): T {
    const after = this.future.pop()
    if (after !== undefined) {
      this.past.push(this.present)
      this.present = after
    }
    this.lastKey = ''
    return this.present
  }
}
