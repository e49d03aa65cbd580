<script setup lang="ts">
import { Button, Dropdown, Menu, MenuItem } from 'ant-design-vue'
import { computed, nextTick, ref, watch } from 'vue'
import { useKeys } from '../../shell/useKeys'
import type { Kind, Part } from '../../look/look'
import { KINDS } from '../../look/parts'

/** Takes a new part into the look, where its kind usually lies. */
const props = defineProps<{ parts: Part[] }>()
const emit = defineEmits<{ add: [kind: Kind] }>()
const open = ref(false)
const kinds = computed(() =>
  KINDS.filter((k) => !k.once || !props.parts.some((part) => part.setting.kind === k.kind)),
)
const list = ref<HTMLElement | null>(null)
const items = () => [...(list.value?.querySelectorAll<HTMLElement>('[role=menuitem]') ?? [])]

watch(open, async (is) => {
  if (!is) return
  await nextTick()
  // It is laid out only after it was opened for the first time.
  requestAnimationFrame(() => items()[0]?.focus())
})

function step(by: number) {
  const all = items()
  const at = all.indexOf(document.activeElement as HTMLElement)
  all[(at + by + all.length) % all.length]?.focus()
}

function add(kind: Kind) {
  open.value = false
  emit('add', kind)
}
useKeys({ a: () => (open.value = !open.value) })
</script>

<template>
  <Dropdown v-model:open="open" :trigger="['click']" placement="topLeft">
    <Button class="add">Add a part <kbd>A</kbd></Button>
    <template #overlay>
      <div
        ref="list"
        @keydown.down.prevent.stop="step(1)"
        @keydown.up.prevent.stop="step(-1)"
        @keydown.enter.prevent.stop="($event.target as HTMLElement).click()"
        @keydown.esc.stop="open = false"
      >
        <Menu @click="add($event.key as Kind)">
          <MenuItem v-for="k in kinds" :key="k.kind">{{ k.label }}</MenuItem>
        </Menu>
      </div>
    </template>
  </Dropdown>
</template>

<style scoped>
.add {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin: 4px 8px 0;
}
</style>
