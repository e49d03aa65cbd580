<script setup lang="ts">
import { RadioButton, RadioGroup } from 'ant-design-vue'
import { computed } from 'vue'
import type { Spec } from '../../api/types'
import PickOne from '../../shell/PickOne.vue'
import { pixelsOf, sizeKind, tidy, type SizeKind } from '../../spec/spec'
import NumberBox from './NumberBox.vue'
import TickBox from '../../shell/TickBox.vue'

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

const NO_SIZE: Partial<Spec> = {
  width: undefined,
  height: undefined,
  unit: undefined,
  bleedMm: undefined,
  marginPx: undefined,
  longestPx: undefined,
  maySmaller: undefined,
}

const kind = computed(() => sizeKind(spec.value))
const framed = computed(() => kind.value === 'exact' || kind.value === 'print')
const pixels = computed(() => (kind.value === 'print' ? pixelsOf(spec.value) : null))

function set(more: Partial<Spec>) {
  spec.value = { ...spec.value, ...more }
}

/** What another kind of size does not have is taken out. */
function change(to: SizeKind) {
  spec.value = tidy({ ...spec.value, ...NO_SIZE, ...FRESH[to], size: to })
}
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
      <NumberBox
        :value="spec.width"
        label="Width"
        :whole="kind === 'exact'"
        @update:value="set({ width: $event })"
      />
      ×
      <NumberBox
        :value="spec.height"
        label="Height"
        :whole="kind === 'exact'"
        @update:value="set({ height: $event })"
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
      <NumberBox
        :value="spec.marginPx"
        label="Margin around the subject"
        :min="0"
        @update:value="set({ marginPx: $event })"
      />
      px
    </span>
  </template>
  <template v-if="!framed">
    <span class="label">At most</span>
    <span class="pair">
      <NumberBox
        :value="spec.longestPx"
        label="Longest side"
        empty="any"
        @update:value="set({ longestPx: $event })"
      />
      px on its longest side
    </span>
  </template>
  <span class="label">Resolution</span>
  <span class="pair">
    <NumberBox
      :value="spec.dpi"
      label="Dots an inch"
      empty="none"
      @update:value="set({ dpi: $event })"
    />
    dpi
    <template v-if="kind === 'print'">
      <span class="gap">bleed</span>
      <NumberBox
        :value="spec.bleedMm"
        label="Bleed in millimetres"
        :min="0"
        few
        @update:value="set({ bleedMm: $event })"
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
        <NumberBox
          :value="spec.sharePercent"
          label="Share of the frame"
          :min="1"
          :max="100"
          few
          @update:value="set({ sharePercent: $event })"
        />
        %
      </template>
      <TickBox
        :on="spec.enlarge !== false"
        @update:on="set({ enlarge: spec.enlarge === false ? undefined : false })"
        >may enlarge</TickBox
      >
    </span>
  </template>
</template>

<style scoped>
.gap {
  margin-left: 10px;
}
</style>
