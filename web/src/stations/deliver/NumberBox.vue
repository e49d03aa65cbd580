<script setup lang="ts">
import { InputNumber } from 'ant-design-vue'

/** A number that may be left empty. */
withDefaults(
  defineProps<{
    label: string
    min?: number
    max?: number
    /** No fractions. */
    whole?: boolean
    /** Wide enough for three digits. */
    few?: boolean
    /** What stands there while it is empty. */
    empty?: string
  }>(),
  { min: undefined, max: undefined, empty: undefined },
)
const value = defineModel<number | undefined>('value')

function take(typed: unknown) {
  value.value = typed === null || typed === undefined || typed === '' ? undefined : Number(typed)
}
</script>

<template>
  <InputNumber
    :value="value"
    :min="min"
    :max="max"
    :precision="whole ? 0 : undefined"
    :placeholder="empty"
    :aria-label="label"
    :class="{ few }"
    @update:value="take"
  />
</template>

<style scoped>
.few {
  width: 66px;
}
</style>
