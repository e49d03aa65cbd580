<script setup lang="ts">
import AlsoBy from '../../shell/AlsoBy.vue'
import BarChoice from './BarChoice.vue'

/** From which version to take, or by which method to make one. */
defineProps<{
  versions: { value: number; label: string }[]
  methods: readonly { value: string; label: string }[]
  cutting: string
}>()
const version = defineModel<number | null>('version', { required: true })
const emit = defineEmits<{ also: [method: string] }>()
</script>

<template>
  <BarChoice
    v-if="versions.length > 0"
    :model-value="String(version)"
    label="Version"
    :options="versions.map((v) => ({ value: String(v.value), label: v.label }))"
    @update:model-value="(v: string) => (version = Number(v))"
  />
  <AlsoBy
    v-if="methods.length > 0"
    label="Cut by another method, to take from"
    :methods="methods"
    :cutting="cutting"
    :words="versions.length > 0 ? 'also by…' : 'cut it by…'"
    @also="(method) => emit('also', method)"
  />
  <span class="quiet small">{{
    versions.length > 0 ? 'drag a box around what to take' : 'then drag a box around what to take'
  }}</span>
</template>
