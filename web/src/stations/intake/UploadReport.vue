<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useUploads } from '../../api/uploads'

/** How far the upload is, and what was not taken with its reason. */
const props = defineProps<{ batchId: number }>()
const uploads = useUploads()
const mine = computed(() => uploads.ofBatch(props.batchId))
const taken = computed(() => mine.value.filter((u) => u.state === 'taken').length)
const refused = computed(() => mine.value.filter((u) => u.state === 'refused'))
const running = computed(() => taken.value + refused.value.length < mine.value.length)
</script>

<template>
  <section v-if="mine.length > 0" class="panel report" aria-live="polite">
    <div class="top">
      <b v-if="running">
        Taking in {{ (taken + refused.length).toLocaleString('en') }} of
        {{ mine.length.toLocaleString('en') }}
      </b>
      <b v-else>
        {{ taken.toLocaleString('en') }} taken in<template v-if="refused.length > 0"
          >, {{ refused.length.toLocaleString('en') }} not taken</template
        >
      </b>
      <div class="track">
        <i :style="{ width: `${(taken / mine.length) * 100}%` }" class="done" />
        <i :style="{ width: `${(refused.length / mine.length) * 100}%` }" class="bad" />
      </div>
      <Button v-if="!running" size="small" @click="uploads.forget(batchId)">Close</Button>
    </div>
    <ul v-if="refused.length > 0">
      <li v-for="upload in refused" :key="upload.key">
        <span class="num cut">{{ upload.name }}</span>
        <span>{{ upload.problem }}</span>
        <Button
          v-if="upload.duplicateOf && !upload.inArchive"
          size="small"
          @click="uploads.again(upload, true)"
        >
          Take it anyway
        </Button>
        <Button
          v-else-if="upload.problem?.startsWith('The connection')"
          size="small"
          @click="uploads.again(upload, false)"
        >
          Try again
        </Button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.report {
  padding: 10px 14px;
}

.top {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 14px;
  align-items: center;
}

.track {
  height: 8px;
  border-radius: 4px;
  background: #e9e0cd;
  display: flex;
  overflow: hidden;
}

.done {
  background: var(--teal);
}

.bad {
  background: var(--brick);
}

ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  max-height: 148px;
  overflow: auto;
}

li {
  display: grid;
  grid-template-columns: 220px 1fr auto;
  gap: 12px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--line-soft);
  font-size: 13px;
  line-height: 18px;
}
</style>
