<script setup lang="ts">
import { ref, watch } from 'vue'
import { pathData } from './path'

/** Data of an SVG path; a whole SVG file may be pasted too, of which the first path is taken. */
const path = defineModel<string>({ required: true })
const typed = ref('')
const problem = ref('')
watch(path, (now) => (typed.value = now), { immediate: true })

function take() {
  const data = pathData(typed.value)
  problem.value =
    data === null ? 'This is no path data: it begins with M and has letters and numbers only.' : ''
  if (data !== null) path.value = data
}
</script>

<template>
  <label class="path">
    <span class="small quiet">Path data, as in an SVG file</span>
    <textarea v-model="typed" rows="3" class="num" aria-label="Path data" @change="take" />
  </label>
  <p v-if="problem" class="small problem" role="alert">{{ problem }}</p>
</template>

<style scoped>
.path {
  display: grid;
  gap: 3px;
  margin: 4px 0;
}

textarea {
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--panel);
  font-size: 12px;
  padding: 4px 6px;
  resize: vertical;
}

.problem {
  color: var(--brick);
}
</style>
