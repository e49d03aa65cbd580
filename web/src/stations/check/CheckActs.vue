<script setup lang="ts">
import { Button } from 'ant-design-vue'
import type { Verdict } from '../../api/types'

/** What a checker can do now, each with its key. */
defineProps<{
  /** What the work area shows. */
  view: 'stage' | 'sheet' | 'compare' | 'quality'
  canTakeBack: boolean
  /** More than one waits. */
  many: boolean
  sampling: boolean
  /** What the contact sheet would pass. */
  sheetWords: string
  sheetCount: number
  busy: boolean
}>()
const emit = defineEmits<{
  judge: [verdict: Verdict]
  recut: []
  sample: []
  takeBack: []
  passSheet: []
  mends: []
  show: [view: 'stage' | 'sheet' | 'compare' | 'quality']
}>()
</script>

<template>
  <template v-if="view === 'stage'">
    <Button type="primary" @click="emit('judge', 'pass')">Pass <kbd>Enter</kbd></Button>
    <div class="two">
      <Button @click="emit('judge', 'touch-up')">Touch-up <kbd>T</kbd></Button>
      <Button @click="emit('recut')">Recut… <kbd>R</kbd></Button>
      <Button @click="emit('show', 'compare')">Compare <kbd>M</kbd></Button>
      <Button danger @click="emit('judge', 'reject')">Reject <kbd>X</kbd></Button>
      <Button :disabled="!canTakeBack" @click="emit('takeBack')">Undo <kbd>Ctrl Z</kbd></Button>
      <Button v-if="many" @click="emit('show', 'sheet')">Sheet <kbd>C</kbd></Button>
      <Button v-if="many" :disabled="sampling" @click="emit('sample')">
        Sample… <kbd>I</kbd>
      </Button>
      <Button @click="emit('show', 'quality')">Quality <kbd>Q</kbd></Button>
    </div>
  </template>
  <Button v-else-if="view === 'compare'" @click="emit('show', 'stage')">
    Back to the picture <kbd>M</kbd>
  </Button>
  <template v-else-if="view === 'quality'">
    <Button @click="emit('show', 'stage')">Back to the pictures <kbd>Q</kbd></Button>
    <Button @click="emit('mends')">Safe mends… <kbd>Y</kbd></Button>
  </template>
  <template v-else>
    <Button type="primary" :disabled="sheetCount === 0" :loading="busy" @click="emit('passSheet')">
      {{ sheetWords }} <kbd>Enter</kbd>
    </Button>
    <div class="two">
      <Button :type="sheetCount ? 'default' : 'primary'" @click="emit('show', 'stage')">
        One by one <kbd>C</kbd>
      </Button>
      <Button :disabled="!canTakeBack" @click="emit('takeBack')">Undo <kbd>Ctrl Z</kbd></Button>
    </div>
    <Button @click="emit('mends')">Safe mends… <kbd>Y</kbd></Button>
  </template>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
