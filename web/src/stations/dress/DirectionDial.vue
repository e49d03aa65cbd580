<script setup lang="ts">
import { ref } from 'vue'
import { directionWords } from '../../look/words'

/** Where a shadow falls, seen from above: the dot is drawn around, or the arrows turn it. */
const direction = defineModel<number>({ required: true })
const dial = ref<HTMLElement | null>(null)
const STEP = 5

function toward(event: PointerEvent) {
  const box = dial.value?.getBoundingClientRect()
  if (!box) return
  const x = event.clientX - (box.left + box.width / 2)
  const y = event.clientY - (box.top + box.height / 2)
  direction.value = Math.round((Math.atan2(-y, x) * 180) / Math.PI)
}

function down(event: PointerEvent) {
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  toward(event)
}

function move(event: PointerEvent) {
  if (event.buttons === 1) toward(event)
}

function turn(by: number) {
  direction.value = ((direction.value + by + 540) % 360) - 180
}
</script>

<template>
  <div class="row">
    <div
      ref="dial"
      class="dial"
      role="slider"
      tabindex="0"
      aria-label="Direction of the shadow"
      aria-valuemin="-180"
      aria-valuemax="180"
      :aria-valuenow="direction"
      :aria-valuetext="directionWords(direction)"
      @pointerdown="down"
      @pointermove="move"
      @keydown.left.prevent="turn(STEP)"
      @keydown.up.prevent="turn(STEP)"
      @keydown.right.prevent="turn(-STEP)"
      @keydown.down.prevent="turn(-STEP)"
    >
      <i :style="{ transform: `rotate(${-direction}deg)` }" />
    </div>
    <p class="quiet small">
      Falls {{ directionWords(direction) }} on the floor<br /><span class="num"
        >{{ direction }}°</span
      >
      seen from above
    </p>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 64px 1fr;
  gap: 14px;
  align-items: center;
  margin: 6px 0 8px;
}

.dial {
  width: 64px;
  height: 64px;
  border: 1px solid var(--line);
  border-radius: 50%;
  background: var(--paper);
  position: relative;
  cursor: grab;
  touch-action: none;
}

.dial i {
  position: absolute;
  left: 32px;
  top: 31px;
  width: 27px;
  height: 2px;
  background: var(--teal);
  transform-origin: 0 1px;
}

.dial i::after {
  content: '';
  position: absolute;
  right: -4px;
  top: -4px;
  width: 10px;
  height: 10px;
  border-radius: 50%;
  background: var(--teal);
}

.num {
  color: var(--ink);
}
</style>
