<script setup lang="ts">
import { Button, Switch } from 'ant-design-vue'
import { computed, watch } from 'vue'
import type { EdgeSettings, EditData } from '../../api/types'
import BarSlider from './BarSlider.vue'
import { edgeWords } from './editWords'
import { isNoEdge, NO_EDGE } from './tools/settings'

/** The outline's settings: seen while they are moved, kept when they are right. */
const edge = defineModel<EdgeSettings>('edge', { required: true })
const props = defineProps<{
  inside: boolean
  others: number
  group: string | null
  longSide: number
  before: EditData | null
}>()
const emit = defineEmits<{ look: []; keep: []; spread: []; asBefore: [] }>()

/** As far as hair stands off, a few hundredths of the picture's side. */
const mostFit = computed(() => Math.max(30, Math.min(250, Math.round(0.035 * props.longSide))))
const isNothing = computed(() => isNoEdge(edge.value))
watch(edge, () => emit('look'), { deep: true })
const px = (v: number) => `${v} px`
</script>

<template>
  <section class="edge-settings">
    <h2>Edge, {{ inside ? 'only inside the shape' : 'the whole outline' }}</h2>
    <BarSlider
      v-model="edge.fitPx"
      label="Fit to picture"
      :max="mostFit"
      :words="edge.fitPx ? `${edge.fitPx} px` : 'off'"
    />
    <BarSlider
      v-model="edge.growPx"
      label="Shrink, grow"
      :min="-20"
      :max="20"
      :step="0.5"
      :words="px(edge.growPx)"
    />
    <BarSlider
      v-model="edge.firmness"
      label="Firmness"
      :max="1"
      :step="0.05"
      :words="`${Math.round(edge.firmness * 100)}`"
    />
    <BarSlider
      v-model="edge.featherPx"
      label="Feather"
      :max="20"
      :step="0.5"
      :words="px(edge.featherPx)"
    />
    <BarSlider
      v-model="edge.smoothPx"
      label="Smooth"
      :max="20"
      :step="0.5"
      :words="px(edge.smoothPx)"
    />
    <BarSlider
      v-model="edge.clean"
      label="Colour clean-up"
      :max="1"
      :step="0.05"
      :words="`${Math.round(edge.clean * 100)}`"
    />
    <BarSlider
      v-model="edge.hazeBelow"
      label="Remove haze"
      :max="0.9"
      :step="0.05"
      :words="`${Math.round(edge.hazeBelow * 100)}`"
    />
    <BarSlider v-model="edge.closePx" label="Close pinholes" :max="20" :words="px(edge.closePx)" />
    <BarSlider v-model="edge.openPx" label="Open small gaps" :max="20" :words="px(edge.openPx)" />
    <label class="hard"
      >Hard edge, for print <Switch v-model:checked="edge.hard" size="small"
    /></label>
    <div class="acts">
      <Button type="primary" size="small" :disabled="isNothing" @click="emit('keep')">
        Keep <kbd>Enter</kbd>
      </Button>
      <Button size="small" :disabled="isNothing" @click="edge = { ...NO_EDGE }">None of it</Button>
    </div>
    <Button v-if="isNothing && before" size="small" @click="emit('asBefore')">
      As before: {{ edgeWords(before) }} <kbd>Shift D</kbd>
    </Button>
    <Button v-if="others > 0" size="small" :disabled="isNothing" @click="emit('spread')">
      Keep here and for the other {{ others }}
      {{ group ? `of “${group}”` : 'on the bench and in Check' }}
    </Button>
  </section>
</template>

<style scoped>
.edge-settings {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 1px;
  padding-bottom: 8px;
  font-size: 13px;
}

.edge-settings :deep(.setting) {
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr) 50px;
  min-height: 25px;
}

.edge-settings :deep(.slider) {
  width: auto;
  margin: 5px 2px;
}

.edge-settings > :deep(.ant-btn) {
  white-space: normal;
  height: auto;
  text-align: left;
}

.hard {
  display: flex;
  justify-content: space-between;
  padding: 3px 0;
}

.acts {
  display: flex;
  gap: 8px;
  padding: 4px 0;
}
</style>
