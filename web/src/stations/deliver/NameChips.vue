<script setup lang="ts">
import type { NamePart, NameRules } from '../../api/types'
import { NAME_PARTS } from '../../spec/spec'
import NameRulesFields from './NameRulesFields.vue'
import PartChips from './PartChips.vue'

/** How files are named. */
const parts = defineModel<NamePart[]>('parts', { required: true })
const rules = defineModel<NameRules>('rules', { required: true })
defineProps<{ columns: string[] }>()
const OFFERED = NAME_PARTS.map((p) => p.part)
</script>

<template>
  <section>
    <h2>File names</h2>
    <PartChips
      v-model:parts="parts"
      :offered="OFFERED"
      :columns="columns"
      empty="A name needs at least one part"
      text="-"
    />
    <NameRulesFields v-model:rules="rules" />
  </section>
</template>
