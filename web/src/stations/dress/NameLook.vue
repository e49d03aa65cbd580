<script setup lang="ts">
import { Input, Modal } from 'ant-design-vue'
import { ref, watch } from 'vue'

/** Asks for a look's name. */
const props = defineProps<{ title: string; suggested: string }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ named: [name: string] }>()
const name = ref('')
watch(open, (is) => is && (name.value = props.suggested))

function keep() {
  if (name.value.trim() === '') return
  open.value = false
  emit('named', name.value.trim())
}
</script>

<template>
  <Modal
    v-model:open="open"
    :title="title"
    ok-text="Keep"
    :ok-button-props="{ disabled: name.trim() === '' }"
    @ok="keep"
  >
    <Input v-model:value="name" aria-label="Name of the look" :maxlength="80" @press-enter="keep" />
  </Modal>
</template>
