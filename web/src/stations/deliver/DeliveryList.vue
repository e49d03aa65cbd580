<script setup lang="ts">
import { Button } from 'ant-design-vue'
import type { Delivery } from '../../api/types'
import { byteWords } from './specs'

/** Runs of this batch, newest first, each with its package and its manifest. */
defineProps<{ deliveries: Delivery[] }>()

function words(d: Delivery): string {
  if (d.state === 'failed') return d.problem ?? 'failed'
  if (d.state !== 'done') return `${d.made.toLocaleString('en')} of ${d.planned} files made`
  const failed = d.failed > 0 ? `, ${d.failed} could not be made` : ''
  return `${d.made.toLocaleString('en')} files, ${byteWords(d.bytes)}${failed}`
}

function at(d: Delivery): string {
  return new Date(d.createdAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
}
</script>

<template>
  <section v-if="deliveries.length > 0">
    <h2>Deliveries</h2>
    <div
      v-for="d in deliveries"
      :key="d.id"
      class="one"
      :data-delivery="d.id"
      :data-state="d.state"
    >
      <div class="line">
        <b class="num">{{ at(d) }}</b>
        <span class="small" :class="{ bad: d.state === 'failed' }">{{ words(d) }}</span>
      </div>
      <div v-if="d.state !== 'done' && d.state !== 'failed'" class="track">
        <i :style="{ width: `${(d.made / Math.max(1, d.planned)) * 100}%` }" />
      </div>
      <div v-if="d.state === 'done'" class="acts">
        <Button size="small" :href="`/api/v1/deliveries/${d.id}/files.zip`" download>ZIP</Button>
        <Button size="small" :href="`/api/v1/deliveries/${d.id}/manifest.json`" target="_blank">
          Manifest
        </Button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.one {
  padding: 8px 0;
  border-top: 1px solid var(--line-soft);
  display: grid;
  gap: 6px;
}

h2 {
  margin-bottom: 6px;
}

.line {
  display: grid;
}

.bad {
  color: var(--brick);
}

.track {
  height: 6px;
  border-radius: 3px;
  background: #e9e0cd;
}

.track i {
  display: block;
  height: 6px;
  border-radius: 3px;
  background: var(--teal);
}

.acts {
  display: flex;
  gap: 6px;
}
</style>
