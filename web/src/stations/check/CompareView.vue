<script setup lang="ts">
import { Checkbox, CheckboxGroup } from 'ant-design-vue'
import { computed, ref, toRef, watch } from 'vue'
import { METHODS, type Picture } from '../../api/types'
import AlsoBy from '../../shell/AlsoBy.vue'
import BackdropBar from '../../stage/BackdropBar.vue'
import { backdropOf } from '../../stage/backdrops'
import { useView } from '../../stage/view'
import { useKeys } from '../../shell/useKeys'
import ComparePane from './ComparePane.vue'
import { useVersions } from './useVersions'

/** Two to four versions side by side, moved together, with the places where they differ. */
const props = defineProps<{ picture: Picture; look: string | null }>()
const backdrop = defineModel<string>('backdrop', { required: true })
const emit = defineEmits<{ close: [] }>()
const MOST = 4

const view = useView()
view.setPicture(props.picture)
const shownIds = ref<number[]>([])
const active = ref(0)
const outlined = ref(true)

const currentId = computed(() => props.picture.versionId)
const activeId = computed(() => shownIds.value[active.value] ?? null)
const pair = computed<[number, number] | null>(() =>
  currentId.value !== null && activeId.value !== null && activeId.value !== currentId.value
    ? [activeId.value, currentId.value]
    : null,
)
const { versions, comparison, choose, take, cutBeside, cutting } = useVersions(
  toRef(props, 'picture'),
  pair,
)
const shown = computed(() => versions.value.filter((v) => shownIds.value.includes(v.id)))

/** At first the one in use and the latest others. */
watch(
  versions,
  (all, before) => {
    const known = new Set((before ?? []).map((v) => v.id))
    const kept = shownIds.value.filter((id) => all.some((v) => v.id === id))
    const fresh = all.filter((v) => !known.has(v.id)).map((v) => v.id)
    const wanted = [...new Set([...kept, ...fresh])].slice(-MOST)
    const current = currentId.value
    if (current !== null && !wanted.includes(current)) wanted.splice(0, 1, current)
    shownIds.value = all.filter((v) => wanted.includes(v.id)).map((v) => v.id)
    const other = shownIds.value.findIndex((id) => id !== current)
    active.value = Math.max(0, other)
  },
  { immediate: true },
)

const others = computed(() => METHODS.filter((m) => m.value !== 'auto'))
const choices = computed(() =>
  versions.value.map((v) => ({
    value: v.id,
    label: String(v.number),
    disabled: !shownIds.value.includes(v.id) && shownIds.value.length >= MOST,
  })),
)

function setShown(ids: unknown) {
  const wanted = ids as number[]
  shownIds.value = versions.value.filter((v) => wanted.includes(v.id)).map((v) => v.id)
  active.value = Math.min(active.value, Math.max(0, shownIds.value.length - 1))
}

async function use(id: number | null) {
  if (id !== null && id !== currentId.value && (await choose(id))) emit('close')
}

function step(by: number) {
  active.value = (active.value + by + shown.value.length) % Math.max(1, shown.value.length)
}

const differing = computed(() => {
  const found = comparison.value
  if (!pair.value || !found) return ''
  const n = found.regions.length
  const percent = (100 * found.share).toFixed(found.share < 0.01 ? 2 : 1)
  return n === 0
    ? 'No visible difference'
    : `${n} ${n === 1 ? 'place differs' : 'places differ'}, ${percent} % of the picture`
})

useKeys({
  ArrowRight: () => step(1),
  ArrowLeft: () => step(-1),
  Enter: (event) => {
    if (!event.repeat) void use(activeId.value)
  },
  d: () => (outlined.value = !outlined.value),
  z: () => view.toggleFit(),
  m: () => emit('close'),
  Escape: () => emit('close'),
})
</script>

<template>
  <div class="compare">
    <div class="bar">
      <BackdropBar v-model:backdrop="backdrop" :tell-tale="picture.tellTale" :look="look" />
      <span class="quiet">Versions</span>
      <CheckboxGroup :value="shownIds" :options="choices" @change="setShown" />
      <AlsoBy
        label="Cut by another method too"
        :methods="others"
        :cutting="cutting"
        @also="(method) => void cutBeside(method)"
      />
      <Checkbox v-model:checked="outlined">Differences <kbd>D</kbd></Checkbox>
      <span class="quiet">{{ differing }}</span>
    </div>
    <div
      class="panes"
      :style="{ gridTemplateColumns: `repeat(${Math.min(2, shown.length)}, minmax(0, 1fr))` }"
    >
      <ComparePane
        v-for="(version, k) in shown"
        :key="version.id"
        :picture="picture"
        :version="version"
        :view="view"
        :backdrop="backdropOf(backdrop, picture.tellTale)"
        :active="k === active"
        :regions="outlined && k === active && pair && comparison ? comparison.regions : []"
        @activate="active = k"
        @use="use(version.id)"
        @take="(region) => take(version.id, region)"
      />
    </div>
    <p class="foot small quiet">
      <template v-if="versions.length < 2">
        There is one version so far. Cut it by another method too to have two.
      </template>
      <template v-else>
        <kbd>←</kbd> <kbd>→</kbd> choose a version, <kbd>Enter</kbd> uses it. A click on an outlined
        place takes it from there into the version in use.
      </template>
    </p>
  </div>
</template>

<style scoped>
.compare {
  height: 100%;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  min-height: 0;
}

.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 8px 14px;
  border-bottom: 1px solid var(--line);
  font-size: 13px;
}

.panes {
  display: grid;
  grid-auto-rows: minmax(0, 1fr);
  gap: 2px;
  min-height: 0;
  background: var(--line);
}

.foot {
  margin: 0;
  padding: 6px 14px;
  border-top: 1px solid var(--line);
}
</style>
