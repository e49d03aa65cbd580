<script setup lang="ts">
import { App, Button, Checkbox, Input, Modal } from 'ant-design-vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, need, sentenceOf } from '../../api/client'
import { useSpecs } from '../../api/queries'
import type { KeptLook, Picture } from '../../api/types'
import { changedBy, withPart, type Part, type Setting } from '../../look/look'
import StationFrame from '../../shell/StationFrame.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import AddPart from './AddPart.vue'
import { mostDiffering } from './differing'
import DressStage from './DressStage.vue'
import LookBar from './LookBar.vue'
import LookProblems from './LookProblems.vue'
import PartList from './PartList.vue'
import PartSettings from './PartSettings.vue'
import SixPictures from './SixPictures.vue'
import { useLook } from './useLook'
import { useLookFiles } from './useLookFiles'
import { useOwnChanges } from './useOwnChanges'
import { usePalette } from './usePalette'

/** The batch's look: made once on the set, seen on several pictures at once, saved as it is changed. */
const { message } = App.useApp()
const { batchId, batch, pictures, selected, selectedId, loaded } = useBench()
const client = useQueryClient()
const router = useRouter()
const bench = useLook(batchId, batch)
const { data: specs } = useSpecs(batchId)
const { data: looks } = useQuery({
  queryKey: ['looks'],
  queryFn: async () => (await need(api.GET('/api/v1/looks'))) as KeptLook[],
})

const ready = computed(() =>
  pictures.value.filter((p) => ['passed', 'delivered', 'left-whole'].includes(p.state)),
)
const shown = computed(() => ready.value.find((p) => p.id === selected.value?.id) ?? ready.value[0])
const frame = ref(0)
const SQUARE = { width: 1200, height: 1200 }
const size = computed(() => {
  const spec = frame.value < 0 ? undefined : specs.value?.[frame.value]
  return spec?.width && spec.height ? { width: spec.width, height: spec.height } : SQUARE
})

const SIX = 6
const round = ref(0)
const order = computed(() => mostDiffering(ready.value, shown.value))
const six = computed(() => {
  const from = order.value.length > SIX ? (round.value * SIX) % order.value.length : 0
  return [...order.value, ...order.value].slice(from, from + Math.min(SIX, order.value.length))
})

const own = useOwnChanges(batchId)
/** What is changed now counts for the picture that is shown alone. */
const onlyHere = ref(false)
watch(
  () => shown.value?.id,
  () => (onlyHere.value = false),
)
const ownParts = computed(() => (shown.value ? own.of(shown.value) : []))
const partsOf = (picture: Picture) => changedBy(bench.parts.value, own.of(picture))
const partsHere = computed(() => (shown.value ? partsOf(shown.value) : bench.parts.value))
const chosen = computed(() => partsHere.value.find((p) => p.id === bench.selectedId.value))
const palette = usePalette(shown)
const columns = computed(() => [...new Set(pictures.value.flatMap((p) => Object.keys(p.columns)))])

function change(part: Part, key: string) {
  const isOwn = ownParts.value.some((p) => p.id === part.id)
  if (shown.value && (onlyHere.value || isOwn)) own.set(shown.value, withPart(ownParts.value, part))
  else bench.changePart(part.id, part, key)
}

function setChosen(setting: Setting, key: string) {
  if (chosen.value) change({ ...chosen.value, setting }, key)
}

async function matchThis() {
  const part = chosen.value
  if (part?.setting.kind !== 'tone' || !shown.value) return
  try {
    const reference = await need(
      api.GET('/api/v1/pictures/{id}/tone', { params: { path: { id: shown.value.id } } }),
    )
    bench.set(part.id, { ...part.setting, reference: reference as never, match: 80 })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

const naming = ref<'new' | 'rename' | null>(null)
const newName = ref('')
const files = useLookFiles()

function act(what: 'new' | 'rename' | 'file' | 'take' | 'remove') {
  if (what === 'new' || what === 'rename') {
    newName.value = what === 'rename' ? bench.name.value : `${bench.name.value} 2`
    naming.value = what
  } else if (what === 'file' && batch.value) {
    files.save(batch.value.look.id)
  } else {
    void tell(what === 'take' ? takeFile() : removeLook())
  }
}

async function named() {
  const what = naming.value
  naming.value = null
  if (what === 'rename') bench.rename(newName.value)
  else await tell(bench.keepAsNew(newName.value))
}

async function takeFile() {
  const kept = await files.take()
  if (kept) await bench.use(kept)
}

async function removeLook() {
  if (!batch.value) return
  await need(api.DELETE('/api/v1/looks/{id}', { params: { path: { id: batch.value.look.id } } }))
  await client.invalidateQueries({ queryKey: ['looks'] })
}

/** What goes wrong is said; nothing that was made is lost by it. */
async function tell(work: Promise<unknown>) {
  try {
    await work
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

function step(by: number) {
  const i = ready.value.findIndex((p) => p.id === shown.value?.id)
  selectedId.value = ready.value[Math.max(0, Math.min(ready.value.length - 1, i + by))]?.id ?? null
}

function choosePart(by: number) {
  const all = bench.parts.value
  const i = all.findIndex((p) => p.id === bench.selectedId.value)
  bench.selectedId.value = all[Math.max(0, Math.min(all.length - 1, i + by))]?.id ?? null
}

function deliver() {
  void router.push({ name: 'deliver', params: { id: batchId.value } })
}

useKeys({
  'Ctrl+z': bench.undo,
  'Ctrl+Shift+z': bench.redo,
  'Ctrl+s': () => act('new'),
  'Shift+ArrowRight': () => round.value++,
  j: () => step(1),
  k: () => step(-1),
  ArrowRight: () => step(1),
  ArrowLeft: () => step(-1),
  ArrowDown: () => choosePart(1),
  ArrowUp: () => choosePart(-1),
  o: () => (onlyHere.value = !onlyHere.value),
  x: () => chosen.value && change({ ...chosen.value, on: !chosen.value.on }, ''),
})
</script>

<template>
  <StationFrame>
    <div v-if="shown && batch" class="dress">
      <nav class="parts">
        <h2>Look, back to front</h2>
        <PartList
          v-model:selected-id="bench.selectedId.value"
          :parts="partsHere"
          :changed-ids="ownParts.map((p) => p.id)"
          @toggle="change({ ...$event, on: !$event.on }, '')"
          @move="bench.move"
          @remove="bench.remove"
        />
        <AddPart :parts="bench.parts.value" @add="bench.add" />
        <LookProblems
          :batch="batch"
          :width="size.width"
          :height="size.height"
          :saved="bench.isSaved.value"
          class="hurts"
          @show="
            (picture, part) => {
              selectedId = picture
              if (part) bench.selectedId.value = part
            }
          "
        />
      </nav>
      <div class="middle">
        <LookBar
          v-model:frame="frame"
          :looks="looks ?? []"
          :current="batch.look"
          :specs="specs ?? []"
          @use="tell(bench.use($event))"
          @act="act"
        />
        <p v-if="bench.conflict.value" class="conflict" role="alert">
          {{ bench.conflict.value }}
          <Button size="small" @click="act('new')">Keep as a new look…</Button>
          <Button size="small" @click="tell(bench.takeTheirs())">Take theirs</Button>
        </p>
        <DressStage
          :picture="shown"
          :parts="partsHere"
          :selected="chosen"
          :width="size.width"
          :height="size.height"
          @set="setChosen"
        />
        <SixPictures
          :pictures="six"
          :total="ready.length"
          :parts-of="partsOf"
          :width="size.width"
          :height="size.height"
          @choose="selectedId = $event.id"
          @more="round++"
        />
      </div>
    </div>
    <div v-else-if="loaded" class="empty">
      <b>Nothing is passed yet.</b>
      <span class="quiet">Pass cutouts in Check; they can be dressed and delivered then.</span>
    </div>
    <template #ticket>
      <PartSettings
        v-if="chosen"
        :key="chosen.id"
        :part="chosen"
        :columns="columns"
        :palette="palette"
        @set="setChosen"
        @rename="change({ ...chosen, name: $event }, 'name')"
        @match-this="matchThis"
      />
      <section v-if="shown" aria-label="This picture">
        <h2>This picture</h2>
        <p class="cut small">{{ shown.fileName }}</p>
        <Checkbox v-model:checked="onlyHere">
          Changes count for this picture only <kbd>O</kbd>
        </Checkbox>
        <ul v-if="ownParts.length" class="own">
          <li v-for="part in ownParts" :key="part.id">
            <span>{{ part.name }}</span>
            <button @click="own.takeBack(shown, part.id)">As the look</button>
          </li>
        </ul>
        <p v-else class="small quiet">As the look says.</p>
        <Button
          v-if="ownParts.length && shown.group"
          size="small"
          @click="tell(own.toGroup(shown))"
        >
          Same for its group “{{ shown.group }}”
        </Button>
      </section>
    </template>
    <template #acts>
      <span class="small quiet" :data-saved="bench.isSaved.value" role="status">
        {{
          bench.problem.value ||
          (bench.isSaved.value ? 'Saved as you change it.' : 'Saving what you changed')
        }}
      </span>
      <div class="two">
        <Button :disabled="!bench.canUndo.value" @click="bench.undo">
          Undo <kbd>Ctrl Z</kbd>
        </Button>
        <Button :disabled="!bench.canRedo.value" @click="bench.redo">Redo</Button>
      </div>
      <Button :disabled="!shown" @click="act('new')"> Keep as a new look <kbd>Ctrl S</kbd> </Button>
      <Button type="primary" :disabled="!shown" @click="deliver">Deliver <kbd>6</kbd></Button>
    </template>
  </StationFrame>
  <Modal
    :open="naming !== null"
    :title="naming === 'rename' ? 'Rename this look' : 'Keep as a new look'"
    ok-text="Keep"
    :ok-button-props="{ disabled: newName.trim() === '' }"
    @ok="named"
    @cancel="naming = null"
  >
    <Input
      v-model:value="newName"
      aria-label="Name of the look"
      :maxlength="80"
      @press-enter="named"
    />
  </Modal>
</template>

<style scoped>
.dress {
  height: 100%;
  display: grid;
  grid-template-columns: 196px minmax(0, 1fr);
}

.parts {
  border-right: 1px solid var(--line);
  background: var(--panel);
  padding: 14px 10px;
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-height: 0;
}

.parts h2 {
  margin: 0 0 4px 8px;
}

.hurts {
  margin-top: auto;
}

.middle {
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr) auto;
  grid-template-columns: minmax(0, 1fr);
  min-height: 0;
}

.middle :deep(.room) {
  grid-row: 3;
}

.middle :deep(.six) {
  grid-row: 4;
}

.conflict {
  background: var(--saffron-wash);
  padding: 8px 14px;
  font-size: 13px;
}

.own {
  list-style: none;
  margin: 6px 0;
  padding: 0;
}

.own li {
  display: flex;
  justify-content: space-between;
  font-size: 13px;
  line-height: 24px;
}

.own button {
  border: 0;
  background: none;
  font: 600 13px/24px var(--text);
  color: var(--teal);
  cursor: pointer;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.empty {
  height: 100%;
  display: grid;
  place-content: center;
  gap: 4px;
  text-align: center;
}
</style>
