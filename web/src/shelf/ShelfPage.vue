<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, need, sentenceOf } from '../api/client'
import type { ShelfChoices, ShelfFile } from '../api/types'
import PageNav from '../shell/PageNav.vue'
import StationFrame from '../shell/StationFrame.vue'
import TickBox from '../shell/TickBox.vue'
import { useFreeKeysAfterClicks, useKeys } from '../shell/useKeys'
import AgainDialog from './AgainDialog.vue'
import FileStory from './FileStory.vue'
import { isNarrowed, NOTHING, type ShelfFilter } from './filter'
import { copyPicture, save } from './out'
import ShelfFilters from './ShelfFilters.vue'
import ShelfGrid from './ShelfGrid.vue'
import TidyDialog from './TidyDialog.vue'
import { useShelf } from './useShelf'

/** Everything that was ever delivered, found again. */
const { message } = App.useApp()
const route = useRoute()
const router = useRouter()
const client = useQueryClient()

const filter = ref<ShelfFilter>({
  ...NOTHING,
  batch: String(route.query.batch ?? ''),
  delivery: String(route.query.delivery ?? ''),
})
const { total, more, files, problem, answered, show, askAgain } = useShelf(filter)
const { data: choices } = useQuery({
  queryKey: ['shelf-choices'],
  queryFn: async () => (await need(api.GET('/api/v1/shelf/choices'))) as ShelfChoices,
})

const at = ref(0)
const marked = ref<ReadonlyMap<number, ShelfFile>>(new Map())
const chosen = computed(() => files.value.get(at.value))
/** What a command is for: the marked ones, else the one that is looked at. */
const meant = computed(() =>
  marked.value.size > 0 ? [...marked.value.values()] : chosen.value ? [chosen.value] : [],
)
watch(filter, () => (at.value = 0))

const grid = ref<InstanceType<typeof ShelfGrid> | null>(null)
const filters = ref<InstanceType<typeof ShelfFilters> | null>(null)
const again = ref(false)
const tidying = ref(false)

function refresh() {
  marked.value = new Map()
  askAgain()
  void client.invalidateQueries({ queryKey: ['shelf-choices'] })
}

async function copy() {
  if (!chosen.value) return
  try {
    await copyPicture(chosen.value)
    void message.success('Copied as PNG, with its transparency')
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

function openWhereMade() {
  const file = chosen.value
  if (!file) return
  void router.push({
    name: 'check',
    params: { id: file.batchId },
    query: { picture: file.pictureId },
  })
}

function sameTicket() {
  if (chosen.value) void router.push({ name: 'floor', query: { like: chosen.value.batchId } })
}

const ask = () => {
  if (meant.value.length > 0) again.value = true
}

useFreeKeysAfterClicks()
/** What is marked as text is copied as text. */
useEventListener(document, 'copy', (event: ClipboardEvent) => {
  const typing = (event.target as HTMLElement | null)?.closest('input, textarea') != null
  if (typing || String(window.getSelection() ?? '') !== '') return
  event.preventDefault()
  void copy()
})
useKeys({
  '/': () => filters.value?.focus(),
  ArrowLeft: () => grid.value?.left(),
  ArrowRight: () => grid.value?.right(),
  ArrowUp: () => grid.value?.up(),
  ArrowDown: () => grid.value?.down(),
  k: () => grid.value?.left(),
  j: () => grid.value?.right(),
  Home: () => grid.value?.first(),
  End: () => grid.value?.last(),
  m: () => grid.value?.mark(),
  s: () => meant.value.forEach(save),
  o: openWhereMade,
  d: ask,
  t: () => (tidying.value = true),
  Escape: () => (marked.value = new Map()),
  '0': () => void router.push({ name: 'floor' }),
})
</script>

<template>
  <div class="page">
    <PageNav />
    <StationFrame>
      <div class="shelf">
        <div class="head">
          <h1 class="title">The shelf</h1>
          <p class="quiet" role="status" data-found>
            <template v-if="answered">
              {{ more ? 'more than' : '' }}
              <span class="num">{{ total.toLocaleString('en') }}</span> finished
              {{ total === 1 ? 'file' : 'files' }}
            </template>
            <template v-if="marked.size > 0"> · {{ marked.size }} marked </template>
          </p>
          <span class="acts">
            <TickBox
              v-if="filter.delivery === ''"
              :on="filter.earlier"
              @update:on="(on: boolean) => (filter = { ...filter, earlier: on })"
            >
              also what was replaced
            </TickBox>
            <template v-if="marked.size > 0">
              <Button @click="meant.forEach(save)">Save {{ marked.size }}</Button>
              <Button @click="ask">Deliver again…</Button>
            </template>
            <Button @click="tidying = true">Tidy up… <kbd>T</kbd></Button>
          </span>
        </div>
        <ShelfFilters ref="filters" v-model="filter" :choices="choices" />
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <ShelfGrid
          v-if="total > 0"
          ref="grid"
          v-model:at="at"
          v-model:marked="marked"
          :total="total"
          :files="files"
          @show="show"
          @save="save"
        />
        <p v-else-if="answered && !problem" class="quiet none">
          {{
            isNarrowed(filter)
              ? 'Nothing on the shelf is like this. Take a word or a filter away.'
              : 'What is delivered stands here, with its story, for good. Nothing was delivered yet.'
          }}
        </p>
      </div>
      <template #ticket>
        <FileStory
          v-if="chosen"
          :file="chosen"
          @save="save(chosen)"
          @copy="copy"
          @open="openWhereMade"
          @again="ask"
          @template="sameTicket"
        />
        <p v-else class="quiet">A file’s story stands here.</p>
      </template>
    </StationFrame>
    <AgainDialog
      v-model:open="again"
      :files="meant"
      @started="(sentence: string) => void message.success(sentence, 6)"
    />
    <TidyDialog v-model:open="tidying" :marked="[...marked.values()]" @changed="refresh" />
  </div>
</template>

<style scoped>
.page {
  height: 100%;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
}

.shelf {
  height: 100%;
  padding: 16px 22px 0;
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr);
  gap: 12px;
}

.head {
  display: flex;
  align-items: baseline;
  gap: 12px;
}

.acts {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 8px;
}

.acts .tick {
  margin-right: 8px;
}

.none {
  padding-top: 30px;
}

.problem {
  color: var(--brick);
}
</style>
