<script setup lang="ts">
import { InputNumber } from 'ant-design-vue'
import type { NameRules } from '../../api/types'
import PickOne from '../../shell/PickOne.vue'

/** How names are written. */
const rules = defineModel<NameRules>('rules', { required: true })

const CAPITALS = [
  { value: 'as-they-are', label: 'Capitals as they are' },
  { value: 'small', label: 'small letters' },
  { value: 'capital', label: 'CAPITALS' },
]
const LETTERS = [
  { value: 'all', label: 'all letters' },
  { value: 'plain', label: 'ä becomes a' },
  { value: 'two-for-one', label: 'ä becomes ae' },
]
const LONGEST = 120
</script>

<template>
  <div class="rules">
    <PickOne
      label="Capitals"
      size="small"
      :value="rules.capitals ?? 'as-they-are'"
      :options="CAPITALS"
      @change="rules = { ...rules, capitals: String($event) }"
    />
    <PickOne
      label="Letters"
      size="small"
      :value="rules.letters ?? 'all'"
      :options="LETTERS"
      @change="rules = { ...rules, letters: String($event) }"
    />
    <span class="small longest">
      at most
      <InputNumber
        size="small"
        class="few"
        aria-label="Longest name"
        :value="rules.longest ?? LONGEST"
        :min="12"
        :max="200"
        @update:value="rules = { ...rules, longest: Number($event) }"
      />
      characters
    </span>
  </div>
</template>

<style scoped>
.rules {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  margin-top: 8px;
}

.longest {
  flex-basis: 100%;
  color: var(--quiet);
}

.few {
  width: 58px;
}
</style>
