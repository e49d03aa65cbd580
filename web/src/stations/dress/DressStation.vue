<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { sentenceOf } from '../../api/client'
import { useSpecs } from '../../api/queries'
import StationFrame from '../../shell/StationFrame.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import AddPart from './AddPart.vue'
import CompareLooks from './CompareLooks.vue'
import DressStage from './DressStage.vue'
import LookBar from './LookBar.vue'
import LookProblems from './LookProblems.vue'
import { matchedTo } from './matchTone'
import NameLook from './NameLook.vue'
import OwnChanges from './OwnChanges.vue'
import PartList from './PartList.vue'
import PartSettings from './PartSettings.vue'
import SixPictures from './SixPictures.vue'
import { useChosenPart } from './useChosenPart'
import { provideDropper } from './useDropper'
import { useLook } from './useLook'
import { useLookProblems } from './useLookProblems'
import { useOwnChanges } from './useOwnChanges'
import { usePalette } from './usePalette'
import { useShelf } from './useShelf'
import { useShown } from './useShown'

/** The batch's look: made once on the set, seen on several pictures at once, saved as it is changed. */
const { message } = App.useApp()
const { batchId, batch, pictures, selectedId, loaded } = useBench()
const router = useRouter()
const own = useOwnChanges(batchId)
const bench = useLook(batchId, batch, own)
const { data: specs } = useSpecs(batchId)
const { ready, shown, sample, frame, size, six, step, more } = useShown(pictures, selectedId, specs)
const problems = useLookProblems(batch, size, own, bench)
const dropper = provideDropper()

const part = useChosenPart(ready, shown, bench, own)
const chosen = part.chosen
const palette = usePalette(shown)
const columns = computed(() => [...new Set(pictures.value.flatMap((p) => Object.keys(p.columns)))])

async function matchThis() {
  const it = chosen.value
  if (!it || !shown.value) return
  bench.set(it.id, await matchedTo(shown.value, it.setting))
}

/** What goes wrong is said; nothing that was made is lost by it. */
async function tell(work: Promise<unknown>) {
  try {
    await work
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

const { looks, naming, renames, compares, act, named, take, takeNewest } = useShelf(
  batch,
  bench,
  tell,
)

const deliver = () => void router.push({ name: 'deliver', params: { id: batchId.value } })

useKeys({
  'Ctrl+z': bench.undo,
  'Ctrl+Shift+z': bench.redo,
  'Ctrl+s': () => act('new'),
  'Shift+ArrowRight': more,
  j: () => step(1),
  k: () => step(-1),
  ArrowRight: () => step(1),
  ArrowLeft: () => step(-1),
  ArrowDown: () => part.choose(1),
  ArrowUp: () => part.choose(-1),
  c: () => (compares.value = !compares.value),
  Escape: () => {
    dropper.stop()
    compares.value = false
  },
  o: () => (part.onlyHere.value = !part.onlyHere.value),
  x: part.switchChosen,
})
</script>

<template>
  <StationFrame>
    <div v-if="shown && batch" class="dress">
      <nav class="parts">
        <h2>Look, back to front</h2>
        <PartList
          v-model:selected-id="bench.selectedId.value"
          :parts="part.parts.value"
          :changed-ids="part.ownParts.value.map((p) => p.id)"
          @toggle="part.change({ ...$event, on: !$event.on }, '')"
          @move="bench.move"
          @remove="bench.remove"
        />
        <AddPart :parts="bench.parts.value" @add="bench.add" />
        <LookProblems
          :data="problems.problems.value"
          :busy="problems.mending.value"
          :mended="problems.mended.value?.size ?? null"
          class="set"
          @mend="tell(problems.mend($event))"
          @take-back="problems.takeBack"
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
          v-model:compares="compares"
          :looks="looks ?? []"
          :current="batch.look"
          :specs="specs ?? []"
          :sample="sample ?? shown"
          @use="tell(bench.use($event))"
          @act="act"
          @newest="takeNewest"
        />
        <p v-if="bench.conflict.value" class="conflict" role="alert">
          {{ bench.conflict.value }}
          <Button size="small" @click="act('new')">Keep as a new look…</Button>
          <Button size="small" @click="tell(bench.takeTheirs())">Take theirs</Button>
        </p>
        <CompareLooks
          v-if="compares"
          :picture="shown"
          :looks="looks ?? []"
          :current-id="batch.look.id"
          :current-parts="part.parts.value"
          :width="size.width"
          :height="size.height"
          @use="take"
        />
        <DressStage
          v-else
          :picture="shown"
          :parts="part.parts.value"
          :selected="chosen"
          :own-changes="part.ownParts.value.length"
          :width="size.width"
          :height="size.height"
          @set="(p, setting, key) => part.change({ ...p, setting }, key)"
          @select="bench.selectedId.value = $event"
        />
        <SixPictures
          :pictures="six"
          :total="ready.length"
          :parts-of="part.partsOf"
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
        :problems="problems.problems.value"
        @set="part.setChosen"
        @rename="part.change({ ...chosen, name: $event }, 'name')"
        @match-this="tell(matchThis())"
      />
      <OwnChanges
        v-if="shown"
        v-model:only-here="part.onlyHere.value"
        :picture="shown"
        :parts="part.ownParts.value"
        :others="part.differing.value"
        @take-back="part.takeBack"
        @show="selectedId = $event.id"
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

.set {
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
