<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api, need, sentenceOf } from '../../api/client'
import type { Picture } from '../../api/types'
import { useActs } from '../intake/useActs'
import { byKind, REMEDY_WORDS, type Remedy } from './failures'

/** What could not be cut, by kind: why, and the one thing that helps, for all or for one. */
const props = defineProps<{ batchId: number; pictures: Picture[] }>()
const emit = defineEmits<{ guide: [picture: Picture] }>()
const { message } = App.useApp()
const router = useRouter()
const { act } = useActs(computed(() => props.batchId))
const kinds = computed(() => byKind(props.pictures))
const SHOWN = 6

/** In their batch's turn: many at once must not push ahead of every other batch. */
async function recut(pictures: Picture[], method: string | undefined) {
  await need(
    api.POST('/api/v1/batches/{id}/cut-failed', {
      params: { path: { id: props.batchId } },
      body: { method, ids: pictures.map((p) => p.id) },
    }),
  )
}

async function mend(pictures: Picture[], remedy: Remedy) {
  try {
    if (remedy === 'leave-whole') {
      await act(
        pictures.map((p) => p.id),
        { action: 'leave-whole' },
      )
    } else if (remedy === 'guide') {
      pictures.slice(0, 1).forEach((picture) => emit('guide', picture))
    } else if (remedy === 'swap') {
      await router.push({ name: 'intake', params: { id: props.batchId } })
    } else {
      await recut(pictures, remedy === 'busy' ? 'busy' : undefined)
    }
  } catch (error) {
    void message.warning(sentenceOf(error))
  }
}

const label = (pictures: Picture[], remedy: Remedy) =>
  pictures.length > 1 && remedy !== 'guide' && remedy !== 'swap'
    ? `${REMEDY_WORDS[remedy]}: all ${pictures.length.toLocaleString('en')}`
    : REMEDY_WORDS[remedy]

async function retryAll() {
  try {
    await need(
      api.POST('/api/v1/batches/{id}/cut-failed', {
        params: { path: { id: props.batchId } },
        body: {},
      }),
    )
  } catch (error) {
    void message.warning(sentenceOf(error))
  }
}
</script>

<template>
  <section v-if="pictures.length > 0" class="panel failed" aria-label="Could not be cut">
    <header>
      <h2>Could not be cut</h2>
      <Button v-if="pictures.length > 1" size="small" @click="retryAll">
        Cut all {{ pictures.length.toLocaleString('en') }} again
      </Button>
    </header>
    <div v-for="kind in kinds" :key="kind.kind" class="kind">
      <p>
        <b class="num">{{ kind.pictures.length.toLocaleString('en') }}</b> {{ kind.words }}
      </p>
      <span class="acts">
        <Button size="small" type="primary" ghost @click="mend(kind.pictures, kind.remedy)">
          {{ label(kind.pictures, kind.remedy) }}
        </Button>
      </span>
      <ul>
        <li v-for="picture in kind.pictures.slice(0, SHOWN)" :key="picture.id">
          <span class="num cut">{{ picture.fileName }}</span>
          <span class="quiet cut" :title="picture.problem ?? ''">{{ picture.problem }}</span>
          <span class="acts">
            <Button
              v-if="kind.pictures.length > 1"
              size="small"
              @click="mend([picture], kind.remedy)"
            >
              {{ REMEDY_WORDS[kind.remedy] }}
            </Button>
            <Button
              v-if="kind.remedy !== 'leave-whole'"
              size="small"
              @click="mend([picture], 'leave-whole')"
            >
              Leave whole
            </Button>
          </span>
        </li>
        <li v-if="kind.pictures.length > SHOWN" class="quiet">
          and {{ (kind.pictures.length - SHOWN).toLocaleString('en') }} more of this kind
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.failed {
  padding: 12px 16px;
  border-left: 3px solid var(--brick);
}

header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 6px;
}

.kind {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 12px;
  align-items: center;
  padding: 6px 0;
}

ul {
  grid-column: 1 / -1;
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 200px 1fr auto;
  gap: 12px;
  align-items: center;
  padding: 3px 0;
  border-top: 1px solid var(--line-soft);
  font-size: 13px;
  line-height: 18px;
}

.acts {
  display: flex;
  gap: 6px;
}
</style>
