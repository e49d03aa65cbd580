<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, need, sentenceOf } from '../../api/client'
import { useSpecs } from '../../api/queries'
import type { Picture } from '../../api/types'
import { changedBy, withPart, type Part, type Setting } from '../../look/look'
import StationFrame from '../../shell/StationFrame.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import AddPart from './AddPart.vue'
import DressStage from './DressStage.vue'
import LookBar from './LookBar.vue'
import LookProblems from './LookProblems.vue'
import NameLook from './NameLook.vue'
import OwnChanges from './OwnChanges.vue'
import PartList from './PartList.vue'
import PartSettings from './PartSettings.vue'
import SixPictures from './SixPictures.vue'
import { useLook } from './useLook'
import { useOwnChanges } from './useOwnChanges'
import { usePalette } from './usePalette'
import { useShelf } from './useShelf'
import { useShown } from './useShown'

/** The batch's look: made once on the set, seen on several pictures at once, saved as it is changed. */
const { message } = App.useApp()
const { batchId, batch, pictures, selectedId, loaded } = useBench()
const router = useRouter()
const bench = useLook(batchId, batch)
const { data: specs } = useSpecs(batchId)
const { ready, shown, frame, size, six, step, more } = useShown(pictures, selectedId, specs)

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

/** What goes wrong is said; nothing that was made is lost by it. */
async function tell(work: Promise<unknown>) {
  try {
    await work
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

const { looks, naming, renames, act, named } = useShelf(batch, bench, tell)

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
  'Shift+ArrowRight': more,
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
          @more="more"
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
      <OwnChanges
        v-if="shown"
        v-model:only-here="onlyHere"
        :picture="shown"
        :parts="ownParts"
        @take-back="own.takeBack(shown, $event)"
        @to-group="tell(own.toGroup(shown))"
      />
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
  <NameLook
    v-model:open="naming"
    :title="renames ? 'Rename this look' : 'Keep as a new look'"
    :suggested="renames ? bench.name.value : `${bench.name.value} 2`"
    @named="named"
  />
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
