<script setup lang="ts">
import { App, Button, Checkbox } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys, useDeliveries } from '../../api/queries'
import type { Preflight } from '../../api/types'
import StationFrame from '../../shell/StationFrame.vue'
import TicketFacts from '../../shell/TicketFacts.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import DeliveryList from './DeliveryList.vue'
import NameChips from './NameChips.vue'
import PreflightTable from './PreflightTable.vue'
import SpecCard from './SpecCard.vue'
import SpecDialog from './SpecDialog.vue'
import { DEFAULT_NAME, toSpec, type Draft } from './specs'
import { useTicketSpecs } from './useTicketSpecs'

/** What will be made, said before it is made; one button; then the packages. */
const { message } = App.useApp()
const { batchId, batch, pictures, loaded } = useBench()
const client = useQueryClient()
const deliveries = useDeliveries(batchId)

const { specs, fileName } = useTicketSpecs(batchId)
const preflight = ref<Preflight | null>(null)
const problem = ref('')
const editing = ref(-1)
const dialog = ref(false)
const starting = ref(false)

const ready = computed(() =>
  pictures.value.filter((p) => ['passed', 'delivered', 'left-whole'].includes(p.state)),
)
const body = computed(() => ({ specs: specs.value.map((s) => toSpec(s, fileName.value)) }))
const blocked = computed(
  () =>
    ready.value.length === 0 ||
    specs.value.length === 0 ||
    fileName.value.length === 0 ||
    problem.value !== '',
)

watchDebounced(
  [body, () => ready.value.map((p) => p.id).join(), () => batch.value?.look],
  async () => {
    if (specs.value.length === 0 || fileName.value.length === 0) {
      preflight.value = null
      problem.value = ''
      return
    }
    try {
      preflight.value = (await need(
        api.POST('/api/v1/batches/{id}/preflight', {
          params: { path: { id: batchId.value } },
          body: body.value,
        }),
      )) as Preflight
      problem.value = ''
    } catch (error) {
      problem.value = sentenceOf(error)
    }
  },
  { debounce: 200, immediate: true, deep: true },
)

function edit(index: number) {
  editing.value = index
  problem.value = ''
  dialog.value = true
}

/** The server judges a spec; one that it refuses is not kept, and the dialog says why. */
async function keep(spec: Draft) {
  try {
    await need(
      api.POST('/api/v1/batches/{id}/preflight', {
        params: { path: { id: batchId.value } },
        body: { specs: [toSpec(spec, DEFAULT_NAME)] },
      }),
    )
    specs.value =
      editing.value < 0
        ? [...specs.value, spec]
        : specs.value.map((s, i) => (i === editing.value ? spec : s))
    problem.value = ''
    dialog.value = false
  } catch (error) {
    dialog.value = true
    problem.value = sentenceOf(error)
  }
}

async function make() {
  if (blocked.value || starting.value) return
  starting.value = true
  try {
    await need(
      api.POST('/api/v1/batches/{id}/deliveries', {
        params: { path: { id: batchId.value } },
        body: body.value,
      }),
    )
    await client.invalidateQueries({ queryKey: keys.deliveries(batchId.value) })
  } catch (error) {
    void message.error(sentenceOf(error), 6)
  } finally {
    starting.value = false
  }
}

const enlarged = computed(
  () =>
    preflight.value?.content.filter((f) => f.notes.some((note) => note.startsWith('enlarged')))
      .length ?? 0,
)

async function sharpen(on: boolean) {
  try {
    await need(
      api.PATCH('/api/v1/batches/{id}', {
        params: { path: { id: batchId.value } },
        body: { sharpenEnlarged: on },
      }),
    )
    await client.invalidateQueries({ queryKey: keys.batch(batchId.value) })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

useKeys({ Enter: () => void make() })
</script>

<template>
  <StationFrame>
    <div class="deliver">
      <div class="head">
        <h2 class="title">What will be made</h2>
        <p class="quiet">
          {{ ready.length.toLocaleString('en') }} passed pictures × {{ specs.length }} specs =
          <span class="num">{{ (preflight?.files ?? 0).toLocaleString('en') }}</span> files
        </p>
        <Button class="add" @click="edit(-1)">Add a spec</Button>
      </div>
      <div class="cards">
        <SpecCard
          v-for="(spec, i) in batch ? specs : []"
          :key="i"
          :spec="spec"
          :look="batch!.look"
          :picture="ready[i % Math.max(1, ready.length)]"
          @edit="edit(i)"
          @remove="specs = specs.filter((_, k) => k !== i)"
        />
      </div>
      <p v-if="problem && !dialog" class="problem">{{ problem }}</p>
      <PreflightTable
        v-if="preflight && preflight.files > 0 && specs.length > 0"
        :preflight="preflight"
      />
      <p v-else-if="loaded && ready.length === 0" class="quiet">
        Nothing is passed yet. Pass cutouts in Check; they can be delivered then.
      </p>
    </div>
    <template #ticket>
      <NameChips v-model:parts="fileName" />
      <DeliveryList :deliveries="deliveries.data.value ?? []" />
      <TicketFacts v-if="batch" :batch="batch" />
    </template>
    <template #acts>
      <Checkbox
        v-if="batch && (enlarged > 0 || batch.sharpenEnlarged)"
        :checked="batch.sharpenEnlarged"
        class="small"
        @change="sharpen(!batch.sharpenEnlarged)"
      >
        Sharpen the edges of the {{ enlarged.toLocaleString('en') }} that are enlarged. It brings
        back no detail that the photograph does not have.
      </Checkbox>
      <span v-if="preflight" class="small quiet">
        {{
          preflight.needALook === 0
            ? 'Nothing is enlarged and nothing is lost'
            : `${preflight.needALook} ${preflight.needALook === 1 ? 'file needs' : 'files need'} a look`
        }}
      </span>
      <Button type="primary" :disabled="blocked" :loading="starting" @click="make">
        Make {{ (preflight?.files ?? 0).toLocaleString('en') }} files <kbd>Enter</kbd>
      </Button>
    </template>
  </StationFrame>
  <SpecDialog
    v-model:open="dialog"
    :spec="editing < 0 ? null : (specs[editing] ?? null)"
    :problem="problem"
    @keep="keep"
  />
</template>

<style scoped>
.deliver {
  padding: 18px 22px;
  display: grid;
  gap: 14px;
}

.head {
  display: flex;
  align-items: baseline;
  gap: 12px;
}

.add {
  margin-left: auto;
}

.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(208px, 1fr));
  gap: 12px;
}

.problem {
  color: var(--brick);
}
</style>
