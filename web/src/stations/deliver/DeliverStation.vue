<script setup lang="ts">
import { App, Button, Checkbox, Dropdown, Menu, MenuItem } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys, useDeliveries } from '../../api/queries'
import type { Spec } from '../../api/types'
import { byteWords } from '../../spec/spec'
import StationFrame from '../../shell/StationFrame.vue'
import TicketFacts from '../../shell/TicketFacts.vue'
import { useBench } from '../../shell/useBench'
import { useKeys } from '../../shell/useKeys'
import AlsoMake from './AlsoMake.vue'
import DeliveryList from './DeliveryList.vue'
import FileWords from './FileWords.vue'
import NameChips from './NameChips.vue'
import PreflightTable from './PreflightTable.vue'
import SpecCard from './SpecCard.vue'
import SpecDialog from './SpecDialog.vue'
import { useFileWords } from './useFileWords'
import { usePreflight } from './usePreflight'
import { useSpecFiles } from './useSpecFiles'
import { useTicketSpecs } from './useTicketSpecs'

/** What will be made, said before it is made; one button; then the packages. */
const { message } = App.useApp()
const { batchId, batch, pictures, loaded, readPictures } = useBench()
const client = useQueryClient()
const deliveries = useDeliveries(batchId)

const { specs, fileName, names, wanted, loaded: specsKnown } = useTicketSpecs(batchId)
const { words, kept, save: saveWords } = useFileWords(batchId)
/** A file is as last time by its words, too, and last time is whatever was made since. */
const elsewhere = computed(() =>
  kept.value && deliveries.data.value && batch.value
    ? JSON.stringify([
        kept.value,
        deliveries.data.value.find((delivery) => delivery.state === 'done')?.id,
        batch.value.sharpenEnlarged,
      ])
    : '',
)
const plan = usePreflight(batchId, batch, pictures, wanted, specsKnown, elsewhere)
const { ready, preflight, weights, leftOut, canRun } = plan
watch(plan.hasBegun, (begun) => begun && readPictures(), { immediate: true })
const files = useSpecFiles(batchId, specs)
const editing = ref(-1)
const dialog = ref(false)
const refused = ref('')
const starting = ref(false)

const columns = computed(() => [...new Set(pictures.value.flatMap((p) => Object.keys(p.columns)))])
const exampleFor = (i: number) => ready.value[i % Math.max(1, ready.value.length)]
const count = (n: number) => n.toLocaleString('en')

function edit(index: number) {
  editing.value = index
  refused.value = ''
  dialog.value = true
}

/** The server judges a spec; one that it refuses is not kept, and the dialog says why. */
async function keep(spec: Spec) {
  try {
    await need(
      api.POST('/api/v1/batches/{id}/preflight', {
        params: { path: { id: batchId.value } },
        body: { specs: [spec] },
      }),
    )
    specs.value =
      editing.value < 0
        ? [...specs.value, spec]
        : specs.value.map((s, i) => (i === editing.value ? spec : s))
    dialog.value = false
  } catch (error) {
    dialog.value = true
    refused.value = sentenceOf(error)
  }
}

async function tell(work: Promise<unknown>) {
  try {
    await work
  } catch (error) {
    void message.error(sentenceOf(error), 6)
  }
}

async function make() {
  if (!canRun.value || starting.value) return
  starting.value = true
  const leaveOut = [...leftOut.value].map((key) => {
    const [pictureId, specIndex] = key.split(':').map(Number)
    return { pictureId, specIndex }
  })
  // The files' words come from the ticket: those just typed belong into them.
  if (await saveWords())
    await tell(
      need(
        api.POST('/api/v1/batches/{id}/deliveries', {
          params: { path: { id: batchId.value } },
          body: { specs: wanted.value, leaveOut },
        }),
      ).then(() => client.invalidateQueries({ queryKey: keys.deliveries(batchId.value) })),
    )
  starting.value = false
}

const sharpen = (on: boolean) =>
  tell(
    need(
      api.PATCH('/api/v1/batches/{id}', {
        params: { path: { id: batchId.value } },
        body: { sharpenEnlarged: on },
      }),
    ).then(() => client.invalidateQueries({ queryKey: keys.batch(batchId.value) })),
  )

useKeys({ Enter: () => void make(), n: () => edit(-1) })
</script>

<template>
  <StationFrame>
    <div class="deliver">
      <div class="head">
        <h2 class="title">What will be made</h2>
        <p class="quiet">
          {{ count(plan.passed.value) }} passed pictures × {{ specs.length }} specs =
          <span class="num">{{ count(preflight?.files ?? 0) }}</span> files<template
            v-if="weights.isComplete.value"
            >, about {{ byteWords(weights.bytes.value.reduce((sum, b) => sum + b, 0)) }}</template
          ><template v-if="preflight && preflight.notPassed > 0">
            · {{ count(preflight.notPassed) }} not passed stay out
          </template>
        </p>
        <span class="more">
          <Dropdown :trigger="['click']">
            <Button aria-label="Specs as files">Files</Button>
            <template #overlay>
              <Menu>
                <MenuItem key="save" @click="files.save">Save these specs as a file</MenuItem>
                <MenuItem key="take" @click="tell(files.take())"
                  >Take in specs from a file…</MenuItem
                >
              </Menu>
            </template>
          </Dropdown>
          <Button @click="edit(-1)">Add a spec <kbd>N</kbd></Button>
        </span>
      </div>
      <div class="cards" tabindex="0" role="group" aria-label="Specs">
        <SpecCard
          v-for="(spec, i) in batch ? specs : []"
          :key="i"
          :spec="spec"
          :look="batch!.look"
          :picture="exampleFor(i)"
          @edit="edit(i)"
          @remove="specs = specs.filter((_, k) => k !== i)"
        />
      </div>
      <p v-if="plan.problem.value" class="problem" role="alert">{{ plan.problem.value }}</p>
      <PreflightTable
        v-if="preflight && preflight.files > 0 && specs.length > 0"
        v-model:left-out="leftOut"
        :preflight="preflight"
        :bytes="weights.bytes.value"
      />
      <p v-else-if="loaded && ready.length === 0" class="quiet">
        Nothing is passed yet. Pass cutouts in Check; they can be delivered then.
      </p>
    </div>
    <template #ticket>
      <DeliveryList :deliveries="deliveries.data.value ?? []" :batch-name="batch?.name ?? ''" />
      <NameChips v-model:parts="fileName" v-model:rules="names" :columns="columns" />
      <AlsoMake v-model:specs="specs" :batch-id="batchId" />
      <FileWords v-model:words="words" :columns="columns" />
      <TicketFacts v-if="batch" :batch="batch" />
    </template>
    <template #acts>
      <Checkbox
        v-if="batch && (plan.enlarged.value > 0 || batch.sharpenEnlarged)"
        :checked="batch.sharpenEnlarged"
        class="small"
        @change="sharpen(!batch.sharpenEnlarged)"
      >
        Sharpen the edges of the {{ count(plan.enlarged.value) }} that are enlarged. It brings back
        no detail that the photograph does not have.
      </Checkbox>
      <span v-if="preflight" class="small quiet">
        {{
          plan.needALook.value === 0
            ? 'Nothing is enlarged and nothing is lost'
            : `${count(plan.needALook.value)} ${plan.needALook.value === 1 ? 'file needs' : 'files need'} a look`
        }}<template v-if="plan.toMake.value < plan.made.value.length">
          · {{ count(plan.made.value.length - plan.toMake.value) }} as last time
        </template>
      </span>
      <span v-if="plan.blocked.value > 0" class="small problem">
        {{ count(plan.blocked.value) }} can’t be made.
        <Button size="small" @click="plan.leaveOutBlocked">Leave them out</Button>
      </span>
      <Button type="primary" :disabled="!canRun" :loading="starting" @click="make">
        {{ plan.offer.value }} <kbd>Enter</kbd>
      </Button>
    </template>
  </StationFrame>
  <SpecDialog
    v-if="batch"
    v-model:open="dialog"
    :spec="editing < 0 ? null : (specs[editing] ?? null)"
    :problem="refused"
    :look="batch.look"
    :picture="exampleFor(Math.max(0, editing))"
    @keep="keep"
  />
</template>

<style scoped>
.deliver {
  padding: 16px 22px;
  height: 100%;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto auto auto minmax(0, 1fr);
  gap: 12px;
}

.deliver > :deep(.all),
.deliver > p.quiet {
  grid-row: 4;
}

.head {
  display: flex;
  align-items: baseline;
  gap: 12px;
}

.more {
  margin-left: auto;
  display: flex;
  gap: 8px;
}

.cards {
  display: flex;
  gap: 12px;
  overflow: auto hidden;
  padding-bottom: 4px;
}

.problem {
  color: var(--brick);
}
</style>
