<script setup lang="ts">
import { Button, Dropdown, Menu, MenuItem } from 'ant-design-vue'
import { computed, ref } from 'vue'
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
useKeys({ a: () => (open.value = !open.value) })
</script>

<template>
  <Dropdown v-model:open="open" :trigger="['click']" placement="topLeft">
    <Button class="add">Add a part <kbd>A</kbd></Button>
    <template #overlay>
      <Menu @click="emit('add', $event.key as Kind)">
        <MenuItem v-for="k in kinds" :key="k.kind">{{ k.label }}</MenuItem>
      </Menu>
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
