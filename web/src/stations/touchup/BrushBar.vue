<script setup lang="ts">
import { Slider } from 'ant-design-vue'
import type { BrushSettings } from './useBrush'

/** The brush's few settings, in one row. */
const brush = defineModel<BrushSettings>('brush', { required: true })
defineProps<{ tool: string }>()
const pixels = () => `${brush.value.sizePx} px`
const words = (v?: number) => `${v ?? 0}`
</script>

<template>
  <span class="row">
    <b>{{ tool === 'erase' ? 'Erase' : 'Restore' }}</b>
    <label>
      Size
      <Slider
        v-model:value="brush.sizeStep"
        :min="0"
        :max="100"
        :tip-formatter="pixels"
        class="slider"
      />
      <span class="num">{{ brush.sizePx }} px</span>
    </label>
    <label>
      Softness
      <Slider
        v-model:value="brush.softness"
        :min="0"
        :max="100"
        :tip-formatter="words"
        class="slider"
      />
      <span class="num">{{ brush.softness }}</span>
    </label>
    <label>
      Strength
      <Slider
        v-model:value="brush.strength"
        :min="1"
        :max="100"
        :tip-formatter="words"
        class="slider"
      />
      <span class="num">{{ brush.strength }}</span>
    </label>
  </span>
</template>

<style scoped>
.row {
  display: flex;
  align-items: center;
  gap: 14px;
}

label {
  display: flex;
  align-items: center;
  gap: 6px;
}

.slider {
  width: 72px;
  margin: 6px 2px;
}

.num {
  min-width: 26px;
}
</style>
