<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { ref } from 'vue'

/** What can be done to the chosen pictures. */
defineProps<{ many: number; removed: boolean; allWhole: boolean }>()
const emit = defineEmits<{
  whole: []
  crop: []
  method: []
  remove: []
  bringBack: []
  swap: [file: File]
}>()
const picker = ref<HTMLInputElement | null>(null)

function picked(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) emit('swap', file)
  input.value = ''
}
</script>

<template>
  <Button v-if="removed" @click="emit('bringBack')">
    Bring back {{ many.toLocaleString('en') }} <kbd>Del</kbd>
  </Button>
  <div v-else class="pair">
    <Button @click="emit('whole')">
      {{ allWhole ? 'Cut after all' : 'Leave whole' }} <kbd>W</kbd>
    </Button>
    <Button @click="emit('crop')">Crop <kbd>C</kbd></Button>
    <Button @click="emit('method')">Method <kbd>M</kbd></Button>
    <Button @click="emit('remove')">Take out <kbd>Del</kbd></Button>
    <Button v-if="many === 1" class="wide" @click="picker?.click()">Swap the photograph…</Button>
    <input
      ref="picker"
      type="file"
      accept="image/*,.heic,.heif,.avif,.tif,.tiff,.bmp"
      hidden
      aria-label="Photograph to swap in"
      @change="picked"
    />
  </div>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.wide {
  grid-column: 1 / -1;
}
</style>
