<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, onBeforeUnmount } from 'vue'
import LoupeStrip from '../../stage/LoupeStrip.vue'
import { loupeOf } from './board/painters'
import type { Table } from './useTable'

/** The loupe follows the pointer over the bench, tile by tile. */
const props = defineProps<{ table: Table; backdrop: string }>()
const zoom = useLocalStorage('touch-up-loupe-zoom', 3)
const source = computed(() => {
  // Anew whenever the bench has drawn something anew.
  void props.table.painted.value
  return props.table.board.value ? loupeOf(props.table.board.value) : null
})
onBeforeUnmount(() => props.table.board.value?.close('loupe'))
</script>

<template>
  <LoupeStrip
    v-model:zoom="zoom"
    :source="source"
    :at="table.pointed.value"
    :backdrop="backdrop"
    :pinned="null"
  />
</template>

<style scoped>
.loupe {
  height: 132px;
}
</style>
