<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue'
import { computed } from 'vue'
import type { Picture } from '../../api/types'
import type { Part } from '../../look/look'

/** What counts for the shown picture alone: said, taken back one by one, copied to its group. */
const props = defineProps<{ picture: Picture; parts: Part[]; others: Picture[] }>()
const elsewhere = computed(() => props.others.filter((p) => p.id !== props.picture.id))
const onlyHere = defineModel<boolean>('onlyHere', { required: true })
const emit = defineEmits<{ takeBack: [partId: string]; toGroup: []; show: [picture: Picture] }>()
</script>

<template>
  <section aria-label="This picture">
    <h2>This picture</h2>
    <p class="cut small">{{ picture.fileName }}</p>
    <Checkbox v-model:checked="onlyHere">
      Changes count for this picture only <kbd>O</kbd>
    </Checkbox>
    <ul v-if="parts.length" class="own">
      <li v-for="part in parts" :key="part.id">
        <span>{{ part.name }}</span>
        <button @click="emit('takeBack', part.id)">As the look</button>
      </li>
    </ul>
    <p v-else class="small quiet">As the look says.</p>
    <Button v-if="parts.length && picture.group" size="small" @click="emit('toGroup')">
      Same for its group “{{ picture.group }}”
    </Button>
    <details v-if="elsewhere.length" class="others" data-own-elsewhere>
      <summary>
        {{ elsewhere.length }} other
        {{ elsewhere.length === 1 ? 'picture has' : 'pictures have' }} changes of
        {{ elsewhere.length === 1 ? 'its' : 'their' }} own
      </summary>
      <button v-for="p in elsewhere" :key="p.id" @click="emit('show', p)">{{ p.fileName }}</button>
    </details>
  </section>
</template>

<style scoped>
.own {
  list-style: none;
  margin: 6px 0;
  padding: 0;
}

.own li {
  display: flex;
  justify-content: space-between;
  font-size: 13px;
  line-height: 24px;
}

.others {
  font-size: 13px;
  margin-top: 6px;
}

.others summary {
  cursor: pointer;
  line-height: 24px;
}

.others button {
  display: block;
}

.others button,
.own button {
  border: 0;
  background: none;
  font: 600 13px/24px var(--text);
  color: var(--teal);
  cursor: pointer;
}
</style>
