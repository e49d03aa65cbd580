<script setup lang="ts">
import { methodLabel, type Picture } from '../api/types'
import { STATES } from '../theme/shapes'

/** What is known about the selected picture. */
defineProps<{ picture: Picture }>()

function bytes(n: number): string {
  return n < 1_000_000 ? `${Math.ceil(n / 1000)} KB` : `${(n / 1_000_000).toFixed(1)} MB`
}
</script>

<template>
  <section>
    <h3>Picture</h3>
    <div class="name">{{ picture.fileName }}</div>
    <dl class="facts">
      <dt>State</dt>
      <dd>
        {{ STATES[picture.state].words
        }}<template v-if="picture.state === 'waiting' && picture.queued">, in the queue</template>
      </dd>
      <dt>Size</dt>
      <dd class="num">{{ picture.width }} × {{ picture.height }}</dd>
      <dt>File</dt>
      <dd class="num">{{ picture.format }}, {{ bytes(picture.bytes) }}</dd>
      <template v-if="picture.confidence !== null">
        <dt>Method</dt>
        <dd>{{ methodLabel(picture.method) }}: {{ picture.reason }}</dd>
        <dt>Subjects</dt>
        <dd class="num">{{ picture.subjects }}</dd>
        <dt>Confidence</dt>
        <dd class="num">{{ picture.confidence }}</dd>
        <dt>Version</dt>
        <dd>
          <span class="num">{{ picture.versionNumber }}</span>,
          {{ picture.mendedByHand ? 'mended by hand' : 'automatic' }}
        </dd>
      </template>
    </dl>
    <p v-if="picture.problem" class="problem">{{ picture.problem }}</p>
  </section>
</template>

<style scoped>
.name {
  font-weight: 700;
  font-size: 15px;
  margin: 6px 0;
  overflow-wrap: anywhere;
}

.problem {
  margin-top: 8px;
  padding: 6px 10px;
  font-size: 13px;
  line-height: 18px;
  background: var(--brick-wash);
  border-left: 3px solid var(--brick);
  border-radius: 0 5px 5px 0;
}
</style>
