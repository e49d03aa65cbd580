<script setup lang="ts">
import { ref, watch } from 'vue'
import { useDropper } from './useDropper'

/** A colour as a row: by the eye, by its number, or one of those at hand. */
const props = defineProps<{ label: string; palette?: string[] }>()
const colour = defineModel<string>({ required: true })
const typed = ref('')
const dropper = useDropper()
const picks = ref(false)

async function pick() {
  if (picks.value) return dropper.stop()
  picks.value = true
  const found = await dropper.pick()
  picks.value = false
  if (found) colour.value = found
}
watch(colour, (now) => (typed.value = now), { immediate: true })

function take() {
  const hex = typed.value.trim().replace(/^#?/, '#').toUpperCase()
  if (/^#[0-9A-F]{6}$/.test(hex)) colour.value = hex
  typed.value = colour.value
}
</script>

<template>
  <div class="row">
    <span>{{ label }}</span>
    <div class="one">
      <label class="well" :style="{ background: colour }">
        <input
          type="color"
          :value="colour.toLowerCase()"
          :aria-label="label"
          @input="colour = ($event.target as HTMLInputElement).value.toUpperCase()"
        />
      </label>
      <input
        v-model="typed"
        class="hex num"
        :aria-label="`${label}, as a number`"
        @change="take"
        @keydown.enter="take"
      />
      <button
        class="drop"
        :aria-pressed="picks"
        :aria-label="`${label} from the picture`"
        title="Take the colour from the picture"
        @click="pick"
      >
        <svg viewBox="0 0 16 16" width="14" height="14" aria-hidden="true">
          <path
            d="M8 1.5 12 7a5 5 0 1 1-8 0Z"
            fill="none"
            stroke="currentColor"
            stroke-width="1.5"
          />
        </svg>
      </button>
    </div>
    <div v-if="palette?.length" class="palette" :aria-label="`${label}: colours of this picture`">
      <button
        v-for="c in props.palette"
        :key="c"
        :style="{ background: c }"
        :title="c"
        :aria-label="`${label} ${c}`"
        :aria-pressed="c === colour"
        @click="colour = c"
      />
    </div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 4px 8px;
  align-items: center;
  font-size: 13px;
  min-height: 28px;
}

.one {
  display: flex;
  align-items: center;
  gap: 6px;
}

.well {
  width: 24px;
  height: 24px;
  border-radius: 5px;
  border: 1px solid var(--line);
  position: relative;
}

.well input {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  opacity: 0;
  cursor: pointer;
}

.well:focus-within {
  outline: 2px solid var(--teal);
  outline-offset: 1px;
}

.hex {
  width: 78px;
  border: 1px solid transparent;
  border-radius: 4px;
  background: none;
  padding: 1px 3px;
}

.hex:hover,
.hex:focus {
  border-color: var(--line);
}

.drop {
  display: grid;
  place-items: center;
  width: 24px;
  height: 24px;
  border: 1px solid transparent;
  border-radius: 5px;
  background: none;
  color: var(--quiet);
  cursor: pointer;
}

.drop[aria-pressed='true'] {
  border-color: var(--teal);
  background: var(--teal-wash);
  color: var(--teal);
}

.palette {
  grid-column: 2;
  display: flex;
  gap: 4px;
}

.palette button {
  width: 24px;
  height: 24px;
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: 0;
  cursor: pointer;
}
</style>
