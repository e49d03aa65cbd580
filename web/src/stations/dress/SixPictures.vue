<script setup lang="ts">
import { Button } from 'ant-design-vue'
import type { Picture } from '../../api/types'
import type { Part } from '../../look/look'
import LivePicture from './LivePicture.vue'

/** Other pictures of the set under the same look, live: a look is judged on a set. */
defineProps<{
  pictures: Picture[]
  total: number
  partsOf: (picture: Picture) => Part[]
  width: number
  height: number
}>()
const emit = defineEmits<{ choose: [picture: Picture]; more: [] }>()
</script>

<template>
  <div class="six">
    <button
      v-for="picture in pictures"
      :key="picture.id"
      class="one"
      :title="picture.fileName"
      :data-other="picture.id"
      @click="emit('choose', picture)"
    >
      <span class="seen">
        <LivePicture :picture="picture" :parts="partsOf(picture)" :width="width" :height="height" />
      </span>
      <span class="cut name">
        {{ picture.fileName.replace(/\.\w+$/, '') }}
        <em v-if="picture.lookChanges.length > 0">own</em>
      </span>
    </button>
    <p class="quiet small says">
      {{
        pictures.length < total - 1
          ? `${pictures.length} that differ most of ${total.toLocaleString('en')}, live`
          : `${total} pictures, live`
      }}
      <Button v-if="total > 7" size="small" title="Shift →" @click="emit('more')">Six more</Button>
    </p>
  </div>
</template>

<style scoped>
.six {
  display: flex;
  gap: 10px;
  padding: 10px 14px;
  background: var(--panel);
  border-top: 1px solid var(--line);
  align-items: flex-start;
  overflow: hidden;
}

.one {
  flex: 0 1 98px;
  min-width: 56px;
  padding: 0;
  border: 0;
  background: none;
  font: inherit;
  font-size: 11.5px;
  line-height: 17px;
  color: var(--quiet);
  text-align: left;
  cursor: pointer;
}

.seen {
  display: block;
  height: 74px;
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--paper);
}

.name {
  display: block;
}

em {
  font-style: normal;
  background: var(--saffron-wash);
  border: 1px solid #e2b968;
  border-radius: 3px;
  padding: 0 4px;
  color: var(--ink);
}

.says {
  margin-left: auto;
  text-align: right;
  flex: 0 0 112px;
}
</style>
