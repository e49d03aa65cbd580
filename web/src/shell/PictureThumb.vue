<script setup lang="ts">
import { addressOf } from '../api/addresses'
import type { Picture } from '../api/types'
import { STATES } from '../theme/shapes'
import StateShape from '../theme/StateShape.vue'

/** A picture as a small tile; its state is a shape in the corner. */
defineProps<{
  picture: Picture
  cutout?: boolean
  /** Where all shown are in one state, the shape says nothing. */
  bare?: boolean
}>()
</script>

<template>
  <span class="thumb">
    <img
      :src="cutout ? addressOf.cutoutThumbnail(picture) : addressOf.thumbnail(picture)"
      :alt="picture.fileName"
      loading="lazy"
      decoding="async"
      draggable="false"
    />
    <span v-if="!bare" class="state" :class="picture.state">
      <StateShape :shape="STATES[picture.state].shape" :label="STATES[picture.state].words" />
    </span>
  </span>
</template>

<style scoped>
.thumb {
  position: relative;
  display: block;
  border-radius: 5px;
  overflow: hidden;
  background: #e4ded1;
}

img {
  width: 100%;
  height: 100%;
  object-fit: contain;
  display: block;
}

.state {
  position: absolute;
  right: 4px;
  bottom: 4px;
  background: var(--panel);
  border-radius: 4px;
  padding: 2px;
  color: var(--ink);
}

.state.failed {
  color: var(--brick);
}
</style>
