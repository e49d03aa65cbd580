<script setup lang="ts">
import { App, Button, Popconfirm, Segmented } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, toRef } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys, useRun } from '../../api/queries'
import type { Batch, Run } from '../../api/types'
import { durationWords } from '../../shell/timeLeft'

/** How far the run is, and the hands that steer it; honest about what is not known yet. */
const props = defineProps<{ batch: Batch }>()
const { message } = App.useApp()
const client = useQueryClient()
const run = useRun(toRef(() => props.batch.id))

const r = computed(() => run.data.value)
const left = computed(() => (r.value ? r.value.waiting + r.value.inWork.length : 0))
const done = computed(() => r.value?.done ?? 0)
const failed = computed(() => r.value?.failed ?? 0)
const total = computed(() => left.value + done.value + failed.value)
const share = (n: number) => `${total.value === 0 ? 0 : (n / total.value) * 100}%`
const count = (n: number) => n.toLocaleString('en')
const slowest = computed(() => r.value?.inWork[0])
const title = computed(() => {
  if (!r.value) return ''
  if (left.value === 0) return 'All cut that were asked for'
  const words = left.value === 1 ? '1 picture' : `${count(left.value)} pictures`
  return r.value.paused ? `Paused with ${words} left` : `Cutting ${words} in the background`
})
const PRIORITIES = [
  { value: 'first', label: 'Before others' },
  { value: 'usual', label: 'In turn' },
  { value: 'last', label: 'After others' },
]

async function steer(call: Promise<unknown>) {
  try {
    client.setQueryData(keys.run(props.batch.id), await call)
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

const path = () => ({ params: { path: { id: props.batch.id } } })

function pauseOrResume() {
  if (!r.value || left.value === 0) return
  void steer(
    need(
      r.value.paused
        ? api.POST('/api/v1/batches/{id}/run/resume', path())
        : api.POST('/api/v1/batches/{id}/run/pause', path()),
    ),
  )
}

function cancel() {
  void steer(need(api.POST('/api/v1/batches/{id}/run/cancel', path())))
}

function setPriority(priority: unknown) {
  void steer(
    need(
      api.PUT('/api/v1/batches/{id}/run/priority', {
        ...path(),
        body: { priority: priority as Run['priority'] },
      }),
    ),
  )
}

async function setWorkers(workers: number) {
  try {
    await need(api.PUT('/api/v1/workers', { body: { workers } }))
    await client.invalidateQueries({ queryKey: keys.run(props.batch.id) })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

defineExpose({ pauseOrResume })
</script>

<template>
  <section v-if="r && total > 0" class="panel run" aria-live="polite" aria-label="Run">
    <div class="top">
      <b>{{ title }}</b>
      <span class="num">{{ count(done + failed) }} of {{ count(total) }}</span>
      <span v-if="left > 0" class="hands">
        <Button size="small" @click="pauseOrResume">
          {{ r.paused ? 'Go on' : 'Pause' }} <kbd>P</kbd>
        </Button>
        <Popconfirm
          :title="`${count(r.waiting)} leave the queue. What is cut stays.`"
          ok-text="Take them out"
          cancel-text="Go on cutting"
          @confirm="cancel"
        >
          <Button size="small">Stop…</Button>
        </Popconfirm>
      </span>
    </div>
    <div class="track">
      <i :style="{ width: share(done), background: 'var(--teal)' }" />
      <i :style="{ width: share(failed), background: 'var(--brick)' }" />
      <i :style="{ width: share(r.inWork.length) }" class="now" />
    </div>
    <p v-if="r.trouble" class="trouble" role="alert">{{ r.trouble }}</p>
    <div class="numbers">
      <span
        ><b>{{ count(done) }}</b
        >done</span
      >
      <span
        ><b :class="{ bad: failed > 0 }">{{ count(failed) }}</b
        >failed</span
      >
      <template v-if="left > 0">
        <span
          ><b>{{ count(left) }}</b
          >left</span
        >
        <span v-if="r.perMinute !== null && !r.paused"
          ><b>{{ r.perMinute.toFixed(1) }}</b
          >a minute</span
        >
        <span v-if="!r.paused"
          ><b>{{ r.secondsLeft === null ? 'not known yet' : durationWords(r.secondsLeft) }}</b
          >time left</span
        >
        <span v-if="slowest" class="slowest" :title="slowest.fileName"
          ><b>{{ slowest.seconds.toFixed(0) }} s</b>slowest now,
          {{ slowest.megapixels.toFixed(0) }} MP</span
        >
        <span v-if="r.ahead > 0 && !r.paused"
          ><b>{{ count(r.ahead) }}</b
          >of other batches first</span
        >
        <span class="steer">
          <Segmented
            :value="r.priority"
            :options="PRIORITIES"
            size="small"
            aria-label="Order among batches"
            @change="setPriority"
          />
          <span class="workers" role="group" aria-label="Workers">
            <button
              :disabled="r.workers <= 1"
              aria-label="One worker less"
              @click="setWorkers(r.workers - 1)"
            >
              −
            </button>
            <b class="num">{{ r.workers }}</b> of {{ r.mostWorkers }}
            {{ r.mostWorkers === 1 ? 'worker' : 'workers' }}
            <button
              :disabled="r.workers >= r.mostWorkers"
              aria-label="One worker more"
              @click="setWorkers(r.workers + 1)"
            >
              +
            </button>
          </span>
        </span>
      </template>
    </div>
  </section>
</template>

<style scoped>
.run {
  padding: 14px 16px;
  display: grid;
  gap: 8px;
}

.top {
  display: flex;
  gap: 12px;
  align-items: center;
}

.top .num {
  margin-left: auto;
}

.hands {
  display: flex;
  gap: 6px;
}

.track {
  height: 12px;
  border-radius: 6px;
  background: #e9e0cd;
  display: flex;
  overflow: hidden;
}

.track i {
  transition: width 0.3s;
}

.now {
  background: repeating-linear-gradient(45deg, var(--teal) 0 4px, #e9e0cd 4px 8px);
}

.trouble {
  color: var(--brick);
}

.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  font-size: 13px;
  color: var(--quiet);
  align-items: end;
}

.numbers > span > b {
  display: block;
  font: 600 15px/20px var(--mono);
  color: var(--ink);
}

.numbers b.bad {
  color: var(--brick);
}

.steer {
  margin-left: auto;
  display: flex;
  gap: 14px;
  align-items: center;
}

.workers {
  display: flex;
  gap: 5px;
  align-items: center;
}

.workers b {
  color: var(--ink);
}

.workers button {
  width: 22px;
  height: 22px;
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--panel);
  cursor: pointer;
  font: inherit;
}

.workers button:disabled {
  opacity: 0.4;
  cursor: default;
}
</style>
