<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { nextTick, ref, watch } from 'vue'
import type { Finding } from '../../api/types'

/** A word for whoever mends the picture; the finding that is looked at goes with it. */
defineProps<{ finding: Finding | null }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ send: [text: string] }>()
const LONGEST = 400
const text = ref('')
const field = ref<HTMLTextAreaElement | null>(null)

watch(open, async (isOpen) => {
  if (!isOpen) return
  text.value = ''
  await nextTick()
  field.value?.focus()
})

function send() {
  open.value = false
  emit('send', text.value)
}
</script>

<template>
  <Modal
    v-model:open="open"
    title="To touch-up, with a remark"
    ok-text="Send to touch-up"
    width="440px"
    @ok="send"
    @after-open-change="(isOpen: boolean) => isOpen && field?.focus()"
  >
    <textarea
      ref="field"
      v-model="text"
      rows="3"
      :maxlength="LONGEST"
      placeholder="Mend the handle here"
      aria-label="Remark"
      @keydown.enter.exact.prevent="send"
    />
    <p class="small quiet">
      <template v-if="finding">Goes with the place of “{{ finding.label }}”.</template>
      <template v-else>Choose a finding first (<kbd>N</kbd>) to send its place along.</template>
    </p>
  </Modal>
</template>

<style scoped>
textarea {
  width: 100%;
  font: inherit;
  color: inherit;
  padding: 7px 10px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--panel);
  resize: vertical;
}

p {
  margin: 6px 0 0;
}
</style>
