<script setup lang="ts">
import { Button, Switch } from 'ant-design-vue'
import type { Subject } from '../../../api/types'
import type { Box } from '../../../stage/box'

/** The subjects of the guided picture with a switch each, and the boxes drawn on it. */
defineProps<{ subjects: Subject[]; boxes: Box[] }>()
const emit = defineEmits<{ turn: [number: number]; removeBox: [index: number] }>()

function percent(share: number): string {
  return share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`
}
</script>

<template>
  <section>
    <h2>Subjects</h2>
    <p v-if="subjects.length === 0" class="small quiet">
      {{ boxes.length > 0 ? 'Cut again to see what the boxes hold.' : 'Nothing was found yet.' }}
    </p>
    <ul>
      <li v-for="subject in subjects" :key="subject.number">
        <Switch
          size="small"
          :checked="subject.kept"
          :aria-label="`Keep subject ${subject.number}`"
          @change="emit('turn', subject.number)"
        />
        <b class="num">{{ subject.number }}</b>
        <span>{{ subject.kept ? 'kept' : 'left out' }}</span>
        <span class="num quiet">{{ percent(subject.share) }}</span>
      </li>
    </ul>
    <template v-if="boxes.length > 0">
      <h2>Boxes</h2>
      <ul>
        <li v-for="(box, index) in boxes" :key="index">
          <i class="swatch" />
          <span class="num">{{ box.width }} × {{ box.height }}</span>
          <Button
            type="text"
            size="small"
            :aria-label="`Take box ${index + 1} away`"
            @click="emit('removeBox', index)"
          >
            Take away
          </Button>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 6px 0 10px;
  padding: 0;
}

li {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 30px;
  border-bottom: 1px solid var(--line-soft);
  font-size: 13px;
}

li > :last-child {
  margin-left: auto;
}

.swatch {
  width: 14px;
  height: 14px;
  border: 2px solid var(--saffron);
}
</style>
