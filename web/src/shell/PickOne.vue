<script setup lang="ts">
import { Select } from 'ant-design-vue'
import { nextTick, onMounted, ref, watch } from 'vue'

/**
 * The component library's select, named for whoever hears it: its own input carries no name, does not
 * say whether its list is open, and points at a list that is not there while it is closed.
 */
defineOptions({ inheritAttrs: false })
const props = defineProps<{ label: string }>()
const emit = defineEmits<{ change: [value: unknown] }>()
const host = ref<HTMLElement | null>(null)
const isOpen = ref(false)
const TO_ITS_LIST = ['aria-owns', 'aria-controls', 'aria-activedescendant']
const lists = new Map<string, string>()

function describe() {
  const input = host.value?.querySelector('[role="combobox"]')
  if (!input) return
  input.setAttribute('aria-label', props.label)
  input.setAttribute('aria-expanded', String(isOpen.value))
  for (const name of TO_ITS_LIST) {
    const list = input.getAttribute(name) ?? lists.get(name)
    if (list !== undefined) lists.set(name, list)
    if (isOpen.value && list !== undefined) input.setAttribute(name, list)
    else input.removeAttribute(name)
  }
}

onMounted(describe)
watch(
  () => [isOpen.value, props.label],
  () => void nextTick(describe),
)
</script>

<template>
  <span ref="host" class="one">
    <Select
      v-bind="$attrs"
      @change="(value) => emit('change', value)"
      @dropdown-visible-change="(open) => (isOpen = open)"
    />
  </span>
</template>

<style scoped>
.one {
  display: contents;
}
</style>
