<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, need, sentenceOf } from '../api/client'
import type { ShelfFile, ShelfStory } from '../api/types'
import { byteWords, formatWords, sizeWords, wishes } from '../spec/spec'
import type { Shape } from '../theme/shapes'
import StateShape from '../theme/StateShape.vue'
import { dragOut, thumbnailAddress } from './out'

/** One finished file: what it is, and how it came to be, from the photograph to the last delivery. */
const props = defineProps<{ file: ShelfFile }>()
const emit = defineEmits<{ save: []; copy: []; open: []; again: []; template: [] }>()

const { data, error } = useQuery({
  queryKey: computed(() => ['shelf-story', props.file.id, props.file.deliveredAt]),
  queryFn: async () =>
    (await need(
      api.GET('/api/v1/shelf/files/{id}', { params: { path: { id: props.file.id } } }),
    )) as ShelfStory,
})
const story = computed(() => (data.value?.file.id === props.file.id ? data.value : undefined))

const day = (at: string) =>
  new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })

interface Step {
  shape: Shape
  what: string
  more: string
  at: string
}

const CHANGES: Record<string, string> = { new: 'new', changed: 'changed', same: 'as before' }

const steps = computed<Step[]>(() => {
  const s = story.value
  if (!s) return []
  const original = s.original
  const all: Step[] = [
    {
      shape: 'ring',
      what: original.name,
      more: `${original.width} × ${original.height}, ${byteWords(original.bytes)}`,
      at: original.takenInAt,
    },
  ]
  if (s.version)
    all.push({
      shape: s.version.byHand ? 'bar' : 'half',
      what: `Version ${s.version.number}${s.version.byHand ? ', mended by hand' : ''}`,
      more: s.version.byHand
        ? s.version.method
        : `${s.version.reason} · confidence ${s.version.confidence}`,
      at: s.version.madeAt,
    })
  else all.push({ shape: 'square', what: 'Left whole', more: '', at: original.takenInAt })
  if (s.passed)
    all.push({
      shape: 'disc',
      what: s.passed.together ? 'Passed with others at once' : 'Passed by itself',
      more: '',
      at: s.passed.at,
    })
  for (const d of [...s.deliveries].reverse())
    all.push({
      shape: 'tick',
      what: `Delivered, ${CHANGES[d.change] ?? d.change}`,
      more: d.same ? '' : `other bytes, ${d.name}`,
      at: d.at,
    })
  return all
})
const spec = computed(() => story.value?.spec)
</script>

<template>
  <section class="story" :data-story="file.name">
    <div class="frame" draggable="true" title="Drag it out" @dragstart="dragOut($event, file)">
      <img class="checker" :src="thumbnailAddress(file)" :alt="file.name" draggable="false" />
    </div>
    <h2 class="title name">{{ file.name }}</h2>
    <div class="acts">
      <Button size="small" type="primary" @click="emit('save')">Save <kbd>S</kbd></Button>
      <Button size="small" @click="emit('copy')">Copy <kbd>Ctrl C</kbd></Button>
      <Button size="small" @click="emit('again')">Deliver again… <kbd>D</kbd></Button>
      <Button size="small" @click="emit('open')">Its picture <kbd>O</kbd></Button>
    </div>
    <p v-if="error" class="problem" role="alert">{{ sentenceOf(error) }}</p>
    <dl class="facts">
      <dt>Batch</dt>
      <dd>{{ file.batch }}</dd>
      <template v-if="file.code">
        <dt>Code</dt>
        <dd class="num">{{ file.code }}</dd>
      </template>
      <template v-if="file.group">
        <dt>Group</dt>
        <dd>{{ file.group }}</dd>
      </template>
      <dt>Spec</dt>
      <dd>
        {{ file.spec }}
        <span v-if="spec" class="num quiet more">
          {{ [sizeWords(spec), formatWords(spec), ...wishes(spec)].join(' · ') }}
        </span>
      </dd>
      <dt>Look</dt>
      <dd>
        {{ file.look }}<template v-if="story">, version {{ story.lookNumber }}</template>
      </dd>
      <dt>File</dt>
      <dd class="num">
        {{ file.width }} × {{ file.height }}, {{ byteWords(file.bytes)
        }}<template v-if="story?.likeness">, likeness {{ story.likeness.toFixed(3) }}</template>
      </dd>
      <template v-if="story">
        <dt>SHA-256</dt>
        <dd class="num quiet" :title="story.sha256">{{ story.sha256.slice(0, 16) }}…</dd>
      </template>
    </dl>
    <ol v-if="steps.length > 0" class="steps" aria-label="How it came to be">
      <li v-for="(step, i) in steps" :key="i">
        <StateShape :shape="step.shape" />
        <span>
          <b>{{ step.what }}</b>
          <span v-if="step.more" class="quiet small more">{{ step.more }}</span>
          <span class="num quiet more">{{ day(step.at) }}</span>
        </span>
      </li>
    </ol>
    <button class="link" @click="emit('template')">New batch under the same ticket…</button>
  </section>
</template>

<style scoped>
.story {
  display: grid;
  gap: 12px;
}

.frame {
  height: 176px;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  place-items: center;
  background: var(--paper);
  border-radius: 8px;
  padding: 8px;
}

img {
  max-width: 100%;
  max-height: 100%;
  border: 1px solid #cdbf9f;
  background-size: 10px 10px;
}

.name {
  font-size: 15px;
  line-height: 20px;
  overflow-wrap: anywhere;
}

.acts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}

.acts .ant-btn {
  justify-content: space-between;
}

.more {
  display: block;
}

.num.more {
  font-size: 12px;
  line-height: 16px;
}

.facts {
  grid-template-columns: 60px minmax(0, 1fr);
}

.steps {
  list-style: none;
  margin: 0;
  padding: 10px 0 0;
  border-top: 1px solid var(--line-soft);
  display: grid;
  gap: 10px;
}

.steps li {
  display: grid;
  grid-template-columns: 14px minmax(0, 1fr);
  gap: 10px;
  position: relative;
  font-size: 13px;
  line-height: 18px;
}

.steps li :deep(.shape) {
  margin-top: 2px;
}

.steps li + li::before {
  content: '';
  position: absolute;
  left: 6px;
  top: -10px;
  height: 10px;
  border-left: 2px solid var(--line);
}

.steps b {
  font-weight: 600;
  overflow-wrap: anywhere;
}

.link {
  border: 0;
  background: none;
  padding: 0;
  min-height: 24px;
  text-align: left;
  font: 600 13px/18px var(--text);
  color: var(--teal);
  cursor: pointer;
}

.problem {
  color: var(--brick);
}
</style>
