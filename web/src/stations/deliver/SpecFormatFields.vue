<script setup lang="ts">
import { computed } from 'vue'
import type { Spec } from '../../api/types'
import PickOne from '../../shell/PickOne.vue'
import { FORMATS, hasQuality, sizeKind } from '../../spec/spec'
import NumberBox from './NumberBox.vue'
import TickBox from '../../shell/TickBox.vue'

/** The file's format with what belongs to it, and the most that it may weigh. */
const spec = defineModel<Spec>('spec', { required: true })

const PALETTES = [
  { value: 'exact', label: 'palette where nothing is lost' },
  { value: 'always', label: 'always a palette' },
  { value: 'never', label: 'no palette' },
]
const BITS = [
  { value: 8, label: '8 bit' },
  { value: 16, label: '16 bit' },
]
const SMALL = [
  { value: 'join', label: 'join' },
  { value: 'drop', label: 'drop' },
  { value: 'keep', label: 'keep' },
]
const KB = 1000
const PER_CENT = 100
const LEAST_LIKENESS = 0.9

function set(more: Partial<Spec>) {
  spec.value = { ...spec.value, ...more }
}
const mayBeLossless = computed(() => ['WEBP', 'PDF'].includes(spec.value.format ?? ''))
/** What is printed keeps its size, whatever it weighs. */
const isPrinted = computed(() => sizeKind(spec.value) === 'print' || spec.value.format === 'PDF')
const mostKb = computed(() => (spec.value.mostBytes ? spec.value.mostBytes / KB : undefined))
const likeness = computed(() => Math.round((spec.value.leastLikeness ?? LEAST_LIKENESS) * PER_CENT))
</script>

<template>
  <span class="label" aria-hidden="true">Format</span>
  <span class="pair">
    <PickOne
      label="Format"
      class="format"
      :value="spec.format"
      :options="FORMATS"
      @change="set({ format: String($event) })"
    />
    <template v-if="hasQuality(spec)">
      quality
      <NumberBox
        :value="spec.quality ?? 90"
        label="Quality"
        :min="1"
        :max="100"
        few
        @update:value="set({ quality: $event })"
      />
    </template>
    <TickBox
      v-if="mayBeLossless"
      :on="spec.lossless === true"
      @update:on="set({ lossless: spec.lossless ? undefined : true })"
      >lossless</TickBox
    >
    <PickOne
      v-if="spec.format === 'PNG'"
      label="Palette"
      class="palette"
      :value="spec.palette ?? 'exact'"
      :options="PALETTES"
      @change="set({ palette: String($event) })"
    />
    <PickOne
      v-if="spec.format === 'TIFF'"
      label="Bits of a channel"
      class="unit"
      :value="spec.bits ?? 8"
      :options="BITS"
      @change="set({ bits: Number($event) })"
    />
    <template v-if="spec.format === 'GIF'">
      edge on
      <input
        type="color"
        aria-label="Colour under the edge"
        :value="spec.edge ?? '#FFFFFF'"
        @change="set({ edge: ($event.target as HTMLInputElement).value.toUpperCase() })"
      />
    </template>
  </span>
  <template v-if="spec.format === 'CUT_LINE'">
    <span />
    <span class="pair">
      <NumberBox
        :value="spec.offsetMm ?? 2"
        label="Millimetres around the subject"
        few
        @update:value="set({ offsetMm: $event })"
      />
      mm around it, least
      <NumberBox
        :value="spec.leastMm ?? 1"
        label="Least that the blade cuts"
        :min="0"
        few
        @update:value="set({ leastMm: $event })"
      />
      mm; smaller parts
      <PickOne
        label="Small parts"
        class="unit"
        :value="spec.smallParts ?? 'join'"
        :options="SMALL"
        @change="set({ smallParts: String($event) })"
      />
      <TickBox :on="spec.holes === true" @update:on="set({ holes: spec.holes ? undefined : true })"
        >cut holes</TickBox
      >
    </span>
  </template>
  <template v-if="spec.format === 'JPEG' || spec.format === 'PDF'">
    <span />
    <span class="pair">
      <template v-if="spec.format === 'JPEG'">
        <TickBox
          :on="spec.chroma === 'full'"
          @update:on="set({ chroma: spec.chroma === 'full' ? undefined : 'full' })"
          >colour of every pixel (4:4:4)</TickBox
        >
        <TickBox
          :on="spec.progressive === true"
          @update:on="set({ progressive: spec.progressive ? undefined : true })"
          >progressive</TickBox
        >
      </template>
      <TickBox
        v-else
        :on="spec.cropMarks === true"
        @update:on="set({ cropMarks: spec.cropMarks ? undefined : true })"
        >crop marks</TickBox
      >
    </span>
  </template>
  <span class="label">Weight</span>
  <span class="pair">
    at most
    <NumberBox
      :value="mostKb"
      label="Most kilobytes"
      empty="any"
      @update:value="set({ mostBytes: $event && $event * KB })"
    />
    KB
  </span>
  <template v-if="spec.mostBytes">
    <span />
    <span class="pair">
      never less alike than
      <NumberBox
        :value="likeness"
        label="Least likeness"
        :min="0"
        :max="99"
        few
        @update:value="set({ leastLikeness: $event === undefined ? undefined : $event / PER_CENT })"
      />
      %
      <TickBox
        v-if="!isPrinted"
        :on="spec.maySmaller === true"
        @update:on="set({ maySmaller: spec.maySmaller ? undefined : true })"
        >may become smaller</TickBox
      >
    </span>
  </template>
</template>
