<script setup lang="ts">
import { App, Button, InputNumber, Slider } from 'ant-design-vue'
import { useQueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, need, sentenceOf } from '../../api/client'
import { keys } from '../../api/queries'
import type { Look } from '../../api/types'
import DressedPicture from '../../shell/DressedPicture.vue'
import FilmStrip from '../../shell/FilmStrip.vue'
import StationFrame from '../../shell/StationFrame.vue'
import TicketFacts from '../../shell/TicketFacts.vue'
import { useBench } from '../../shell/useBench'
import { GROUNDS } from './grounds'

/** The batch's look: what stands behind the subjects and how they are fitted, seen on several. */
const { message } = App.useApp()
const { batchId, batch, pictures, selected, selectedId, loaded } = useBench()
const client = useQueryClient()
const router = useRouter()

const ready = computed(() =>
  pictures.value.filter((p) => ['passed', 'delivered', 'left-whole'].includes(p.state)),
)
const shown = computed(() => ready.value.find((p) => p.id === selected.value?.id) ?? ready.value[0])
const others = computed(() => ready.value.filter((p) => p.id !== shown.value?.id).slice(0, 6))
const part = ref<'backdrop' | 'subject'>('backdrop')

const look = reactive<Look>({ backdrop: 'transparent', marginPercent: 8 })
watch(
  () => batch.value?.look,
  (kept) => {
    if (kept) Object.assign(look, kept)
  },
  { immediate: true, once: false },
)
const settled = refDebounced(
  computed(() => ({ ...look })),
  180,
)

watch(settled, async (now) => {
  const kept = batch.value?.look
  if (!kept || (kept.backdrop === now.backdrop && kept.marginPercent === now.marginPercent)) return
  try {
    await need(
      api.PATCH('/api/v1/batches/{id}', {
        params: { path: { id: batchId.value } },
        body: { look: now },
      }),
    )
    await client.invalidateQueries({ queryKey: keys.batch(batchId.value) })
  } catch (error) {
    void message.error(sentenceOf(error))
  }
})

const colour = computed({
  get: () => (look.backdrop.startsWith('#') ? look.backdrop : '#E9E0CE'),
  set: (c: string) => (look.backdrop = c.toUpperCase()),
})

function deliver() {
  void router.push({ name: 'deliver', params: { id: batchId.value } })
}
</script>

<template>
  <StationFrame>
    <div v-if="shown" class="dress">
      <nav class="parts" aria-label="Parts of the look">
        <h2>Look, back to front</h2>
        <button :class="{ on: part === 'backdrop' }" @click="part = 'backdrop'">
          <span>Backdrop</span><span class="num">{{ look.backdrop }}</span>
        </button>
        <button :class="{ on: part === 'subject' }" @click="part = 'subject'">
          <span>Subject</span><span class="num">margin {{ look.marginPercent }} %</span>
        </button>
      </nav>
      <div class="middle">
        <div class="main">
          <DressedPicture
            :picture="shown"
            :look="settled"
            :width="640"
            :height="640"
            :alt="`${shown.fileName} under this look`"
          />
        </div>
        <div v-if="others.length > 0" class="others">
          <button
            v-for="picture in others"
            :key="picture.id"
            :title="picture.fileName"
            @click="selectedId = picture.id"
          >
            <DressedPicture
              :picture="picture"
              :look="settled"
              :width="220"
              :height="220"
              :alt="picture.fileName"
            />
          </button>
        </div>
      </div>
    </div>
    <div v-else-if="loaded" class="empty">
      <b>Nothing is passed yet.</b>
      <span class="quiet">Pass cutouts in Check; they can be dressed and delivered then.</span>
    </div>
    <template #film>
      <FilmStrip v-model:selected-id="selectedId" :pictures="ready" cutout />
    </template>
    <template #ticket>
      <section v-if="part === 'backdrop'">
        <h2>Backdrop</h2>
        <div class="grounds">
          <button
            v-for="g in GROUNDS"
            :key="g.name"
            class="ground"
            :class="{ on: look.backdrop === g.value }"
            :aria-pressed="look.backdrop === g.value"
            @click="look.backdrop = g.value"
          >
            <i
              :class="{ checker: g.value === 'transparent' }"
              :style="g.value === 'transparent' ? {} : { background: g.value }"
            />
            {{ g.name }}
          </button>
          <label class="ground" :class="{ on: !GROUNDS.some((g) => g.value === look.backdrop) }">
            <i :style="{ background: colour }" />
            Any colour
            <input v-model.lazy="colour" type="color" aria-label="Backdrop colour" />
          </label>
        </div>
      </section>
      <section v-else>
        <h2>Subject</h2>
        <p class="small quiet">
          Fitted by what was measured of it, not by the photograph’s frame, and set in the middle.
        </p>
        <label class="margin">
          Margin
          <Slider v-model:value="look.marginPercent" :min="0" :max="30" class="slider" />
          <InputNumber v-model:value="look.marginPercent" :min="0" :max="45" addon-after="%" />
        </label>
      </section>
      <TicketFacts v-if="batch" :batch="batch" />
    </template>
    <template #acts>
      <span class="small quiet">The look is the batch’s; it is saved as you change it.</span>
      <Button type="primary" :disabled="!shown" @click="deliver">Deliver <kbd>6</kbd></Button>
    </template>
  </StationFrame>
</template>

<style scoped src="./dress.css"></style>
