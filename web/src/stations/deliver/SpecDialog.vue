<script setup lang="ts">
import { Input, Modal } from 'ant-design-vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, need } from '../../api/client'
import type { BatchLook, Picture, Spec } from '../../api/types'
import PickOne from '../../shell/PickOne.vue'
import { formatWords, sizeWords, tidy } from '../../spec/spec'
import SpecFormatFields from './SpecFormatFields.vue'
import SpecSizeFields from './SpecSizeFields.vue'
import { useCutLine } from './useCutLine'
import { useSpecPreview } from './useSpecPreview'
import NumberBox from './NumberBox.vue'

/** One spec: from those that ship, or by hand; with a picture of the batch as it would come out. */
const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{
  spec: Spec | null
  problem: string
  look: BatchLook
  picture: Picture | undefined
}>()
const emit = defineEmits<{ keep: [spec: Spec] }>()

const OWN: Spec = { name: 'My size', width: 1200, height: 1200, format: 'JPEG', quality: 90 }
const form = ref<Spec>(OWN)
const isNew = computed(() => props.spec === null)
watch(open, (now) => {
  if (now) form.value = { ...(props.spec ?? OWN) }
})

const { data: common } = useQuery({
  queryKey: ['common-specs'],
  queryFn: async () => (await need(api.GET('/api/v1/specs/common'))) as Spec[],
  staleTime: Infinity,
})

const preview = useSpecPreview(
  computed(() =>
    open.value && props.picture
      ? {
          picture: props.picture,
          spec: { ...tidy(form.value), name: form.value.name || 'A' },
          look: `${props.look.versionId} ${props.look.revision}`,
          longestPx: 360,
        }
      : null,
  ),
)

/** What a blade will do, in words. */
const blade = useCutLine(
  computed(() => (open.value && props.picture ? props.picture : undefined)),
  form,
)

const backdropKind = computed({
  get: () =>
    !form.value.backdrop
      ? 'look'
      : form.value.backdrop === 'transparent'
        ? 'transparent'
        : 'colour',
  set: (kind: string) => {
    form.value.backdrop =
      kind === 'look' ? undefined : kind === 'transparent' ? 'transparent' : '#FFFFFF'
  },
})
const colour = computed({
  get: () => (form.value.backdrop?.startsWith('#') ? form.value.backdrop : '#FFFFFF'),
  set: (c: string) => (form.value.backdrop = c.toUpperCase()),
})

const BACKDROPS = [
  { value: 'look', label: 'as the look says' },
  { value: 'transparent', label: 'transparent' },
  { value: 'colour', label: 'a colour' },
]

function keep() {
  emit('keep', tidy({ ...form.value, name: (form.value.name ?? '').trim() }))
}
</script>

<template>
  <Modal
    v-model:open="open"
    :title="isNew ? 'Add a spec' : 'Change the spec'"
    :ok-text="isNew ? 'Add it' : 'Keep it'"
    cancel-text="Not now"
    width="880px"
    @ok="keep"
  >
    <div class="two">
      <div class="common" role="group" aria-label="Common specs">
        <button
          v-for="s in common ?? []"
          :key="s.name"
          :data-common="s.name"
          @click="form = tidy({ ...s })"
        >
          <b>{{ s.name }}</b>
          <span class="num quiet">{{ sizeWords(s) }} · {{ formatWords(s) }}</span>
        </button>
      </div>
      <div class="right">
        <div class="seen">
          <img v-if="preview" class="checker" :src="preview" alt="An example" />
        </div>
        <p v-if="blade" class="small quiet blade" data-blade>{{ blade }}</p>
        <div class="form">
          <label for="spec-name" class="label">Name</label>
          <Input id="spec-name" v-model:value="form.name" :maxlength="60" />
          <SpecSizeFields v-model:spec="form" />
          <SpecFormatFields v-model:spec="form" />
          <span class="label">Backdrop</span>
          <span class="pair">
            <PickOne
              v-model:value="backdropKind"
              :options="BACKDROPS"
              label="Backdrop"
              class="fit"
            />
            <input
              v-if="backdropKind === 'colour'"
              v-model="colour"
              type="color"
              aria-label="Colour"
            />
          </span>
          <span class="label">Margin</span>
          <span class="pair">
            <NumberBox
              :value="form.marginPercent"
              label="Margin"
              :min="0"
              :max="45"
              empty="look"
              few
              @update:value="form.marginPercent = $event"
            />
            % <span class="small quiet">empty: as the look says</span>
          </span>
        </div>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      </div>
    </div>
  </Modal>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 268px minmax(0, 1fr);
  gap: 18px;
  height: 540px;
}

.common {
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}

.common button {
  display: grid;
  width: 100%;
  border: 0;
  border-bottom: 1px solid var(--line-soft);
  background: none;
  padding: 6px 10px;
  font: inherit;
  font-size: 13px;
  line-height: 19px;
  text-align: left;
  cursor: pointer;
}

.common button:hover {
  background: var(--teal-wash);
}

.common .num {
  font-size: 11.5px;
  line-height: 15px;
}

.right {
  overflow: auto;
  min-width: 0;
}

.seen {
  height: 132px;
  background: var(--paper);
  border-radius: 6px;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  place-items: center;
  padding: 8px;
  margin-bottom: 12px;
}

.blade {
  margin: -6px 0 12px;
}

.seen img {
  max-width: 100%;
  max-height: 100%;
  border: 1px solid #cdbf9f;
}

.form {
  display: grid;
  grid-template-columns: 82px minmax(0, 1fr);
  gap: 8px 12px;
  align-items: center;
}

.form :deep(.pair) {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
}

.form :deep(.unit) {
  width: 84px;
}

.form :deep(.format) {
  width: 112px;
}

.form :deep(.fit),
.form :deep(.palette) {
  width: 210px;
}

.problem {
  margin-top: 10px;
  color: var(--brick);
}
</style>
