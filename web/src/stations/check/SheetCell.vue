<script setup lang="ts">
import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'
import { backdropOf } from '../../stage/backdrops'
import { headline } from './findings'

/** One cutout on a contact sheet. */
defineProps<{
  picture: Picture
  backdrop: string
  leftOut: boolean
  /** The sieve's confidence, where this one is below it. */
  below: number | null
}>()
</script>

<template>
  <button
    class="cell"
    :class="{ 'left-out': leftOut }"
    :aria-pressed="!leftOut"
    :data-picture="picture.id"
    :title="`${picture.fileName}: ${headline(picture)}`"
  >
    <span
      class="ground"
      :class="{ checker: backdrop === 'checker' }"
      :style="backdrop === 'checker' ? {} : { background: backdropOf(backdrop, picture.tellTale) }"
    >
      <img :src="addressOf.cutoutThumbnail(picture)" alt="" loading="lazy" />
    </span>
    <span class="words small">
      <span class="num">{{ picture.confidence }}</span>
      <span class="cut quiet">{{
        !leftOut ? headline(picture) : below === null ? 'stays here' : `below ${below}`
      }}</span>
    </span>
  </button>
</template>

<style scoped>
.cell {
  height: 144px;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--panel);
  overflow: hidden;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  display: grid;
  grid-template-rows: minmax(0, 1fr) 24px;
}

.ground {
  display: grid;
  place-items: center;
  min-height: 0;
  background-size: 12px 12px;
}

.ground img {
  max-width: 100%;
  max-height: 118px;
}

.words {
  display: flex;
  gap: 7px;
  padding: 0 8px;
  align-items: center;
  min-width: 0;
}

.left-out {
  border-style: dashed;
}

.left-out .ground {
  opacity: 0.35;
}
</style>
