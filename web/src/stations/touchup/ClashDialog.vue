<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'

/** The picture was cut again while it was being mended: both cutouts, and which to go on from. */
defineProps<{ open: boolean; picture: Picture; before: number | null }>()
const emit = defineEmits<{ choose: [from: 'new' | 'before'] }>()
</script>

<template>
  <Modal
    :open="open"
    title="This picture was cut again meanwhile"
    :footer="null"
    :closable="false"
    width="560px"
  >
    <p>Nothing of yours is lost: every edit is kept. Choose which cutout to go on from.</p>
    <div class="two">
      <button @click="emit('choose', 'before')">
        <img v-if="before" :src="addressOf.cellPreview(picture.id, before)" alt="" />
        <b>The one you were mending</b>
        <span class="quiet small">with all your edits</span>
      </button>
      <button @click="emit('choose', 'new')">
        <img :src="`/api/v1/pictures/${picture.id}/cutout-preview.png`" alt="" />
        <b>The new one</b>
        <span class="quiet small"
          >with the edits that were not kept yet; the others stay with the one before</span
        >
      </button>
    </div>
  </Modal>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}

button {
  display: grid;
  gap: 4px;
  justify-items: start;
  padding: 10px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--panel);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

img {
  width: 100%;
  height: 170px;
  object-fit: contain;
  background: var(--stage);
  border-radius: 4px;
}
</style>
