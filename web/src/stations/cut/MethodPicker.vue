<script setup lang="ts">
import { computed } from 'vue'
import { METHODS, methodLabel, type Batch } from '../../api/types'

/** The batch's method, and the groups that have one of their own. */
const props = defineProps<{ batch: Batch }>()
const emit = defineEmits<{ choose: [method: string]; dropRule: [group: string] }>()
const rules = computed(() => Object.entries(props.batch.methodRules))
</script>

<template>
  <section aria-label="Method">
    <div class="head">
      <h2 class="title">Method</h2>
      <p class="quiet">for the pictures that are not cut yet</p>
      <span v-for="[group, method] in rules" :key="group" class="rule">
        {{ group }}: <b>{{ methodLabel(method) }}</b>
        <button :aria-label="`${group} as the batch`" @click="emit('dropRule', group)">×</button>
      </span>
    </div>
    <div class="methods" role="radiogroup" aria-label="Method">
      <button
        v-for="method in METHODS"
        :key="method.value"
        role="radio"
        class="method panel"
        :class="{ on: batch.method === method.value }"
        :aria-checked="batch.method === method.value"
        @click="emit('choose', method.value)"
      >
        <b>{{ method.label }}</b>
        <span class="small quiet">{{ method.hint }}</span>
      </button>
    </div>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 14px;
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 6px 12px;
}

.rule {
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--panel);
  padding: 1px 4px 1px 9px;
  font-size: 13px;
}

.rule button {
  border: 0;
  background: none;
  color: var(--quiet);
  cursor: pointer;
}

.methods {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}

.method {
  text-align: left;
  padding: 10px 14px;
  font: inherit;
  color: inherit;
  cursor: pointer;
  display: grid;
}

.method.on {
  outline: 2px solid var(--teal);
  outline-offset: -1px;
  background: var(--teal-wash);
}
</style>
