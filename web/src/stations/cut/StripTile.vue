<script setup lang="ts">
import { computed } from 'vue'
import { addressOf } from '../../api/addresses'
import { methodLabel, type Picture, type StripCell } from '../../api/types'

/** One sample by one method, on the colour that shows its leftovers most. */
const props = defineProps<{
  picture: Picture
  method: string
  cell: StripCell | undefined
  chosen: boolean
}>()

const words = computed(() => {
  if (!props.cell || props.cell.state === 'waiting') return 'waits'
  return props.cell.state === 'cutting' ? 'being cut' : (props.cell.problem ?? '')
})
const effort = computed(() => {
  const seconds = `${(props.cell?.seconds ?? 0).toFixed(1)} s`
  return props.method === 'auto' && props.cell
    ? `${seconds} · ${methodLabel(props.cell.usedMethod)}`
    : seconds
})
</script>

<template>
  <button
    class="tile"
    :class="{ on: chosen, failed: cell?.state === 'failed', now: cell?.state === 'cutting' }"
    :style="{ background: cell?.tellTale ?? undefined }"
    :title="cell?.reason ?? undefined"
  >
    <span class="heard">{{ picture.fileName }} by {{ methodLabel(method) }}: </span>
    <template v-if="cell && cell.versionId !== null">
      <img :src="addressOf.cellPreview(picture.id, cell.versionId)" alt="" />
      <span class="tag num">
        <b>{{ cell.confidence }}</b>
        <small>{{ effort }}</small>
      </span>
    </template>
    <template v-else>
      <img class="soon" :src="addressOf.thumbnail(picture)" alt="" />
      <span class="words">{{ words }}</span>
    </template>
  </button>
</template>

<style scoped>
.tile {
  position: relative;
  display: block;
  width: 100%;
  height: 118px;
  border: 0;
  border-radius: 6px;
  overflow: hidden;
  background: var(--stage);
  padding: 6px;
  cursor: pointer;
}

.tile.on {
  outline: 2.5px solid var(--teal);
  outline-offset: 2px;
}

img {
  width: 100%;
  height: 100%;
  object-fit: contain;
  display: block;
}

.soon {
  opacity: 0.35;
}

.tag {
  position: absolute;
  left: 6px;
  bottom: 6px;
  max-width: calc(100% - 12px);
  background: var(--panel);
  border-radius: 4px;
  padding: 0 6px;
  font-size: 12px;
  line-height: 18px;
  display: flex;
  gap: 6px;
}

small {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  font: 400 12px/18px var(--text);
  color: var(--quiet);
}

.words {
  position: absolute;
  left: 50%;
  top: 50%;
  max-width: calc(100% - 12px);
  transform: translate(-50%, -50%);
  padding: 4px 10px;
  border-radius: 4px;
  background: var(--panel);
  font-size: 13px;
  line-height: 17px;
  color: var(--quiet);
}

.failed .words {
  color: var(--brick);
}

.now {
  background: repeating-linear-gradient(45deg, var(--stage) 0 6px, #a2a29f 6px 12px);
}
</style>
