<script setup lang="ts">
import { Button, Dropdown, Menu, MenuItem } from 'ant-design-vue'
import { computed } from 'vue'
import PickOne from '../../shell/PickOne.vue'
import { addressOf } from '../../api/addresses'
import type { BatchLook, KeptLook, Picture, Spec } from '../../api/types'
import { sizeWords } from '../../spec/spec'
import { sampleCss } from '../../look/words'
import type { ShelfAct } from './useShelf'

/** The looks on the shelf, the one that the batch uses among them, and the frame that it is seen in. */
const props = defineProps<{
  looks: KeptLook[]
  current: BatchLook
  specs: Spec[]
  /** On which each look is seen small; the same while others are looked at, so that chips stay put. */
  sample: Picture
}>()
const frame = defineModel<number>('frame', { required: true })
const emit = defineEmits<{
  use: [look: KeptLook]
  act: [act: ShelfAct]
  newest: []
}>()
const compares = defineModel<boolean>('compares', { required: true })

/** The batch's own look first: it is never out of sight. */
const inOrder = computed(() => {
  const own = props.looks.filter((look) => look.id === props.current.id)
  return [...own, ...props.looks.filter((look) => look.id !== props.current.id)]
})
const newestVersion = computed(
  () => props.looks.find((look) => look.id === props.current.id)?.version ?? 0,
)
/** Twice what a chip shows, for screens with fine pixels. */
const CHIP_PX = 64
const smallOf = (look: KeptLook) => addressOf.dressed(props.sample, look, CHIP_PX, CHIP_PX)
const wordsOf = (spec: Spec) => `${spec.name} · ${sizeWords(spec)}`
</script>

<template>
  <div class="bar">
    <span class="quiet small">Looks</span>
    <div class="chips" aria-label="Looks on the shelf">
      <button
        v-for="look in inOrder"
        :key="look.id"
        class="chip"
        :class="{ on: look.id === current.id }"
        :aria-pressed="look.id === current.id"
        :data-look="look.name"
        @click="emit('use', look)"
      >
        <i
          :class="{ checker: !sampleCss(look.parts) }"
          :style="{ background: sampleCss(look.parts) }"
        >
          <img :src="smallOf(look)" alt="" />
        </i>
        <span class="cut">{{ look.name }}</span>
      </button>
    </div>
    <Dropdown :trigger="['click']">
      <Button size="small" aria-label="More with this look">More</Button>
      <template #overlay>
        <Menu @click="emit('act', $event.key as ShelfAct)">
          <MenuItem key="new">Keep as a new look…</MenuItem>
          <MenuItem key="copy">Duplicate</MenuItem>
          <MenuItem key="rename">Rename…</MenuItem>
          <MenuItem key="file">Save as a file</MenuItem>
          <MenuItem key="take">Take in a look file…</MenuItem>
          <MenuItem key="remove">Take the look from the shelf</MenuItem>
        </Menu>
      </template>
    </Dropdown>
    <Button v-if="!current.newest" size="small" @click="emit('newest')">
      Take version {{ newestVersion }}
    </Button>
    <Button size="small" :aria-pressed="compares" @click="compares = !compares">
      Compare <kbd>C</kbd>
    </Button>
    <span class="quiet small as">as</span>
    <PickOne
      label="Frame that it is seen in"
      class="frames"
      :value="specs.length > frame ? frame : -1"
      :options="[
        ...specs.map((spec, i) => ({ value: i, label: wordsOf(spec) })),
        { value: -1, label: 'Square' },
      ]"
      @change="frame = Number($event)"
    />
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 0 14px;
  height: 50px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
  min-width: 0;
}

.chips {
  display: flex;
  gap: 8px;
  overflow: auto hidden;
  min-width: 0;
  scrollbar-width: thin;
  padding: 3px;
}

.chip {
  display: flex;
  align-items: center;
  gap: 7px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--panel);
  padding: 2px 9px 2px 3px;
  font: inherit;
  font-size: 13px;
  line-height: 20px;
  cursor: pointer;
  flex: none;
  max-width: 190px;
}

.chip.on {
  border-color: var(--teal);
  background: var(--teal-wash);
  font-weight: 600;
}

.chip i {
  width: 32px;
  height: 32px;
  border-radius: 4px;
  border: 1px solid var(--line);
  flex: none;
  background-size: 8px 8px;
  overflow: hidden;
}

.chip img {
  display: block;
  width: 100%;
  height: 100%;
}

.as {
  margin-left: auto;
}

.frames {
  width: 178px;
  flex: none;
}
</style>
