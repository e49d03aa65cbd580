<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { METHODS } from '../../api/types'

/** Which method to cut this picture with again. */
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ choose: [method: string] }>()

function choose(method: string) {
  open.value = false
  emit('choose', method)
}
</script>

<template>
  <Modal v-model:open="open" title="Recut with" :footer="null" width="380px">
    <p class="quiet small">The present cutout stays until the new one is there.</p>
    <div class="methods">
      <button
        v-for="method in METHODS"
        :key="method.value"
        class="panel"
        @click="choose(method.value)"
      >
        <b>{{ method.label }}</b> <span class="small quiet">{{ method.hint }}</span>
      </button>
    </div>
  </Modal>
</template>

<style scoped>
.methods {
  display: grid;
  gap: 8px;
  margin-top: 12px;
}

button {
  display: grid;
  padding: 8px 12px;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

button:hover {
  background: var(--teal-wash);
}
</style>
