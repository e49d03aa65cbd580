<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { api, need, sentenceOf } from '../../api/client'
import { showPicture } from '../../api/queries'
import type { Picture } from '../../api/types'

/** What could not be cut, each with its reason and what can be done about it. */
const props = defineProps<{ batchId: number; pictures: Picture[] }>()
const { message } = App.useApp()
const client = useQueryClient()

async function act(call: Promise<unknown>) {
  try {
    showPicture(client, (await call) as Picture)
  } catch (error) {
    void message.warning(sentenceOf(error))
  }
}

function recut(picture: Picture, method: string) {
  void act(
    need(
      api.POST('/api/v1/pictures/{id}/recut', {
        params: { path: { id: picture.id } },
        body: { method },
      }),
    ),
  )
}

async function recutAll(method?: string) {
  try {
    const { queued } = await need(
      api.POST('/api/v1/batches/{id}/cut-failed', {
        params: { path: { id: props.batchId } },
        body: { method },
      }),
    )
    if (queued === 0) void message.info('Nothing had failed any more.')
  } catch (error) {
    void message.warning(sentenceOf(error))
  }
}

function leaveWhole(picture: Picture) {
  void act(
    need(api.POST('/api/v1/pictures/{id}/leave-whole', { params: { path: { id: picture.id } } })),
  )
}
</script>

<template>
  <section v-if="pictures.length > 0" class="panel failed">
    <header>
      <h3>Could not be cut</h3>
      <span v-if="pictures.length > 1" class="acts">
        <Button size="small" @click="recutAll('busy')">
          Try all {{ pictures.length.toLocaleString('en') }} as busy scenes
        </Button>
        <Button size="small" @click="recutAll()">Cut all again</Button>
      </span>
    </header>
    <div v-for="picture in pictures" :key="picture.id" class="one">
      <span class="num cut">{{ picture.fileName }}</span>
      <span>{{ picture.problem }}</span>
      <span class="acts">
        <Button size="small" @click="recut(picture, 'busy')">Try as busy scene</Button>
        <Button size="small" @click="leaveWhole(picture)">Leave whole</Button>
      </span>
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

.one {
  display: grid;
  grid-template-columns: 200px 1fr auto;
  gap: 12px;
  align-items: center;
  padding: 5px 0;
  font-size: 13px;
  line-height: 18px;
}

.acts {
  display: flex;
  gap: 6px;
}
</style>
