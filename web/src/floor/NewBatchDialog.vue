<script setup lang="ts">
import { Input, Modal } from 'ant-design-vue'
import { nextTick, ref, watch } from 'vue'

/** Asks for the one thing that a new batch needs: what to call it. */
const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{ files: number }>()
const emit = defineEmits<{ create: [name: string] }>()
const name = ref('')
const input = ref<{ focus: () => void } | null>(null)

watch(open, async (now) => {
  if (!now) return
  name.value = new Date().toLocaleDateString('en', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
  })
  await nextTick()
  window.setTimeout(() => input.value?.focus(), 60)
})

function create() {
  if (name.value.trim() === '') return
  emit('create', name.value.trim())
  open.value = false
}
</script>

<template>
  <Modal
    v-model:open="open"
    title="New batch"
    ok-text="Make the batch"
    cancel-text="Not now"
    :ok-button-props="{ disabled: name.trim() === '' }"
    width="440px"
    @ok="create"
  >
    <label for="batch-name">Name</label>
    <Input
      id="batch-name"
      ref="input"
      v-model:value="name"
      :maxlength="120"
      @press-enter="create"
    />
    <p v-if="props.files > 0" class="small quiet">
      {{ props.files === 1 ? '1 file goes in' : `${props.files} files go in` }} as soon as it is
      made.
    </p>
  </Modal>
</template>

<style scoped>
label {
  display: block;
  margin-bottom: 4px;
}

p {
  margin-top: 8px;
}
</style>
