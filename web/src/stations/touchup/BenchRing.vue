<script setup lang="ts">
import SizeRing from './SizeRing.vue'
import type { Table } from './useTable'

/** The ring alone follows every move of the pointer, so that nothing else is drawn anew for it. */
defineProps<{ table: Table }>()
</script>

<template>
  <SizeRing
    v-if="table.stroke.at.value"
    :at="table.stroke.at.value"
    :view="table.view"
    :brush="table.brush"
  />
</template>
