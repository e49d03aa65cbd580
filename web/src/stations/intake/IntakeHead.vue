<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import type { DroppedFile } from '../../api/uploads'
import { pickedFile } from './useFileDrop'

/** What is shown, how much of it, and how more comes in. */
defineProps<{ title: string; count: string; hasPictures: boolean }>()
const emit = defineEmits<{ take: [files: DroppedFile[]]; sets: [] }>()
const picker = ref<HTMLInputElement | null>(null)
const folderPicker = ref<HTMLInputElement | null>(null)

function picked(event: Event) {
  const input = event.target as HTMLInputElement
  emit('take', [...(input.files ?? [])].map(pickedFile))
  input.value = ''
}

defineExpose({ pick: () => picker.value?.click() })
</script>

<template>
  <div class="head">
    <h2 class="title">{{ title }}</h2>
    <p class="quiet">{{ count }}</p>
    <span class="rest" />
    <Button v-if="hasPictures" @click="emit('sets')">Codes and groups <kbd>S</kbd></Button>
    <Button @click="folderPicker?.click()">Add a folder</Button>
    <Button @click="picker?.click()">Add files <kbd>O</kbd></Button>
    <input
      ref="picker"
      type="file"
      multiple
      accept="image/*,.heic,.heif,.avif,.tif,.tiff,.bmp,.zip"
      class="hidden"
      aria-label="Files to add"
      tabindex="-1"
      @change="picked"
    />
    <input
      ref="folderPicker"
      type="file"
      webkitdirectory
      class="hidden"
      aria-label="Folder to add"
      tabindex="-1"
      @change="picked"
    />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  gap: 12px;
}

.rest {
  flex: 1;
}

.hidden {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
  pointer-events: none;
}
</style>
