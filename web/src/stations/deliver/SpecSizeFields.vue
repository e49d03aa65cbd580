<script setup lang="ts">
import { InputNumber, RadioButton, RadioGroup } from 'ant-design-vue'
import { computed } from 'vue'
import type { Spec } from '../../api/types'
import PickOne from '../../shell/PickOne.vue'
import { pixelsOf, sizeKind, type SizeKind } from '../../spec/spec'

/** How large the picture is and how it is put into its frame. */
const spec = defineModel<Spec>('spec', { required: true })

const KINDS: { value: SizeKind; label: string }[] = [
  { value: 'exact', label: 'Pixels' },
  { value: 'print', label: 'Print' },
  { value: 'original', label: 'Original' },
  { value: 'trimmed', label: 'Trimmed' },
]
const FITS = [
  { value: 'look', label: 'as the look says' },
  { value: 'share', label: 'subject fills a share' },
  { value: 'cover', label: 'photograph covers all' },
]
const UNITS = [
  { value: 'mm', label: 'mm' },
  { value: 'in', label: 'inch' },
]
const FRESH: Record<SizeKind, Partial<Spec>> = {
  exact: { width: 1200, height: 1200 },
  print: { width: 100, height: 150, unit: 'mm', dpi: 300, bleedMm: 3 },
  original: {},
  trimmed: { marginPx: 24 },
}

const kind = computed(() => sizeKind(spec.value))
const framed = computed(() => kind.value === 'exact' || kind.value === 'print')
const pixels = computed(() => (kind.value === 'print' ? pixelsOf(spec.value) : null))

function set(more: Partial<Spec>) {
  spec.value = { ...spec.value, ...more }
}

/** What another kind of size does not have is taken out. */
function change(to: SizeKind) {
  const { width, height, unit, bleedMm, marginPx, longestPx, ...rest } = spec.value
  void [width, height, unit, bleedMm, marginPx, longestPx]
  spec.value = { ...rest, ...FRESH[to], size: to }
}
const number = (value: unknown) => (value === null || value === '' ? undefined : Number(value))
</script>

<template>
  <span class="label" aria-hidden="true">Size</span>
  <RadioGroup
    size="small"
    aria-label="Kind of size"
    :value="kind"
    @change="change($event.target.value)"
  >
    <RadioButton v-for="k in KINDS" :key="k.value" :value="k.value">{{ k.label }}</RadioButton>
  </RadioGroup>
  <template v-if="framed">
    <span />
    <span class="pair">
      <InputNumber
        :value="spec.width"
        aria-label="Width"
        :precision="kind === 'exact' ? 0 : undefined"
        @update:value="set({ width: number($event) })"
      />
      ×
      <InputNumber
        :value="spec.height"
        aria-label="Height"
        :precision="kind === 'exact' ? 0 : undefined"
        @update:value="set({ height: number($event) })"
      />
      <PickOne
        v-if="kind === 'print'"
        label="Unit"
        class="unit"
        :value="spec.unit"
        :options="UNITS"
        @change="set({ unit: String($event) })"
      />
      <template v-else>px</template>
    </span>
  </template>
  <template v-if="kind === 'trimmed'">
    <span class="label">Around it</span>
    <span class="pair">
      <InputNumber
        :value="spec.marginPx"
        :min="0"
        aria-label="Margin around the subject"
        @update:value="set({ marginPx: number($event) })"
      />
      px
    </span>
  </template>
  <template v-if="!framed">
    <span class="label">At most</span>
    <span class="pair">
      <InputNumber
        :value="spec.longestPx"
        placeholder="any"
        aria-label="Longest side"
        @update:value="set({ longestPx: number($event) })"
      />
      px on its longest side
    </span>
  </template>
  <span class="label">Resolution</span>
  <span class="pair">
    <InputNumber
      :value="spec.dpi"
      placeholder="none"
      aria-label="Dots an inch"
      @update:value="set({ dpi: number($event) })"
    />
    dpi
    <template v-if="kind === 'print'">
      <span class="gap">bleed</span>
      <InputNumber
        :value="spec.bleedMm"
        :min="0"
        aria-label="Bleed in millimetres"
        class="few"
        @update:value="set({ bleedMm: number($event) })"
      />
      mm
    </template>
    <span v-if="pixels" class="num quiet small">{{ pixels.width }} × {{ pixels.height }} px</span>
  </span>
  <template v-if="framed">
    <span class="label">Fit</span>
    <span class="pair">
      <PickOne
        label="Fit"
        class="fit"
        :value="spec.fit ?? 'look'"
        :options="FITS"
        @change="set({ fit: String($event), sharePercent: $event === 'share' ? 85 : undefined })"
      />
      <template v-if="spec.fit === 'share'">
        <InputNumber
          :value="spec.sharePercent"
          :min="1"
          :max="100"
          aria-label="Share of the frame"
          class="few"
          @update:value="set({ sharePercent: number($event) })"
        />
        %
      </template>
      <label class="tick">
        <input
          type="checkbox"
          :checked="spec.enlarge !== false"
          @change="set({ enlarge: spec.enlarge === false ? undefined : false })"
        />
        may enlarge
      </label>
    </span>
  </template>
</template>

<style scoped>
.gap {
  margin-left: 10px;
}
</style>
