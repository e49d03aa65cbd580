<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { addressOf } from '../../api/addresses'
import type { Picture } from '../../api/types'
import { STATES } from '../../theme/shapes'
import StateShape from '../../theme/StateShape.vue'

/** The newest cutouts as they come; a press opens one in Check. */
const props = defineProps<{ pictures: Picture[] }>()
const selectedId = defineModel<number | null>('selectedId', { required: true })
const MOST = 24
const router = useRouter()
const newest = computed(() =>
  [...props.pictures].sort((a, b) => (b.versionId ?? 0) - (a.versionId ?? 0)).slice(0, MOST),
)

function open(picture: Picture) {
  selectedId.value = picture.id
  void router.push({ name: 'check', params: { id: picture.batchId } })
}
</script>

<template>
  <section v-if="newest.length > 0">
    <div class="head">
      <h2 class="title">Newest cutouts</h2>
      <p class="quiet">press one to open it in Check</p>
    </div>
    <div class="wall">
      <button
        v-for="picture in newest"
        :key="picture.id"
        class="one"
        :title="picture.fileName"
        @click="open(picture)"
      >
        <img :src="addressOf.cutoutThumbnail(picture)" :alt="picture.fileName" loading="lazy" />
        <span class="tag">
          <StateShape :shape="STATES[picture.state].shape" :label="STATES[picture.state].words" />
          <span class="num">{{ picture.confidence }}</span>
        </span>
      </button>
    </div>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  gap: 12px;
  margin-bottom: 10px;
}

.wall {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
}

.one {
  position: relative;
  height: 112px;
  border: 0;
  border-radius: 6px;
  background: var(--stage);
  padding: 6px;
  cursor: pointer;
}

.one img {
  width: 100%;
  height: 100%;
  object-fit: contain;
}

.tag {
  position: absolute;
  left: 6px;
  bottom: 6px;
  display: flex;
  gap: 5px;
  align-items: center;
  background: var(--panel);
  border-radius: 4px;
  padding: 1px 6px;
}
</style>
