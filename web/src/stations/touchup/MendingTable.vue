<script setup lang="ts">
import { App, Button } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { onMended } from '../../api/mended'
import { methodLabel, type Picture } from '../../api/types'
import StationFrame from '../../shell/StationFrame.vue'
import { useBench } from '../../shell/useBench'
import { useHeld } from '../../shell/useHeld'
import { useKeys } from '../../shell/useKeys'
import BackdropBar from '../../stage/BackdropBar.vue'
import type { Box } from '../../stage/box'
import AskedFor from './AskedFor.vue'
import BenchStage from './BenchStage.vue'
import BenchLoupe from './BenchLoupe.vue'
import BenchMends from './BenchMends.vue'
import ClashDialog from './ClashDialog.vue'
import EdgePanel from './EdgePanel.vue'
import EditsPanel from './EditsPanel.vue'
import ToolBar from './ToolBar.vue'
import ToolColumn from './ToolColumn.vue'
import { useBenchFindings } from './useBenchFindings'
import { useBenchMends } from './useBenchMends'
import { useBenchKeys } from './useBenchKeys'
import { useLooks } from './useLooks'
import { useSources } from './useSources'
import { useSpread } from './useSpread'
import { newKey } from './tools/hand'
import { useTable } from './useTable'

/** One picture on the bench: photograph with the removed part hatched beside the result. */
const props = defineProps<{ picture: Picture }>()
const { message } = App.useApp()
const { pictures } = useBench()
const hatchStage = ref<InstanceType<typeof BenchStage> | null>(null)
const resultStage = ref<InstanceType<typeof BenchStage> | null>(null)

function redraw(part?: Box) {
  resultStage.value?.redraw(part)
  hatchStage.value?.redraw(part)
}
const table = useTable(props.picture, redraw, (sentence) => void message.warning(sentence, 5))
const { view, board, edits, settings, tool } = table
onMended((id, state) => id === props.picture.id && edits.announce(state), edits.lookAgain)
// Its group was given other edges, or it was cut again.
watch(() => props.picture.revision, edits.lookAgain)
const found = useBenchFindings(props.picture, edits.state, view)
const counting = computed(() => (edits.baseVersionId.value === null ? null : edits.active.value))
const mends = useBenchMends(props.picture, view, counting, (edit) => edits.add(newKey(), edit))
const spread = useSpread(props.picture, () => pictures.value, table)
const looks = useLooks(props.picture, table)
const { backdrop, sideBySide, hatch, loupe } = looks
const grab = useHeld('v')

/** The retoucher begins where the checker looked. */
const showAsked = () => props.picture.remark && view.showPart(props.picture.remark)
watch(board, (now, before) => now && !before && showAsked())

const sources = useSources(() => props.picture, table)

const saving = computed(() =>
  edits.trouble.value !== ''
    ? `Not saved yet: ${edits.trouble.value}`
    : edits.waiting.value > 0
      ? 'Saving'
      : 'Saved as you work',
)

useBenchKeys(table, found, looks)
useKeys({ y: () => mends.take() })
defineExpose({ saved: edits.saved })
</script>

<template>
  <StationFrame>
    <div class="bench">
      <ToolColumn :tool="tool" :settings="settings" @choose="table.choose" />
      <section class="work">
        <div class="bar">
          <ToolBar
            v-model:brush="table.brush"
            v-model:version="table.version.value"
            v-model:area="table.area.value"
            v-model:settings="table.settings"
            :tool="tool"
            :sources="sources"
            @use-area="table.apply"
            @drop-area="table.drawn.drop"
          />
        </div>
        <div class="stages" :class="{ two: sideBySide }">
          <BenchStage
            v-if="sideBySide"
            ref="hatchStage"
            :table="table"
            :painter="looks.hatchPaint.value"
            :grab="grab"
            label="Photograph, removed part hatched"
          >
            <label class="strength" title="How strongly the hatch shows">
              <input v-model.number="hatch" type="range" min="10" max="100" aria-label="Hatch" />
            </label>
          </BenchStage>
          <BenchStage
            ref="resultStage"
            :table="table"
            :painter="looks.resultPaint.value"
            :grab="grab"
            :label="looks.resultLabel.value"
            :findings="found.findings.value"
            :chosen="found.chosen.value"
            :all-drawn="found.allDrawn.value"
            data-stage="result"
            :data-ready="table.drawnState.value !== ''"
            :data-state="table.drawnState.value"
          >
            <span class="grounds">
              <BackdropBar v-model:backdrop="backdrop" :tell-tale="picture.tellTale" />
            </span>
          </BenchStage>
        </div>
        <BenchLoupe v-if="loupe" :table="table" :backdrop="looks.ground.value" />
      </section>
    </div>
    <template #film><slot name="film" /></template>
    <template #ticket>
      <AskedFor :picture="picture" @show="showAsked" />
      <div class="name">{{ picture.fileName }}</div>
      <BenchMends :picture="picture" :offers="mends.offers.value" @take="mends.take" />
      <EdgePanel
        v-if="tool === 'edge'"
        v-model:edge="table.edge.edge.value"
        :inside="settings.limit && table.area.value !== null"
        :others="spread.others.value"
        :group="picture.group"
        :long-side="Math.max(picture.width, picture.height)"
        :before="table.edge.before.value"
        @look="table.edge.look"
        @as-before="table.edge.asBefore"
        @keep="table.edge.keep()"
        @spread="spread.run"
      />
      <EditsPanel
        :edits="edits.made.value"
        :method="methodLabel(picture.method)"
        :confidence="picture.confidence"
        :look-of="table.lookOf"
        :notes="spread.notes.value"
        @take-back="spread.takeBack"
        @toggle="(edit, enabled) => edits.change(edit, { enabled })"
        @shift="edits.shift"
        @remove="edits.remove"
        @show="(edit) => edit.box && view.showPart(edit.box)"
      />
    </template>
    <template #acts>
      <div class="saved small" :class="{ trouble: edits.trouble.value !== '' }" aria-live="polite">
        <span data-saving>{{ saving }}</span>
        <span>Undo <kbd>Ctrl Z</kbd></span>
      </div>
      <slot name="done" />
      <Button :disabled="edits.made.value.length === 0" @click="edits.backToAutomatic">
        Back to automatic
      </Button>
    </template>
    <ClashDialog
      :open="edits.clash.value !== null"
      :picture="picture"
      :before="edits.clash.value"
      @choose="(from) => void edits.settleClash(from).then(table.lay)"
    />
  </StationFrame>
</template>

<style scoped>
.bench {
  height: 100%;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
}

.work {
  display: grid;
  grid-template-rows: 44px minmax(0, 1fr) auto;
  min-width: 0;
  min-height: 0;
}

.bar {
  display: flex;
  align-items: center;
  padding: 0 14px;
  overflow: auto hidden;
  scrollbar-width: none;
  border-bottom: 1px solid var(--line);
  font-size: 13px;
}

.grounds {
  position: absolute;
  right: 8px;
  bottom: 8px;
  padding: 3px 8px;
  background: #fffdf8e6;
  border-radius: 6px;
  font-size: 13px;
}

.stages {
  display: grid;
  gap: 2px;
  min-height: 0;
}

.stages.two {
  grid-template-columns: 1fr 1fr;
}

.strength {
  position: absolute;
  right: 8px;
  top: 8px;
  opacity: 0.75;
}

.strength input {
  width: 74px;
  accent-color: #3b3f8f;
}

.name {
  font-weight: 700;
  font-size: 15px;
  overflow-wrap: anywhere;
}

.saved {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  color: var(--quiet);
}

.saved.trouble {
  color: var(--brick);
}
</style>
