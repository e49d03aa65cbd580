<script setup lang="ts">
import { Slider } from 'ant-design-vue'

/** A setting in the tool's row: its name, a short slider, and its value in words. */
const value = defineModel<number>({ required: true })
const props = withDefaults(
  defineProps<{
    label: string
    min?: number
    max?: number
    step?: number
    words?: string
    narrow?: boolean
  }>(),
  { min: 0, max: 100, step: 1, words: undefined },
)
const shown = () => props.words ?? `${value.value}`
</script>

<template>
  <span class="setting">
    {{ label }}
    <Slider
      v-model:value="value"
      :min="min"
      :max="max"
      :step="step"
      :included="min >= 0"
      :tip-formatter="shown"
      :class="{ narrow }"
      class="slider"
      :aria-label-for-handle="label"
    />
    <span class="num">{{ shown() }}</span>
  </span>
</template>

<style scoped>
.setting {
  display: flex;
  align-items: center;
  gap: 5px;
  white-space: nowrap;
}

.slider {
  width: 60px;
  margin: 6px 2px;
}

.slider.narrow {
  width: 36px;
}

.num {
  margin-left: 4px;
  min-width: 22px;
  font-size: 12.5px;
}
</style>
