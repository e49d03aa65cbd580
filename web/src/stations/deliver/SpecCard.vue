<script setup lang="ts">
import { computed } from 'vue'
import type { BatchLook, Picture, Spec } from '../../api/types'
import { backdropOf, formatWords, sizeWords, wishes } from '../../spec/spec'
import { useSpecPreview } from './useSpecPreview'

/** A spec as a card, with one picture of the batch as it will come out, in true proportion. */
const props = defineProps<{ spec: Spec; look: BatchLook; picture: Picture | undefined }>()
const emit = defineEmits<{ edit: []; remove: [] }>()
const LONGEST_PX = 380

const preview = useSpecPreview(
  computed(() =>
    props.picture
      ? {
          picture: props.picture,
          spec: props.spec,
          look: `${props.look.versionId} ${props.look.revision}`,
          longestPx: LONGEST_PX,
        }
      : null,
  ),
)
const backdrop = computed(() => {
  const own = props.spec.backdrop ?? 'the look’s backdrop'
  return backdropOf(props.spec, props.look) !== (props.spec.backdrop ?? props.look.backdrop)
    ? 'white'
    : own
})
const more = computed(() => [backdrop.value, ...wishes(props.spec)].join(' · '))
</script>

<template>
  <article class="card panel" :data-spec="spec.name">
    <div class="frame">
      <img v-if="preview" class="checker" :src="preview" :alt="`${spec.name}, an example`" />
    </div>
    <b class="cut">{{ spec.name }}</b>
    <span class="num quiet">
      {{ sizeWords(spec) }} · {{ formatWords(spec) }}<br />
      <span class="more">{{ more }}</span>
    </span>
    <div class="acts">
      <button @click="emit('edit')">Change</button>
      <button @click="emit('remove')">Remove</button>
    </div>
  </article>
</template>

<style scoped>
.card {
  padding: 10px;
  display: grid;
  grid-template-rows: auto auto 1fr auto;
  gap: 2px;
  width: 214px;
  flex: none;
}

.frame {
  height: 118px;
  background: var(--paper);
  border-radius: 6px;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  place-items: center;
  padding: 6px;
  margin-bottom: 6px;
}

img {
  max-width: 100%;
  max-height: 100%;
  border: 1px solid #cdbf9f;
  background-size: 10px 10px;
}

.num {
  font-size: 12px;
  line-height: 16px;
}

.acts {
  display: flex;
  gap: 14px;
  margin-top: 4px;
}

.acts button {
  border: 0;
  background: none;
  padding: 0;
  min-height: 24px;
  font: 600 13px/18px var(--text);
  color: var(--teal);
  cursor: pointer;
}

.acts button:last-child {
  color: var(--quiet);
}
</style>
