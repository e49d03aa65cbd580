<script setup lang="ts">
import { computed } from 'vue'
import { BACKDROPS, TELL_TALE } from './backdrops'

/** Chooses what a cutout is looked at on; one swatch is any colour. */
const backdrop = defineModel<string>('backdrop', { required: true })
/** Neither in paper nor in plants: leftovers of both show on it. */
const FIRST_OWN = '#3a6fb0'
const props = defineProps<{
  /** The colour on which this picture's leftovers show most; left out where there is none. */
  tellTale?: string | null
  /** The backdrop of the batch's look; left out where it does not matter. */
  look?: string | null
}>()
const isOwn = computed(
  () =>
    backdrop.value !== TELL_TALE &&
    backdrop.value !== props.look &&
    !BACKDROPS.some((b) => b.css === backdrop.value),
)
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
    <button
      v-if="look && !BACKDROPS.some((b) => b.css === look)"
      role="radio"
      class="swatch"
      :class="{ on: backdrop === look }"
      :style="{ background: look }"
      :aria-checked="backdrop === look"
      aria-label="the batch’s look"
      title="the batch’s look"
      @click="backdrop = look"
    />
    <button
      v-if="tellTale"
      role="radio"
      class="swatch telling"
      :class="{ on: backdrop === TELL_TALE }"
      :style="{ background: tellTale }"
      :aria-checked="backdrop === TELL_TALE"
      aria-label="tell-tale"
      title="tell-tale: leftovers show most on it (Shift B)"
      @click="backdrop = TELL_TALE"
    />
    <span v-if="tellTale && backdrop === TELL_TALE" class="small">tell-tale</span>
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

/* A notch tells it from a colour that somebody chose. */
.telling {
  clip-path: polygon(0 0, 62% 0, 100% 38%, 100% 100%, 0 100%);
}

.telling.on {
  clip-path: none;
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
