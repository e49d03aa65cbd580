<script setup lang="ts">
import { computed } from 'vue'
import { BACKDROPS } from './backdrops'

/** Chooses what a cutout is looked at on; one swatch is any colour. */
const backdrop = defineModel<string>('backdrop', { required: true })
/** Neither in paper nor in plants: leftovers of both show on it. */
const FIRST_OWN = '#3a6fb0'
const isOwn = computed(() => !BACKDROPS.some((b) => b.css === backdrop.value))
const own = computed({
  get: () => (isOwn.value ? backdrop.value : FIRST_OWN),
  set: (colour: string) => (backdrop.value = colour),
})
</script>

<template>
  <span class="swatches" role="radiogroup" aria-label="Backdrop">
    <span class="quiet">On</span>
    <button
      v-for="b in BACKDROPS"
      :key="b.name"
      role="radio"
      class="swatch"
      :class="{ on: backdrop === b.css, checker: b.css === 'checker' }"
      :style="b.css === 'checker' ? {} : { background: b.css }"
      :aria-checked="backdrop === b.css"
      :aria-label="b.name"
      :title="b.name"
      @click="backdrop = b.css"
    />
    <label
      class="swatch own"
      :class="{ on: isOwn }"
      :style="{ background: own }"
      title="Any colour"
    >
      <input v-model="own" type="color" aria-label="Any colour" />
    </label>
    <kbd>B</kbd>
  </span>
</template>

<style scoped>
.swatches {
  display: inline-flex;
  align-items: center;
  gap: 8px;
}

.swatch {
  width: 22px;
  height: 22px;
  border-radius: 4px;
  border: 1px solid var(--line);
  padding: 0;
  cursor: pointer;
  background-size: 10px 10px;
}

.swatch.on {
  outline: 2px solid var(--teal);
  outline-offset: 1px;
}

.own {
  position: relative;
  overflow: hidden;
}

.own input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
</style>
