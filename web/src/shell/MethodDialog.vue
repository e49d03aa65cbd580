<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { METHODS } from '../api/types'

/** Asks for a method, for pictures that are named in the title. */
const open = defineModel<boolean>('open', { required: true })
defineProps<{ title: string; chosen: string | null; otherwise?: string }>()
const emit = defineEmits<{ choose: [method: string | null] }>()

function choose(method: string | null) {
  emit('choose', method)
  open.value = false
}
</script>

<template>
  <Modal v-model:open="open" :title="title" :footer="null" width="420px">
    <div class="methods">
      <button v-if="otherwise" :class="{ on: chosen === null }" @click="choose(null)">
        <b>{{ otherwise }}</b>
      </button>
      <button
        v-for="method in METHODS"
        :key="method.value"
        :class="{ on: chosen === method.value }"
        @click="choose(method.value)"
      >
        <b>{{ method.label }}</b>
        <span class="small quiet">{{ method.hint }}</span>
      </button>
    </div>
  </Modal>
</template>

<style scoped>
.methods {
  display: grid;
  gap: 6px;
}

button {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--panel);
  font: inherit;
  padding: 6px 12px;
  cursor: pointer;
}

button.on {
  border-color: var(--teal);
  background: var(--teal-wash);
}
</style>
