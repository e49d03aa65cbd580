<script setup lang="ts">
import { addressOf } from '../api/addresses'
import type { Picture } from '../api/types'

/** The place of a finding as it is, and as its mend would make it. */
defineProps<{ picture: Picture; index: number }>()
</script>

<template>
  <div class="looks">
    <figure v-for="mended in [false, true]" :key="String(mended)">
      <img :src="addressOf.mendLook(picture, index, mended)" alt="" loading="lazy" />
      <figcaption>{{ mended ? 'mended' : 'now' }}</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.looks {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin: 2px 0 6px;
}

figure {
  position: relative;
  margin: 0;
  height: 84px;
  border-radius: 4px;
  overflow: hidden;
  background: #8e8e8c;
}

img {
  width: 100%;
  height: 100%;
  object-fit: contain;
}

figcaption {
  position: absolute;
  left: 0;
  bottom: 0;
  padding: 0 6px;
  font-size: 11px;
  line-height: 16px;
  color: #fff;
  background: #1b2333d9;
  border-radius: 0 4px 0 0;
}
</style>
