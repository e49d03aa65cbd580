<script setup lang="ts">
import type { LookProblems } from '../../api/types'
import type { Fill } from '../../look/look'
import { FILLS } from '../../look/parts'
import ChoiceRow from './ChoiceRow.vue'
import ColourRow from './ColourRow.vue'
import PictureChoice from './PictureChoice.vue'
import SliderRow from './SliderRow.vue'

/** What fills the frame behind everything. */
defineProps<{ palette: string[]; advice: LookProblems['backdrops'] }>()
const fill = defineModel<Fill>({ required: true })

const KINDS = FILLS.map((f) => ({ value: f.kind, label: f.label }))
function choose(kind: Fill['kind']) {
  const fresh = FILLS.find((f) => f.kind === kind)
  if (fresh && fill.value.kind !== kind) fill.value = fresh.fresh()
}

function stop(index: number, colour: string) {
  if (fill.value.kind !== 'gradient') return
  const stops = fill.value.stops.map((s, i) => (i === index ? { ...s, colour } : s))
  fill.value = { ...fill.value, stops }
}
</script>

<template>
  <ChoiceRow
    :model-value="fill.kind"
    label="Kind of backdrop"
    :choices="KINDS"
    :columns="3"
    @update:model-value="choose"
  />
  <ColourRow
    v-if="fill.kind === 'colour'"
    :model-value="fill.colour"
    label="Colour"
    :palette="palette"
    @update:model-value="fill = { ...fill, colour: $event } as Fill"
  />
  <div v-if="fill.kind === 'colour' && advice.length" class="advice">
    <span class="quiet small">Suits the whole set</span>
    <button
      v-for="a in advice"
      :key="a.colour"
      :aria-label="`Backdrop ${a.colour}; every subject stands out by ${a.least.toFixed(0)} or more`"
      :title="`Every subject stands out by ${a.least.toFixed(0)} or more; 6 can just be told apart`"
      @click="fill = { ...fill, colour: a.colour } as Fill"
    >
      <i :style="{ background: a.colour }" /><span class="num">{{ a.least.toFixed(0) }}</span>
    </button>
  </div>
  <template v-else-if="fill.kind === 'sweep'">
    <ColourRow
      :model-value="fill.wall"
      label="Wall"
      :palette="palette"
      @update:model-value="fill = { ...fill, wall: $event } as Fill"
    />
    <ColourRow
      :model-value="fill.floor"
      label="Floor"
      @update:model-value="fill = { ...fill, floor: $event } as Fill"
    />
    <SliderRow
      :model-value="fill.behind"
      label="Behind it"
      :low="0"
      :high="60"
      :step="1"
      unit="%"
      @update:model-value="fill = { ...fill, behind: $event } as Fill"
    />
    <SliderRow
      :model-value="fill.softness"
      label="Softness"
      :low="0"
      :high="100"
      :step="1"
      unit="%"
      @update:model-value="fill = { ...fill, softness: $event } as Fill"
    />
  </template>
  <template v-else-if="fill.kind === 'gradient'">
    <ChoiceRow
      :model-value="fill.spread"
      label="How it spreads"
      :choices="[
        { value: 'linear', label: 'Straight' },
        { value: 'radial', label: 'From the middle' },
      ]"
      @update:model-value="fill = { ...fill, spread: $event } as Fill"
    />
    <ColourRow
      v-for="(s, i) in fill.stops"
      :key="i"
      :model-value="s.colour"
      :label="i === 0 ? 'From' : i === fill.stops.length - 1 ? 'To' : `At ${s.at} %`"
      @update:model-value="stop(i, $event)"
    />
    <SliderRow
      v-if="fill.spread === 'linear'"
      :model-value="fill.angle"
      label="Angle"
      :low="-180"
      :high="180"
      :step="1"
      unit="°"
      @update:model-value="fill = { ...fill, angle: $event } as Fill"
    />
  </template>
  <template v-else-if="fill.kind === 'picture'">
    <PictureChoice
      :model-value="fill.picture"
      @update:model-value="fill = { ...fill, picture: $event } as Fill"
    />
    <ChoiceRow
      :model-value="fill.fit"
      label="How it fills the frame"
      :choices="[
        { value: 'cover', label: 'Cover' },
        { value: 'contain', label: 'Whole' },
        { value: 'tile', label: 'Tiles' },
      ]"
      @update:model-value="fill = { ...fill, fit: $event } as Fill"
    />
    <template v-if="fill.fit === 'cover'">
      <SliderRow
        :model-value="fill.focusX"
        label="Across"
        :low="0"
        :high="100"
        :step="1"
        unit="%"
        @update:model-value="fill = { ...fill, focusX: $event } as Fill"
      />
      <SliderRow
        :model-value="fill.focusY"
        label="Down"
        :low="0"
        :high="100"
        :step="1"
        unit="%"
        @update:model-value="fill = { ...fill, focusY: $event } as Fill"
      />
    </template>
    <SliderRow
      v-if="fill.fit === 'tile'"
      :model-value="fill.size"
      label="Size"
      :low="2"
      :high="100"
      :step="1"
      unit="%"
      @update:model-value="fill = { ...fill, size: $event } as Fill"
    />
  </template>
  <template v-if="fill.kind === 'picture' || fill.kind === 'photograph'">
    <SliderRow
      :model-value="fill.blur"
      label="Blur"
      :low="0"
      :high="15"
      :step="0.5"
      unit="%"
      @update:model-value="fill = { ...fill, blur: $event } as Fill"
    />
    <SliderRow
      v-if="fill.kind === 'photograph'"
      :model-value="fill.colour"
      label="Colour"
      :low="0"
      :high="100"
      :step="1"
      unit="%"
      @update:model-value="fill = { ...fill, colour: $event } as Fill"
    />
    <SliderRow
      :model-value="fill.brightness"
      label="Brightness"
      :low="-100"
      :high="100"
      :step="1"
      unit=""
      @update:model-value="fill = { ...fill, brightness: $event } as Fill"
    />
  </template>
</template>

<style scoped>
.advice {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  margin: 4px 0;
}

.advice > span {
  width: 76px;
  line-height: 15px;
}

.advice button {
  display: flex;
  align-items: center;
  gap: 4px;
  border: 0;
  background: none;
  padding: 0;
  min-height: 24px;
  font-size: 12px;
  cursor: pointer;
}

.advice i {
  width: 18px;
  height: 18px;
  border-radius: 4px;
  border: 1px solid var(--line);
}
</style>
