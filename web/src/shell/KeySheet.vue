<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { useRoute } from 'vue-router'
import { computed } from 'vue'

/** Every key of the station that is open, and those that work everywhere. */
const open = defineModel<boolean>('open', { required: true })
const route = useRoute()

type Row = [string, string]

const everywhere: Row[] = [
  ['1 – 6', 'go to a station'],
  ['0', 'the floor'],
  ['J  K  ← →', 'next, previous picture'],
  ['\\', 'fold the ticket column'],
  ['?', 'this sheet'],
]

const perStation: Record<string, Row[]> = {
  intake: [
    ['O', 'choose files'],
    ['Ctrl V', 'paste a picture'],
    ['↑ ↓ ← →', 'walk; with Shift: mark as you walk'],
    ['Ctrl A', 'mark all that are shown'],
    ['Esc', 'unmark'],
    ['W', 'leave whole, or cut after all'],
    ['C', 'crop'],
    ['M', 'method'],
    ['Del', 'take out of the batch'],
    ['Ctrl Z', 'bring back what was taken out last'],
    ['S', 'codes and groups'],
  ],
  cut: [
    ['Enter', 'start cutting, or cut the guided picture again'],
    ['T', 'test strip'],
    ['P', 'pause, go on'],
    ['G', 'guide the selected picture'],
    ['Esc', 'back to the run'],
  ],
  check: [
    ['Enter', 'pass'],
    ['T', 'to touch-up; the chosen finding goes along'],
    ['Shift T', 'to touch-up, with a remark'],
    ['N  Shift N', 'next, previous finding'],
    ['Shift A', 'draw all findings, or the six worst'],
    ['Y', 'take the mend that is shown; with Shift: all safe ones'],
    ['F', 'the finding is right as it is'],
    ['V', 'hold: without the mends'],
    ['C', 'contact sheet: pass many at once'],
    ['M', 'compare versions: ← → choose, Enter uses, D differences'],
    ['I', 'judge the batch by a sample'],
    ['Q', 'quality of the batch'],
    ['R', 'recut with…'],
    ['X', 'reject'],
    ['Ctrl Z', 'take the last verdict back'],
    ['Space', 'hold: the original'],
    ['W', 'wipe between original and cutout'],
    ['-  =', 'move the wipe'],
    ['B', 'next backdrop'],
    ['Shift B', 'tell-tale backdrop'],
    ['Z', 'fit or 100 %'],
  ],
  'touch-up': [
    ['E  R', 'erase, restore; F flips between the two'],
    ['S', 'strand: hair, fur, bristles, grass'],
    ['C', 'follow edges, or paint plainly'],
    ['[  ]', 'smaller, larger; with Shift: harder, softer'],
    ['Shift', 'hold: straight on from the last point'],
    ['L', 'trace a thin part; Alt takes a colour'],
    ['A', 'shape; Enter uses it, Esc drops it'],
    ['I', 'every tool only inside the shape'],
    ['G', 'colour pick: press and drag; Shift adds, Alt takes out'],
    ['U', 'box a subject'],
    ['K', 'take from another version'],
    ['H', 'hint; again: the next kind; Del takes one out'],
    ['D  Shift D', 'edge, with the settings as before; Enter keeps them'],
    ['N  Shift N', 'next, previous finding; Shift A draws all'],
    ['Y', 'take the mend that is ready'],
    ['V', 'hold: move the picture'],
    ['Space', 'hold: the original'],
    ['M', 'the matte alone'],
    ['W  Shift W', 'side by side; wipe, which - and = move'],
    ['O', 'loupe'],
    ['B  Shift B', 'next backdrop, tell-tale'],
    ['Z', 'fit or 100 %; the wheel zooms to 3200 %'],
    ['Ctrl Z', 'undo; with Shift: redo'],
    ['Ctrl Enter', 'done, next picture'],
  ],
  dress: [
    ['↑ ↓', 'next, previous part; with Alt on a part: move it'],
    ['A', 'add a part'],
    ['X', 'the part on or off'],
    ['Del', 'on a part: take it out'],
    ['O', 'changes count for this picture only'],
    ['Shift →', 'six more pictures'],
    ['C', 'looks side by side'],
    ['N', 'next picture that the look hurts'],
    ['Ctrl Z', 'undo; with Shift: redo'],
    ['Ctrl S', 'keep as a new look'],
    ['arrows', 'on a box of the stage: move it; with Shift: finely'],
  ],
  deliver: [
    ['Enter', 'make the files'],
    ['N', 'add a spec'],
  ],
}

const rows = computed(() => perStation[String(route.name)] ?? [])

/** Where letters choose tools, only the arrows walk. */
const common = computed(() =>
  route.name === 'touch-up'
    ? everywhere.map(([key, what]): Row => [key.startsWith('J') ? '← →' : key, what])
    : everywhere,
)

/** More than a screen holds in one column. */
const long = computed(() => rows.value.length > 14)
</script>

<template>
  <Modal v-model:open="open" title="Keys" :footer="null" :width="long ? '900px' : '520px'">
    <dl class="keys" :class="{ long }">
      <div v-for="[key, what] in rows" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ what }}</dd>
      </div>
      <div v-for="[key, what] in common" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd class="quiet">{{ what }}</dd>
      </div>
    </dl>
  </Modal>
</template>

<style scoped>
.keys {
  margin: 0;
}

.keys.long {
  columns: 2;
  column-gap: 28px;
}

.keys > div {
  display: grid;
  grid-template-columns: 104px 1fr;
  gap: 12px;
  padding: 3px 0;
  break-inside: avoid;
}

dd {
  margin: 0;
}
</style>
