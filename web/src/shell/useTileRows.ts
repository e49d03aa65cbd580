import { useVirtualizer } from '@tanstack/vue-virtual'
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'

interface Tiles {
  /** How many there are. */
  count: () => number
  /** The least that one needs, and what stands between two. */
  tilePx: number
  gapPx: number
  /** Of a row with what stands below it. */
  rowPx: number
}

/** Tiles, in the element that the template names “scroller”, in as many columns as there is room for; only the rows in view are drawn. */
export function useTileRows({ count, tilePx, gapPx, rowPx }: Tiles) {
  const scroller = useTemplateRef<HTMLElement>('scroller')
  const { width } = useElementSize(scroller)
  const across = computed(() => Math.max(1, Math.floor((width.value + gapPx) / (tilePx + gapPx))))
  const virtual = useVirtualizer(
    computed(() => ({
      count: Math.ceil(count() / across.value),
      estimateSize: () => rowPx,
      getScrollElement: () => scroller.value,
      overscan: 3,
    })),
  )
  const rows = computed(() =>
    virtual.value.getVirtualItems().map(({ index, start }) => {
      const first = index * across.value
      return { index, start, first, end: Math.min(count(), first + across.value) }
    }),
  )
  return {
    scroller,
    across,
    rows,
    height: computed(() => virtual.value.getTotalSize()),
    /** Brings a tile into view. */
    reveal: (place: number) =>
      virtual.value.scrollToIndex(Math.floor(place / across.value), { align: 'auto' }),
  }
}
