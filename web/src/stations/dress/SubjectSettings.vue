<script setup lang="ts">
import { Checkbox } from 'ant-design-vue'
import type { SubjectPlace } from '../../look/look'
import ChoiceRow from './ChoiceRow.vue'
import SliderRow from './SliderRow.vue'

/** Where the subject stands and how large, by what was measured of it. */
const place = defineModel<SubjectPlace>({ required: true })
const USUAL: Record<SubjectPlace['size'], number> = { margin: 8, width: 62, height: 70, area: 35 }

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
    ]"
    @update:model-value="put({ size: $event, percent: USUAL[$event] })"
  />
  <SliderRow
    :model-value="place.percent"
    :label="place.size === 'margin' ? 'Margin' : 'Share'"
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
  <div class="ticks">
    <Checkbox :checked="place.flip" @change="put({ flip: !place.flip })">Flipped</Checkbox>
    <Checkbox :checked="place.keepCutSides" @change="put({ keepCutSides: !place.keepCutSides })">
      Cut sides stay at the frame
    </Checkbox>
  </div>
</template>

<style scoped>
.ticks {
  display: grid;
  gap: 4px;
  margin-top: 6px;
}
</style>
