<script setup lang="ts">
import { methodLabel, type Picture } from '../api/types'
import { STATES } from '../theme/shapes'

/** What is known about the selected picture. */
defineProps<{
  picture: Picture
  /** Only what a checker needs: the state is known, the file does not matter. */
  brief?: boolean
}>()

function bytes(n: number): string {
  return n < 1_000_000 ? `${Math.ceil(n / 1000)} KB` : `${(n / 1_000_000).toFixed(1)} MB`
}

function percent(share: number): string {
  return share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`
}
</script>

<template>
  <section>
    <h2>Picture</h2>
    <div class="name">{{ picture.fileName }}</div>
    <dl class="facts">
      <dt v-if="!brief">State</dt>
      <dd v-if="!brief">
        {{ STATES[picture.state].words
        }}<template v-if="picture.state === 'waiting' && picture.queued">, in the queue</template>
      </dd>
      <dt>Size</dt>
      <dd class="num">{{ picture.width }} × {{ picture.height }}</dd>
      <dt v-if="!brief">File</dt>
      <dd v-if="!brief" class="num">{{ picture.format }}, {{ bytes(picture.bytes) }}</dd>
      <template v-if="picture.confidence !== null">
        <dt>Method</dt>
        <dd>{{ methodLabel(picture.method) }}: {{ picture.reason }}</dd>
        <dt v-if="!brief && picture.tried.length > 1">Also tried</dt>
        <dd v-if="!brief && picture.tried.length > 1">
          <div v-for="way in picture.tried.slice(1)" :key="way.method">
            {{ methodLabel(way.method) }},
            <span class="num">{{ percent(way.expectedError) }}</span> wrong, it is thought
          </div>
        </dd>
        <dt v-if="!brief || picture.subjects !== 1">Subjects</dt>
        <dd v-if="!brief || picture.subjects !== 1" class="num">{{ picture.subjects }}</dd>
        <dt>Confidence</dt>
        <dd class="num">{{ picture.confidence }}</dd>
        <dt v-if="!brief || picture.mendedByHand">Version</dt>
        <dd v-if="!brief || picture.mendedByHand">
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
