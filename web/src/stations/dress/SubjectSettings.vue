<script setup lang="ts">
import { Checkbox } from 'ant-design-vue'
import type { SubjectPlace } from '../../look/look'
import ChoiceRow from './ChoiceRow.vue'
import PickOne from '../../shell/PickOne.vue'
import SliderRow from './SliderRow.vue'

/** Where the subject stands and how large, by what was measured of it. */
const props = defineProps<{ columns: string[] }>()
const place = defineModel<SubjectPlace>({ required: true })
const USUAL: Record<SubjectPlace['size'], number> = {
  margin: 8,
  width: 62,
  height: 70,
  area: 35,
  millimetres: 20,
}

function measure(size: SubjectPlace['size']) {
  const column = size === 'millimetres' ? (place.value.column ?? likely()) : place.value.column
  put({ size, percent: USUAL[size], column })
}

/** The column that most likely holds heights. */
function likely(): string {
  return props.columns.find((name) => /mm|height/i.test(name)) ?? props.columns[0] ?? 'height_mm'
}

function repeat(count: number) {
  const { x = 60, y = 0 } = place.value.copies ?? {}
  put({ copies: count < 2 ? null : { count, x, y } })
}

function put(change: Partial<SubjectPlace>) {
  place.value = { ...place.value, ...change }
}
</script>

<template>
  <ChoiceRow
    :model-value="place.size"
    label="Measured by"
    :choices="[
      { value: 'margin', label: 'Margin' },
      { value: 'width', label: 'Width' },
      { value: 'height', label: 'Height' },
      { value: 'area', label: 'Area' },
      { value: 'millimetres', label: 'True size' },
    ]"
    :columns="3"
    @update:model-value="measure"
  />
  <template v-if="place.size === 'millimetres'">
    <label class="column">
      <span>Height in</span>
      <PickOne
        label="Column of the list with heights in millimetres"
        :value="place.column"
        :options="
          [...new Set([...columns, place.column ?? ''])]
            .filter(Boolean)
            .map((c) => ({ value: c, label: c }))
        "
        @change="put({ column: String($event) })"
      />
    </label>
    <p class="small quiet">A column of the batch’s list, in millimetres. All stand at one scale.</p>
  </template>
  <SliderRow
    :model-value="place.percent"
    :label="
      place.size === 'margin' ? 'Margin' : place.size === 'millimetres' ? '100 mm are' : 'Share'
    "
    :low="place.size === 'margin' ? 0 : 1"
    :high="place.size === 'margin' ? 45 : 150"
    :step="1"
    unit="%"
    @update:model-value="put({ percent: $event })"
  />
  <ChoiceRow
    :model-value="place.stand"
    label="Stands"
    :choices="[
      { value: 'floor', label: 'On the floor' },
      { value: 'centre', label: 'In the middle' },
      { value: 'top', label: 'At the top' },
    ]"
    @update:model-value="put({ stand: $event })"
  />
  <SliderRow
    v-if="place.stand === 'floor'"
    :model-value="place.floor"
    label="Floor"
    :low="0"
    :high="60"
    :step="1"
    unit="%"
    @update:model-value="put({ floor: $event })"
  />
  <SliderRow
    :model-value="place.x"
    label="To the right"
    :low="-50"
    :high="50"
    :step="0.5"
    unit="%"
    @update:model-value="put({ x: $event })"
  />
  <SliderRow
    :model-value="place.y"
    label="Down"
    :low="-50"
    :high="50"
    :step="0.5"
    unit="%"
    @update:model-value="put({ y: $event })"
  />
  <SliderRow
    :model-value="place.rotate"
    label="Turn"
    :low="-180"
    :high="180"
    :step="1"
    unit="°"
    @update:model-value="put({ rotate: $event })"
  />
  <SliderRow
    :model-value="place.copies?.count ?? 1"
    label="Times"
    :low="1"
    :high="6"
    :step="1"
    unit=""
    @update:model-value="repeat(Math.round($event))"
  />
  <template v-if="place.copies">
    <SliderRow
      :model-value="place.copies.x"
      label="Next across"
      :low="-150"
      :high="150"
      :step="1"
      unit="%"
      @update:model-value="put({ copies: place.copies && { ...place.copies, x: $event } })"
    />
    <SliderRow
      :model-value="place.copies.y"
      label="Next down"
      :low="-150"
      :high="150"
      :step="1"
      unit="%"
      @update:model-value="put({ copies: place.copies && { ...place.copies, y: $event } })"
    />
  </template>
  <div class="ticks">
    <Checkbox :checked="place.flip" @change="put({ flip: !place.flip })">Flipped</Checkbox>
    <Checkbox :checked="place.keepCutSides" @change="put({ keepCutSides: !place.keepCutSides })">
      Cut sides stay at the frame
    </Checkbox>
  </div>
</template>

<style scoped>
.column {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 8px;
  align-items: center;
  font-size: 13px;
}

.ticks {
  display: grid;
  gap: 4px;
  margin-top: 6px;
}
</style>
