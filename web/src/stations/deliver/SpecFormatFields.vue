<script setup lang="ts">
import { InputNumber } from 'ant-design-vue'
import { computed } from 'vue'
import type { Spec } from '../../api/types'
import PickOne from '../../shell/PickOne.vue'
import { FORMATS, hasQuality } from '../../spec/spec'

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
const number = (value: unknown) => (value === null || value === '' ? undefined : Number(value))
const mayBeLossless = computed(() => ['WEBP', 'PDF'].includes(spec.value.format ?? ''))
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
      <InputNumber
        :value="spec.quality ?? 90"
        :min="1"
        :max="100"
        aria-label="Quality"
        class="few"
        @update:value="set({ quality: number($event) })"
      />
    </template>
    <label v-if="mayBeLossless" class="tick">
      <input
        type="checkbox"
        :checked="spec.lossless === true"
        @change="set({ lossless: spec.lossless ? undefined : true })"
      />
      lossless
    </label>
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
      <InputNumber
        :value="spec.offsetMm ?? 2"
        aria-label="Millimetres around the subject"
        class="few"
        @update:value="set({ offsetMm: number($event) })"
      />
      mm around it, least
      <InputNumber
        :value="spec.leastMm ?? 1"
        :min="0"
        aria-label="Least that the blade cuts"
        class="few"
        @update:value="set({ leastMm: number($event) })"
      />
      mm; smaller parts
      <PickOne
        label="Small parts"
        class="unit"
        :value="spec.smallParts ?? 'join'"
        :options="SMALL"
        @change="set({ smallParts: String($event) })"
      />
      <label class="tick">
        <input
          type="checkbox"
          :checked="spec.holes === true"
          @change="set({ holes: spec.holes ? undefined : true })"
        />
        cut holes
      </label>
    </span>
  </template>
  <template v-if="spec.format === 'JPEG' || spec.format === 'PDF'">
    <span />
    <span class="pair">
      <template v-if="spec.format === 'JPEG'">
        <label class="tick">
          <input
            type="checkbox"
            :checked="spec.chroma === 'full'"
            @change="set({ chroma: spec.chroma === 'full' ? undefined : 'full' })"
          />
          colour of every pixel (4:4:4)
        </label>
        <label class="tick">
          <input
            type="checkbox"
            :checked="spec.progressive === true"
            @change="set({ progressive: spec.progressive ? undefined : true })"
          />
          progressive
        </label>
      </template>
      <label v-else class="tick">
        <input
          type="checkbox"
          :checked="spec.cropMarks === true"
          @change="set({ cropMarks: spec.cropMarks ? undefined : true })"
        />
        crop marks
      </label>
    </span>
  </template>
  <span class="label">Weight</span>
  <span class="pair">
    at most
    <InputNumber
      :value="mostKb"
      placeholder="any"
      aria-label="Most kilobytes"
      @update:value="set({ mostBytes: $event === null ? undefined : Number($event) * KB })"
    />
    KB
  </span>
  <template v-if="spec.mostBytes">
    <span />
    <span class="pair">
      never less alike than
      <InputNumber
        :value="likeness"
        :min="0"
        :max="99"
        aria-label="Least likeness"
        class="few"
        @update:value="set({ leastLikeness: Number($event) / PER_CENT })"
      />
      %
      <label class="tick">
        <input
          type="checkbox"
          :checked="spec.maySmaller === true"
          @change="set({ maySmaller: spec.maySmaller ? undefined : true })"
        />
        may become smaller
      </label>
    </span>
  </template>
</template>
