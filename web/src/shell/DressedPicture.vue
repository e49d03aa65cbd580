<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { addressOf } from '../api/addresses'
import type { BatchLook, Picture } from '../api/types'

/**
 * A picture under a look. Until the server has put it together, its cutout stands on the look's
 * backdrop, about where it will be.
 */
const props = defineProps<{
  picture: Picture
  look: BatchLook
  /** Instead of what the look says. */
  backdrop?: string | null
  marginPercent?: number | null
  /** Of the result, pixels. */
  width: number
  height: number
  alt: string
}>()

const address = computed(() =>
  addressOf.dressed(props.picture, props.look, props.width, props.height, {
    backdrop: props.backdrop,
    marginPercent: props.marginPercent,
  }),
)
const come = ref('')
watch(address, () => (come.value = ''))
const behind = computed(() => props.backdrop ?? props.look.backdrop)
const isClear = computed(() => behind.value === 'transparent')
const isColour = computed(() => behind.value.startsWith('#'))
const soon = computed(() =>
  props.picture.versionId === null || props.picture.state === 'left-whole'
    ? addressOf.preview(props.picture)
    : addressOf.cutoutThumbnail(props.picture),
)
</script>

<template>
  <span
    class="dressed"
    :class="{ checker: isClear }"
    :style="{
      aspectRatio: `${width} / ${height}`,
      background: isColour ? behind : undefined,
    }"
  >
    <img
      v-if="come !== address"
      class="soon"
      :src="soon"
      alt=""
      :style="{ padding: `${marginPercent ?? look.marginPercent ?? 8}%` }"
    />
    <img
      :src="address"
      :alt="alt"
      :class="{ waits: come !== address }"
      :data-dressed="come === address"
      @load="come = address"
    />
  </span>
</template>

<style scoped>
.dressed {
  position: relative;
  display: block;
  overflow: hidden;
  max-width: 100%;
  max-height: 100%;
}

img {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  object-fit: contain;
}

img.waits {
  opacity: 0;
}
</style>
