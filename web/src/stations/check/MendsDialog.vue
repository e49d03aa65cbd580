<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import type { Picture } from '../../api/types'
import TickBox from '../../shell/TickBox.vue'
import MendLooks from '../../stage/MendLooks.vue'
import { safeMendsIn } from './findings'

/** Safe mends for every picture that waits: one kind at a time, or all, after a look at six of them. */
const open = defineModel<boolean>('open', { required: true })
/** Whether the ticket takes them from now on without being asked. */
const byTicket = defineModel<boolean>('byTicket', { required: true })
const props = defineProps<{ pictures: Picture[]; busy: boolean }>()
const emit = defineEmits<{ take: [kind: string | null] }>()
const SHOWN = 6

const kinds = computed(() => safeMendsIn(props.pictures))
/** Null = all kinds. */
const kind = ref<string | null>(null)
watch(open, (now) => now && (kind.value = null))
const places = computed(() =>
  kinds.value.filter((k) => kind.value === null || k.kind === kind.value).flatMap((k) => k.places),
)
/** From as many pictures as there are, so that six say something of all. */
const shown = computed(() => {
  const once = places.value.filter(
    (place, i) => places.value.findIndex((p) => p.picture.id === place.picture.id) === i,
  )
  return [...once, ...places.value.filter((place) => !once.includes(place))].slice(0, SHOWN)
})
const pictureCount = computed(() => new Set(places.value.map((p) => p.picture.id)).size)
const many = (n: number, one: string) => `${n.toLocaleString('en')} ${one}${n === 1 ? '' : 's'}`

/** Enter takes, Escape leaves. */
const ready = (button: unknown) =>
  ((button as { $el?: HTMLElement } | null)?.$el ?? null)?.focus({ preventScroll: true })

function take() {
  emit('take', kind.value)
  open.value = false
}
</script>

<template>
  <Modal v-model:open="open" title="Safe mends" width="860px" :footer="null" destroy-on-close>
    <p v-if="kinds.length === 0">No picture that waits has a mend that is safe to take unseen.</p>
    <div v-else class="mends">
      <div class="kinds" role="radiogroup" aria-label="Kind of finding">
        <label v-for="k in [null, ...kinds]" :key="k?.kind ?? 'all'">
          <input v-model="kind" type="radio" name="mend-kind" :value="k?.kind ?? null" />
          <span>{{ k?.label ?? 'All of them' }}</span>
          <span class="num quiet">
            {{ k?.mends ?? kinds.reduce((sum, one) => sum + one.mends, 0) }}
          </span>
        </label>
      </div>
      <div>
        <div class="six">
          <figure v-for="place in shown" :key="`${place.picture.id} ${place.index}`">
            <MendLooks :picture="place.picture" :index="place.index" />
            <figcaption class="small quiet">{{ place.picture.fileName }}</figcaption>
          </figure>
        </div>
        <p class="small quiet promise">
          Nineteen of twenty such mends make a cutout better. The pictures stay in Check, each mend
          is an edit that can be switched off, and all of them can be taken back at once.
        </p>
        <Button :ref="ready" type="primary" :loading="busy" data-take-all @click="take">
          Take {{ many(places.length, 'mend') }} in {{ many(pictureCount, 'picture') }}
        </Button>
      </div>
    </div>
    <p class="ticket">
      <TickBox v-model:on="byTicket">The ticket takes safe mends without asking</TickBox>
      <span class="small quiet">
        As soon as the engine has cut a picture. The edits and the quality page say which it took.
      </span>
    </p>
  </Modal>
</template>

<style scoped>
.mends {
  display: grid;
  grid-template-columns: 220px minmax(0, 1fr);
  gap: 20px;
}

.kinds label {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 8px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line-soft);
  cursor: pointer;
}

.promise {
  margin: 12px 0;
}

.ticket {
  display: grid;
  margin: 16px 0 0;
  padding-top: 12px;
  border-top: 1px solid var(--line-soft);
}

.six {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px 14px;
}

.six figure {
  margin: 0;
  min-width: 0;
}

.six figcaption {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
