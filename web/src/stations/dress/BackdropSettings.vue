<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { LookPicture } from '../../api/types'
import type { Fill } from '../../look/look'
import { FILLS } from '../../look/parts'
import ChoiceRow from './ChoiceRow.vue'
import ColourRow from './ColourRow.vue'
import SliderRow from './SliderRow.vue'

/** What fills the frame behind everything. */
defineProps<{ palette: string[] }>()
const fill = defineModel<Fill>({ required: true })
const client = useQueryClient()
const problem = ref('')

const KINDS = FILLS.map((f) => ({ value: f.kind, label: f.label }))
const { data: pictures } = useQuery({
  queryKey: ['look-pictures'],
  queryFn: async () => (await need(api.GET('/api/v1/look-pictures'))) as LookPicture[],
})

function choose(kind: Fill['kind']) {
  const fresh = FILLS.find((f) => f.kind === kind)
  if (fresh && fill.value.kind !== kind) fill.value = fresh.fresh()
}

function stop(index: number, colour: string) {
  if (fill.value.kind !== 'gradient') return
  const stops = fill.value.stops.map((s, i) => (i === index ? { ...s, colour } : s))
  fill.value = { ...fill.value, stops }
}

async function upload(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file || fill.value.kind !== 'picture') return
  const body = new FormData()
  body.append('file', file)
  try {
    const taken = (await need(
      api.POST('/api/v1/look-pictures', {
        body: body as never,
        bodySerializer: (b: unknown) => b as FormData,
      }),
    )) as LookPicture
    problem.value = ''
    await client.invalidateQueries({ queryKey: ['look-pictures'] })
    fill.value = { ...fill.value, picture: taken.name }
  } catch (error) {
    problem.value = sentenceOf(error)
  }
}
</script>

<template>
  <ChoiceRow
    :model-value="fill.kind"
    label="Kind of backdrop"
    :choices="KINDS"
    @update:model-value="choose"
  />
  <ColourRow
    v-if="fill.kind === 'colour'"
    :model-value="fill.colour"
    label="Colour"
    :palette="palette"
    @update:model-value="fill = { ...fill, colour: $event } as Fill"
  />
  <template v-else-if="fill.kind === 'sweep'">
    <ColourRow
      :model-value="fill.wall"
      label="Wall"
      :palette="palette"
      @update:model-value="fill = { ...fill, wall: $event } as Fill"
    />
    <ColourRow
      :model-value="fill.floor"
      label="Floor"
      @update:model-value="fill = { ...fill, floor: $event } as Fill"
    />
    <SliderRow
      :model-value="fill.behind"
      label="Behind it"
      :low="0"
      :high="60"
      :step="1"
      unit="%"
      @update:model-value="fill = { ...fill, behind: $event } as Fill"
    />
    <SliderRow
      :model-value="fill.softness"
      label="Softness"
      :low="0"
      :high="100"
      :step="1"
      unit="%"
      @update:model-value="fill = { ...fill, softness: $event } as Fill"
    />
  </template>
  <template v-else-if="fill.kind === 'gradient'">
    <ChoiceRow
      :model-value="fill.spread"
      label="How it spreads"
      :choices="[
        { value: 'linear', label: 'Straight' },
        { value: 'radial', label: 'From the middle' },
      ]"
      @update:model-value="fill = { ...fill, spread: $event } as Fill"
    />
    <ColourRow
      v-for="(s, i) in fill.stops"
      :key="i"
      :model-value="s.colour"
      :label="i === 0 ? 'From' : i === fill.stops.length - 1 ? 'To' : `At ${s.at} %`"
      @update:model-value="stop(i, $event)"
    />
    <SliderRow
      v-if="fill.spread === 'linear'"
      :model-value="fill.angle"
      label="Angle"
      :low="-180"
      :high="180"
      :step="1"
      unit="°"
      @update:model-value="fill = { ...fill, angle: $event } as Fill"
    />
  </template>
  <template v-else-if="fill.kind === 'picture'">
    <div class="pictures">
      <button
        v-for="p in pictures ?? []"
        :key="p.name"
        :class="{ on: p.name === fill.picture }"
        :aria-pressed="p.name === fill.picture"
        :title="p.title"
        @click="fill = { ...fill, picture: p.name } as Fill"
      >
        <img :src="`/api/v1/look-pictures/${p.name}/thumbnail.png`" :alt="p.title" />
      </button>
      <label class="own" title="A picture of your own">
        <input type="file" accept="image/*" aria-label="A picture of your own" @change="upload" />+
      </label>
    </div>
    <p v-if="problem" class="small problem" role="alert">{{ problem }}</p>
    <ChoiceRow
      :model-value="fill.fit"
      label="How it fills the frame"
      :choices="[
        { value: 'cover', label: 'Cover' },
        { value: 'contain', label: 'Whole' },
        { value: 'tile', label: 'Tiles' },
      ]"
      @update:model-value="fill = { ...fill, fit: $event } as Fill"
    />
    <template v-if="fill.fit === 'cover'">
      <SliderRow
        :model-value="fill.focusX"
        label="Across"
        :low="0"
        :high="100"
        :step="1"
        unit="%"
        @update:model-value="fill = { ...fill, focusX: $event } as Fill"
      />
      <SliderRow
        :model-value="fill.focusY"
        label="Down"
        :low="0"
        :high="100"
        :step="1"
        unit="%"
        @update:model-value="fill = { ...fill, focusY: $event } as Fill"
      />
    </template>
    <SliderRow
      v-if="fill.fit === 'tile'"
      :model-value="fill.size"
      label="Size"
      :low="2"
      :high="100"
      :step="1"
      unit="%"
      @update:model-value="fill = { ...fill, size: $event } as Fill"
    />
  </template>
  <template v-if="fill.kind === 'picture' || fill.kind === 'photograph'">
    <SliderRow
      :model-value="fill.blur"
      label="Blur"
      :low="0"
      :high="15"
      :step="0.5"
      unit="%"
      @update:model-value="fill = { ...fill, blur: $event } as Fill"
    />
    <SliderRow
      v-if="fill.kind === 'photograph'"
      :model-value="fill.colour"
      label="Colour"
      :low="0"
      :high="100"
      :step="1"
      unit="%"
      @update:model-value="fill = { ...fill, colour: $event } as Fill"
    />
    <SliderRow
      :model-value="fill.brightness"
      label="Brightness"
      :low="-100"
      :high="100"
      :step="1"
      unit=""
      @update:model-value="fill = { ...fill, brightness: $event } as Fill"
    />
  </template>
</template>

<style scoped>
.pictures {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: 5px;
  margin: 4px 0;
}

.pictures button,
.own {
  aspect-ratio: 1;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 5px;
  overflow: hidden;
  cursor: pointer;
  background: none;
}

.pictures button.on {
  outline: 2px solid var(--teal);
  outline-offset: 1px;
}

.pictures img {
  width: 100%;
  height: 100%;
  object-fit: cover;
  display: block;
}

.own {
  display: grid;
  place-items: center;
  position: relative;
  color: var(--quiet);
  font-size: 18px;
}

.own input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}

.problem {
  color: var(--brick);
}
</style>
