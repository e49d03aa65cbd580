<script setup lang="ts">
import { computed } from 'vue'
import type { Picture } from '../../api/types'

/** What the checker asked for; a press shows the place. */
const props = defineProps<{ picture: Picture }>()
const emit = defineEmits<{ show: [] }>()
const remark = computed(() => props.picture.remark)
const about = computed(
  () => props.picture.findings.find((f) => f.kind === remark.value?.reason)?.label ?? '',
)
</script>

<template>
  <section v-if="remark" class="asked">
    <h2>Asked for</h2>
    <p>
      <b v-if="remark.text">{{ remark.text }}</b>
      <span v-if="about" class="quiet">{{ about }}</span>
    </p>
    <button v-if="remark.x !== null" class="place" @click="emit('show')">Show the place</button>
  </section>
</template>

<style scoped>
.asked {
  padding: 10px 12px;
  border-left: 3px solid var(--saffron);
  background: var(--saffron-wash, #f7edd9);
  border-radius: 0 6px 6px 0;
}

p {
  margin: 2px 0 4px;
  display: grid;
}

.place {
  padding: 0;
  border: 0;
  background: none;
  font: inherit;
  font-size: 13px;
  color: var(--teal);
  text-decoration: underline;
  cursor: pointer;
}
</style>
