<script setup lang="ts">
import { Modal, Radio, RadioGroup } from 'ant-design-vue'
import { useLocalStorage } from '@vueuse/core'
import { ref, watch } from 'vue'
import type { Sampling } from '../../api/types'
import PickOne from '../../shell/PickOne.vue'

/** Which sample decides about the batch; what it asks for is said before it is drawn. */
const props = defineProps<{
  plan: (level: string, limit: string) => Promise<Sampling | null>
}>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ draw: [level: string, limit: string] }>()

const LIMITS = ['0.40', '0.65', '1.0', '1.5', '2.5', '4.0', '6.5', '10']
const level = useLocalStorage('sampling-level', 'II')
const limit = useLocalStorage('sampling-limit', '2.5')
const shown = ref<Sampling | null>(null)

watch(
  [open, level, limit],
  async () => {
    if (open.value) shown.value = await props.plan(level.value, limit.value)
  },
  { immediate: true },
)

function draw() {
  open.value = false
  emit('draw', level.value, limit.value)
}
</script>

<template>
  <Modal
    v-model:open="open"
    title="Judge the batch by a sample"
    ok-text="Draw the sample"
    :ok-button-props="{ disabled: !shown || shown.lotSize < 2 }"
    width="480px"
    @ok="draw"
  >
    <dl class="facts wide">
      <dt>Tolerable</dt>
      <dd>
        <PickOne
          v-model:value="limit"
          size="small"
          label="Quality limit"
          :options="LIMITS.map((value) => ({ value, label: `${value} % faulty` }))"
        />
      </dd>
      <dt>Inspection level</dt>
      <dd>
        <RadioGroup v-model:value="level" size="small">
          <Radio value="I">I, smaller</Radio>
          <Radio value="II">II, usual</Radio>
          <Radio value="III">III, larger</Radio>
        </RadioGroup>
      </dd>
    </dl>
    <p v-if="shown && shown.lotSize >= 2" class="plan">
      Of <b class="num">{{ shown.lotSize.toLocaleString('en') }}</b> cutouts
      <b class="num">{{ shown.sampleSize.toLocaleString('en') }}</b> are looked at. With at most
      <b class="num">{{ shown.acceptUpTo }}</b> faulty the batch is accepted.
      <span class="quiet small">
        Single sampling after ISO 2859-1, {{ shown.strictness }} inspection, code letter
        {{ shown.letter }}.
      </span>
    </p>
    <p v-else-if="shown" class="plan">At least two cutouts must wait to be checked.</p>
    <p v-if="shown?.stopped" class="plan stop">
      Five batches failed under tightened inspection. Find the cause before more are judged by
      samples.
    </p>
  </Modal>
</template>

<style scoped>
.facts.wide {
  grid-template-columns: 130px 1fr;
  row-gap: 10px;
  align-items: center;
}

.plan {
  margin: 14px 0 0;
  padding: 10px 12px;
  background: var(--teal-wash);
  border-radius: 6px;
}

.plan .small {
  display: block;
}

.stop {
  background: var(--brick-wash);
}
</style>
