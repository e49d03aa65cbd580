<script setup lang="ts">
import { Button, Switch } from 'ant-design-vue'
import { computed } from 'vue'
import type { Area } from '../../api/types'
import BarChoice from './BarChoice.vue'
import BarSlider from './BarSlider.vue'
import type { Settings, ToolName } from './tools/settings'
import TakeBar from './TakeBar.vue'
import type { BrushSettings } from './useBrush'
import type { Sources } from './useSources'

/** The chosen tool's few settings, in one row. */
const props = defineProps<{
  tool: ToolName
  sources: Sources
}>()
const settings = defineModel<Settings>('settings', { required: true })
const brush = defineModel<BrushSettings>('brush', { required: true })
const version = defineModel<number | null>('version', { required: true })
const area = defineModel<Area | null>('area', { required: true })
const emit = defineEmits<{ useArea: []; dropArea: [] }>()

const MODES = [
  { value: 'erase', label: 'Erase' },
  { value: 'restore', label: 'Restore' },
] as const
const KEEPING = [
  { value: 'erase', label: 'Take away' },
  { value: 'restore', label: 'Add' },
] as const
const HINTS = [
  { value: 'subject', label: 'Subject' },
  { value: 'backdrop', label: 'Backdrop' },
  { value: 'mixed', label: 'Mixed edge' },
] as const
const SHAPES = [
  { value: 'box', label: 'Box' },
  { value: 'ellipse', label: 'Ellipse' },
  { value: 'free', label: 'Free' },
  { value: 'corners', label: 'Corners' },
  { value: 'edge', label: 'Along edge' },
] as const
const JOININGS = [
  { value: 'add', label: '+', title: 'Add the next shape' },
  { value: 'subtract', label: '−', title: 'Subtract the next shape' },
  { value: 'intersect', label: '∩', title: 'Keep only where the next shape overlaps' },
] as const

const isBrush = computed(() => ['brush', 'strand', 'hint'].includes(props.tool))
</script>

<template>
  <span class="row">
    <BarChoice
      v-if="tool === 'hint'"
      v-model="settings.hint"
      label="Kind of hint"
      :options="HINTS"
    />
    <template v-if="isBrush">
      <BarSlider v-model="brush.sizeStep" label="Size" :words="`${brush.sizePx} px`" />
      <template v-if="tool !== 'hint'">
        <BarSlider v-model="brush.softness" label="Softness" narrow />
        <BarSlider v-model="brush.strength" label="Strength" :min="1" narrow />
      </template>
      <label v-if="tool === 'brush'" class="switch">
        Follow edges <Switch v-model:checked="settings.followsEdges" size="small" /> <kbd>C</kbd>
      </label>
    </template>
    <template v-else-if="tool === 'pick'">
      <BarChoice v-model="settings.mode" label="What it does" :options="MODES" />
      <label class="switch">
        Everywhere <Switch v-model:checked="settings.everywhere" size="small" />
      </label>
      <label class="switch"
        >All but <Switch v-model:checked="settings.inverted" size="small"
      /></label>
      <span class="quiet small">press and drag; Shift adds a colour, Alt takes one out</span>
    </template>
    <template v-else-if="tool === 'area'">
      <BarChoice v-model="settings.shape" label="Shape" :options="SHAPES" />
      <BarChoice v-if="area" v-model="settings.joining" label="Joining" :options="JOININGS" />
    </template>
    <template v-else-if="tool === 'subject'">
      <BarChoice v-model="settings.mode" label="What it does" :options="KEEPING" />
      <span class="quiet small">drag a box around it; what would change is shown</span>
    </template>
    <template v-else-if="tool === 'take'">
      <TakeBar
        v-model:version="version"
        :versions="sources.versions.value"
        :methods="sources.methods.value"
        :cutting="sources.cutting.value"
        @also="sources.also"
      />
    </template>
    <template v-else-if="tool === 'trace'">
      <BarSlider
        v-model="settings.fromPx"
        label="From"
        :min="0.5"
        :max="60"
        :step="0.5"
        :words="`${settings.fromPx} px`"
        narrow
      />
      <BarSlider
        v-model="settings.toPx"
        label="to"
        :min="0.5"
        :max="60"
        :step="0.5"
        :words="`${settings.toPx} px`"
        narrow
      />
      <BarSlider v-model="settings.opacity" label="Opacity" :min="1" narrow />
      <button
        class="colour"
        :style="settings.lineColour ? { background: settings.lineColour } : {}"
        title="The photograph’s own colours; Alt and a press take one colour"
        @click="settings.lineColour = null"
      >
        {{ settings.lineColour ? '' : 'own' }}
      </button>
    </template>
    <span v-else-if="tool === 'edge'" class="quiet small">
      Settings in the column at the right; <kbd>Enter</kbd> keeps them
    </span>
    <template v-if="area">
      <template v-if="tool === 'area'">
        <label class="switch" title="Everything but the shapes">
          All but
          <Switch
            :checked="area.inverted"
            size="small"
            @change="(on) => area && (area = { ...area, inverted: on === true })"
          />
        </label>
        <BarSlider
          :model-value="area.featherPx"
          label="Fade"
          :max="60"
          narrow
          @update:model-value="(px: number) => area && (area = { ...area, featherPx: px })"
        />
        <Button size="small" type="primary" @click="emit('useArea')">
          {{ settings.mode === 'erase' ? 'Erase' : 'Restore' }} <kbd>Enter</kbd>
        </Button>
      </template>
      <label class="switch" title="Every tool works only inside the shape">
        Only inside <Switch v-model:checked="settings.limit" size="small" /> <kbd>I</kbd>
      </label>
      <button v-if="tool !== 'area'" class="link small" @click="emit('dropArea')">Drop it</button>
    </template>
  </span>
</template>

<style scoped>
.row {
  display: flex;
  align-items: center;
  gap: 10px;
  white-space: nowrap;
  min-width: 0;
}

.switch {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  white-space: nowrap;
}

.colour {
  width: 40px;
  height: 22px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--panel);
  font-size: 12px;
  cursor: pointer;
}

.link {
  border: 0;
  background: none;
  padding: 0;
  color: var(--teal);
  text-decoration: underline;
  cursor: pointer;
}
</style>
