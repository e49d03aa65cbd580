<script setup lang="ts">
import { Input, InputNumber, Modal } from 'ant-design-vue'
import { computed, reactive, watch } from 'vue'
import { SHELF, sizeWords, type Draft } from './specs'
import PickOne from '../../shell/PickOne.vue'

/** One spec: from the shelf, or by hand. */
const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{ spec: Draft | null; problem: string }>()
const emit = defineEmits<{ keep: [spec: Draft] }>()

const form = reactive<Draft>({ ...(SHELF[0] as Draft) })
const isNew = computed(() => props.spec === null)
watch(open, (now) => {
  if (now) Object.assign(form, props.spec ?? { ...SHELF[0], name: 'My size' })
})

const backdropKind = computed({
  get: () =>
    form.backdrop === null ? 'look' : form.backdrop === 'transparent' ? 'transparent' : 'colour',
  set: (kind: string) => {
    form.backdrop = kind === 'look' ? null : kind === 'transparent' ? 'transparent' : '#FFFFFF'
  },
})
const colour = computed({
  get: () => (form.backdrop?.startsWith('#') ? form.backdrop : '#FFFFFF'),
  set: (c: string) => (form.backdrop = c.toUpperCase()),
})

const margin = computed({
  get: () => form.marginPercent ?? undefined,
  set: (percent: number | undefined) => (form.marginPercent = percent ?? null),
})

const BACKDROPS = [
  { value: 'look', label: 'as the look says' },
  { value: 'transparent', label: 'transparent' },
  { value: 'colour', label: 'a colour' },
]
const FORMATS = [
  { value: 'PNG', label: 'PNG' },
  { value: 'JPEG', label: 'JPEG' },
  { value: 'WEBP', label: 'WebP' },
]

function keep() {
  emit('keep', { ...form, name: form.name.trim() })
}
</script>

<template>
  <Modal
    v-model:open="open"
    :title="isNew ? 'Add a spec' : 'Change the spec'"
    :ok-text="isNew ? 'Add it' : 'Keep it'"
    cancel-text="Not now"
    width="520px"
    @ok="keep"
  >
    <div v-if="isNew" class="shelf">
      <button v-for="s in SHELF" :key="s.name" class="panel" @click="Object.assign(form, s)">
        <b>{{ s.name }}</b> <span class="num quiet">{{ sizeWords(s) }}</span>
      </button>
    </div>
    <div class="form">
      <label for="spec-name">Name</label>
      <Input id="spec-name" v-model:value="form.name" :maxlength="60" />
      <label for="spec-width">Size</label>
      <span class="pair">
        <InputNumber id="spec-width" v-model:value="form.width" aria-label="Width" :precision="0" />
        ×
        <InputNumber v-model:value="form.height" aria-label="Height" :precision="0" /> px
      </span>
      <label>Format</label>
      <span class="pair">
        <PickOne v-model:value="form.format" :options="FORMATS" label="Format" class="w" />
        <template v-if="form.format !== 'PNG'">
          quality
          <InputNumber v-model:value="form.quality" :min="1" :max="100" aria-label="Quality" />
        </template>
      </span>
      <label>Backdrop</label>
      <span class="pair">
        <PickOne v-model:value="backdropKind" :options="BACKDROPS" label="Backdrop" class="w2" />
        <input v-if="backdropKind === 'colour'" v-model="colour" type="color" aria-label="Colour" />
      </span>
      <label>Margin</label>
      <span class="pair">
        <InputNumber
          v-model:value="margin"
          :min="0"
          :max="45"
          placeholder="look"
          addon-after="%"
          aria-label="Margin"
        />
        <span class="small quiet">empty = as the look says</span>
      </span>
    </div>
    <p v-if="problem" class="problem">{{ problem }}</p>
  </Modal>
</template>

<style scoped>
.shelf {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin-bottom: 14px;
}

.shelf button {
  padding: 6px 10px;
  font: inherit;
  display: grid;
  text-align: left;
  cursor: pointer;
}

.shelf button:hover {
  background: var(--teal-wash);
}

.form {
  display: grid;
  grid-template-columns: 80px 1fr;
  gap: 8px 12px;
  align-items: center;
}

.pair {
  display: flex;
  align-items: center;
  gap: 8px;
}

.w {
  width: 110px;
}

.w2 {
  width: 170px;
}

.problem {
  margin-top: 10px;
  color: var(--brick);
}
</style>
