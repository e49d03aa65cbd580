<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { refusedBy, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { Batch } from '../../api/types'

/** A photograph of the set without a subject: the cut is then almost exact. */
const props = defineProps<{ batch: Batch }>()
const { message } = App.useApp()
const client = useQueryClient()
const chooser = ref<HTMLInputElement | null>(null)
const busy = ref(false)
/** Grows with every change, so that the browser does not show the photograph from before. */
const change = ref(0)

async function send(method: 'PUT' | 'DELETE', body?: FormData) {
  busy.value = true
  try {
    const answer = await fetch(`/api/v1/batches/${props.batch.id}/empty-set`, { method, body })
    const sent: unknown = await answer.json().catch(() => null)
    if (!answer.ok) throw refusedBy(sent, answer.status)
    change.value++
    client.setQueryData(keys.batch(props.batch.id), sent as Batch)
  } catch (error) {
    void message.error(sentenceOf(error))
  } finally {
    busy.value = false
  }
}

function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  const body = new FormData()
  body.append('file', file)
  void send('PUT', body)
}
</script>

<template>
  <section class="panel empty-set">
    <img
      v-if="batch.emptySet"
      :src="`/api/v1/batches/${batch.id}/empty-set?shown=${change}`"
      alt="The empty set"
    />
    <i v-else class="frame" aria-hidden="true" />
    <div>
      <b>Empty set</b>
      <p v-if="batch.emptySet" class="small quiet">
        {{ batch.emptySet.name }},
        <span class="num">{{ batch.emptySet.width }} × {{ batch.emptySet.height }}</span
        >. Pictures of this size are cut against it from now on.
      </p>
      <p v-else class="small quiet">
        A photograph of the same set without a subject makes the cut almost exact.
      </p>
    </div>
    <span class="acts">
      <Button v-if="batch.emptySet" size="small" :loading="busy" @click="send('DELETE')">
        Take away
      </Button>
      <Button size="small" :loading="busy" @click="chooser?.click()">
        {{ batch.emptySet ? 'Another…' : 'Add a photograph…' }}
      </Button>
    </span>
    <input
      ref="chooser"
      type="file"
      accept="image/*,.heic,.heif,.avif"
      hidden
      aria-label="Empty-set photograph"
      @change="chosen"
    />
  </section>
</template>

<style scoped>
.empty-set {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 14px;
  align-items: center;
  padding: 8px 14px;
}

img,
.frame {
  width: 56px;
  height: 40px;
  object-fit: cover;
  border-radius: 4px;
  display: block;
}

.frame {
  border: 1.5px dashed var(--line);
}

.acts {
  display: flex;
  gap: 8px;
}
</style>
