<script setup lang="ts">
import { Checkbox, Input } from 'ant-design-vue'
import { computed } from 'vue'
import type { LookProblems } from '../../api/types'
import type { Fill, Lettering, Part, Setting, SubjectPlace } from '../../look/look'
import { labelOf } from '../../look/parts'
import BackdropSettings from './BackdropSettings.vue'
import ChoiceRow from './ChoiceRow.vue'
import ColourRow from './ColourRow.vue'
import CurveRow from './CurveRow.vue'
import DirectionDial from './DirectionDial.vue'
import { NUMBERS } from './fields'
import PictureChoice from './PictureChoice.vue'
import PathField from './PathField.vue'
import SliderRow from './SliderRow.vue'
import SubjectSettings from './SubjectSettings.vue'
import TextSettings from './TextSettings.vue'

/** What the chosen part does, and with what numbers. */
const props = defineProps<{
  part: Part
  columns: string[]
  palette: string[]
  problems: LookProblems | undefined
}>()
const emit = defineEmits<{
  set: [setting: Setting, key: string]
  rename: [name: string]
  matchThis: []
}>()

const setting = computed(() => props.part.setting)
const numbers = computed(() => NUMBERS[setting.value.kind] ?? [])

function value(of: string): number {
  return (setting.value as unknown as Record<string, number>)[of] ?? 0
}

function put(of: string, to: unknown) {
  emit('set', { ...setting.value, [of]: to } as Setting, of)
}

const HEXAGON = 'M25 0H75L100 50 75 100H25L0 50Z'

function shape(to: string) {
  const s = setting.value
  if (s.kind === 'frame') {
    emit(
      'set',
      { ...s, shape: to as 'path', path: to === 'path' ? (s.path ?? HEXAGON) : s.path },
      '',
    )
  }
}

function whole(to: Setting) {
  emit('set', to, 'whole')
}
</script>

<template>
  <section class="settings" :aria-label="`${part.name}: settings`">
    <h2>{{ labelOf(setting.kind) }}</h2>
    <label class="name">
      <span>Called</span>
      <Input
        size="small"
        :value="part.name"
        aria-label="Name of the part"
        @change="emit('rename', ($event.target as HTMLInputElement).value)"
      />
    </label>
    <BackdropSettings
      v-if="setting.kind === 'backdrop'"
      :model-value="setting.fill"
      :palette="palette"
      :advice="problems?.backdrops ?? []"
      @update:model-value="put('fill', $event as Fill)"
    />
    <SubjectSettings
      v-else-if="setting.kind === 'subject'"
      :model-value="setting"
      :columns="columns"
      @update:model-value="whole($event as SubjectPlace)"
    />
    <TextSettings
      v-else-if="setting.kind === 'text'"
      :model-value="setting"
      :columns="columns"
      :palette="palette"
      @update:model-value="whole($event as Lettering)"
    />
    <template v-else>
      <DirectionDial
        v-if="setting.kind === 'cast-shadow'"
        :model-value="setting.direction"
        @update:model-value="put('direction', $event)"
      />
      <ChoiceRow
        v-if="setting.kind === 'outline'"
        :model-value="setting.side"
        label="Where it lies"
        :choices="[
          { value: 'outside', label: 'Outside' },
          { value: 'inside', label: 'Inside' },
          { value: 'rim', label: 'Rim, gaps closed' },
        ]"
        @update:model-value="put('side', $event)"
      />
      <ChoiceRow
        v-if="setting.kind === 'frame'"
        :model-value="setting.shape"
        label="Shape"
        :choices="[
          { value: 'rounded', label: 'Round corners' },
          { value: 'circle', label: 'Circle' },
          { value: 'path', label: 'Own path' },
        ]"
        @update:model-value="shape($event)"
      />
      <PathField
        v-if="setting.kind === 'frame' && setting.shape === 'path'"
        :model-value="setting.path ?? ''"
        @update:model-value="put('path', $event)"
      />
      <PictureChoice
        v-if="setting.kind === 'picture'"
        :model-value="setting.picture"
        @update:model-value="put('picture', $event)"
      />
      <SliderRow
        v-for="field in numbers"
        :key="field.of"
        :model-value="value(field.of)"
        :label="field.label"
        :low="field.low"
        :high="field.high"
        :step="field.step"
        :unit="field.unit"
        @update:model-value="put(field.of, $event)"
      />
      <ColourRow
        v-if="'colour' in setting"
        :model-value="setting.colour"
        label="Colour"
        :palette="palette"
        @update:model-value="put('colour', $event)"
      />
      <template v-if="setting.kind === 'own-shadow'">
        <Checkbox
          :checked="setting.elseMade"
          @change="put('elseMade', !(setting as { elseMade: boolean }).elseMade)"
        >
          Where there is none, a made one
        </Checkbox>
        <p class="small quiet">Lifted off the photograph’s own smooth backdrop.</p>
      </template>
      <template v-if="setting.kind === 'tone'">
        <button class="link" @click="put('balance', setting.balance > 0 ? 0 : 100)">
          {{ setting.balance > 0 ? 'Leave the light as it is' : 'Balance the light' }}
        </button>
        <CurveRow :model-value="setting.curve" @update:model-value="put('curve', $event)" />
        <h2>Match</h2>
        <p class="small quiet">
          {{
            setting.reference
              ? `Brings every subject’s colours to those of “${setting.reference.of}”.`
              : 'Brings every subject’s colours to those of one picture.'
          }}
        </p>
        <button class="link" @click="emit('matchThis')">Match to the picture shown</button>
        <SliderRow
          v-if="setting.reference"
          :model-value="setting.match"
          label="How far"
          :low="0"
          :high="100"
          :step="1"
          unit="%"
          @update:model-value="put('match', $event)"
        />
        <p v-if="problems?.cohesion" class="small" data-cohesion>
          Subjects differ by
          <span class="num"
            >ΔE {{ problems.cohesion.before.toFixed(1) }} →
            {{ problems.cohesion.after.toFixed(1) }}</span
          >
        </p>
      </template>
    </template>
  </section>
</template>

<style scoped>
.name {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 8px;
  align-items: center;
  font-size: 13px;
  margin: 4px 0;
}

.link {
  border: 0;
  background: none;
  padding: 3px 0;
  min-height: 24px;
  font: 600 13px/18px var(--text);
  color: var(--teal);
  cursor: pointer;
}
</style>
