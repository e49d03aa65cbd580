<script setup lang="ts">
import type { Spec } from '../../api/types'
import { sizeKind, tidy } from '../../spec/spec'
import TickBox from '../../shell/TickBox.vue'

/** What designers and printers ask for beside the pictures: specs like any other, a tick away. */
const specs = defineModel<Spec[]>('specs', { required: true })
defineProps<{ batchId: number }>()

/** Where no spec is printed; else the line is on the sheet of the first that is. */
const SHEET: Partial<Spec> = { width: 100, height: 100, unit: 'mm', dpi: 300, bleedMm: 3 }
const ALSO: { label: string; spec: Spec }[] = [
  {
    label: 'Mattes in grey',
    spec: { name: 'Matte', size: 'original', format: 'MATTE' },
  },
  {
    label: 'Layers (.ora)',
    spec: { name: 'Layers', width: 2000, height: 2000, format: 'ORA' },
  },
  {
    label: 'Cut lines (SVG, mm)',
    spec: { name: 'Cut line', ...SHEET, format: 'CUT_LINE', offsetMm: 2, leastMm: 1 },
  },
]

const has = (format: string | undefined) => specs.value.some((spec) => spec.format === format)

function sheetFor(spec: Spec): Partial<Spec> {
  const print = specs.value.find((s) => sizeKind(s) === 'print')
  if (spec.format !== 'CUT_LINE' || !print) return {}
  const { width, height, unit, dpi, bleedMm, fit, sharePercent, marginPercent } = print
  return tidy({ width, height, unit, dpi, bleedMm, fit, sharePercent, marginPercent })
}

function toggle(spec: Spec) {
  specs.value = has(spec.format)
    ? specs.value.filter((s) => s.format !== spec.format)
    : [...specs.value, { ...spec, ...sheetFor(spec) }]
}
</script>

<template>
  <section>
    <h2>Also make</h2>
    <TickBox
      v-for="also in ALSO"
      :key="also.label"
      :on="has(also.spec.format)"
      :data-also="also.spec.format"
      @update:on="toggle(also.spec)"
    >
      {{ also.label }}
    </TickBox>
    <a :href="`/api/v1/batches/${batchId}/contact-sheet.pdf`" class="small" download>
      Contact sheet for approval (PDF)
    </a>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 4px;
}

a {
  color: var(--teal);
}
</style>
