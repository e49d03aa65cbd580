<script setup lang="ts">
import type { KeptLook, Picture } from '../../api/types'
import type { Part } from '../../look/look'
import LivePicture from './LivePicture.vue'

/** One picture under the looks of the shelf, side by side; one of them is taken. */
defineProps<{
  picture: Picture
  looks: KeptLook[]
  currentId: number
  currentParts: Part[]
  width: number
  height: number
}>()
const emit = defineEmits<{ use: [look: KeptLook] }>()
</script>

<template>
  <div class="room compare" aria-label="Looks side by side">
    <button
      v-for="look in looks"
      :key="look.id"
      :class="{ on: look.id === currentId }"
      :aria-pressed="look.id === currentId"
      :data-compare="look.name"
      @click="emit('use', look)"
    >
      <LivePicture
        :picture="picture"
        :parts="look.id === currentId ? currentParts : look.parts"
        :width="width"
        :height="height"
        :long="520"
      />
      <span class="cut">{{ look.name }}</span>
    </button>
  </div>
</template>

<style scoped>
.compare {
  background: var(--stage);
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  grid-auto-rows: minmax(0, 1fr);
  gap: 10px;
  padding: 14px;
  min-height: 0;
  overflow: auto;
}

button {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  justify-items: center;
  gap: 5px;
  border: 2px solid transparent;
  border-radius: 8px;
  background: none;
  padding: 6px;
  min-height: 150px;
  cursor: pointer;
}

button.on {
  border-color: #fff;
}

span.cut {
  background: var(--panel);
  border-radius: 4px;
  padding: 0 8px;
  font: 500 12.5px/20px var(--text);
  max-width: 100%;
}
</style>
