<script setup lang="ts">
import { Slider } from 'ant-design-vue'
import { ref, watch } from 'vue'

/** A number as a row: its name, a slider, and the value, which can be typed. */
const props = defineProps<{
  label: string
  low: number
  high: number
  step: number
  unit: string
}>()
const value = defineModel<number>({ required: true })
const typed = ref('')
watch(value, (now) => (typed.value = words(now)), { immediate: true })

function words(of: number): string {
  return String(Math.round(of * 100) / 100)
}

function take() {
  const asked = Number(typed.value.replace(',', '.').replace(/[^\d.-]/g, ''))
  if (typed.value.trim() !== '' && Number.isFinite(asked)) {
    value.value = Math.max(props.low, Math.min(props.high, asked))
  }
  typed.value = words(value.value)
}
</script>

<template>
  <div class="row">
    <span>{{ label }}</span>
    <Slider
      :value="value"
      :min="low"
      :max="high"
      :step="step"
      :tooltip-open="false"
      :aria-label-for-handle="label"
      class="slider"
      @update:value="value = $event as number"
    />
    <label class="value num">
      <input
        v-model="typed"
        inputmode="decimal"
        :aria-label="`${label}, value`"
        @change="take"
        @keydown.enter="take"
      />{{ unit }}
    </label>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr) 56px;
  gap: 8px;
  align-items: center;
  font-size: 13px;
  line-height: 17px;
  min-height: 28px;
}

.slider {
  margin: 0 5px;
}

.value {
  display: flex;
  align-items: baseline;
  gap: 3px;
  color: var(--quiet);
}

.value input {
  width: 38px;
  border: 1px solid transparent;
  border-radius: 4px;
  background: none;
  font: inherit;
  color: var(--ink);
  text-align: right;
  padding: 1px 2px;
}

.value input:hover,
.value input:focus {
  border-color: var(--line);
  background: var(--panel);
}
</style>
