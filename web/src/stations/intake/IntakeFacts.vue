<script setup lang="ts">
import { computed } from 'vue'
import { methodLabel, type Picture } from '../../api/types'
import { FLAGS, type Flag } from './report'

/** What intake saw of one picture, in words. */
const props = defineProps<{ picture: Picture; flags: Flag[]; pictures: Picture[] }>()
const emit = defineEmits<{ show: [id: number] }>()

const remarks = computed(() =>
  FLAGS.filter(
    (f) => props.flags.includes(f.flag) && f.flag !== 'duplicate' && f.flag !== 'profile',
  ),
)
const twin = computed(() => props.pictures.find((p) => p.id === props.picture.intake.duplicateOf))
</script>

<template>
  <section>
    <h2>As it came</h2>
    <dl class="facts top">
      <template v-if="picture.folder">
        <dt>Folder</dt>
        <dd class="num">{{ picture.folder }}</dd>
      </template>
      <dt>Profile</dt>
      <dd>{{ picture.intake.profile ?? 'none: taken as sRGB' }}</dd>
      <template v-if="picture.intake.picturesInFile > 1">
        <dt>In the file</dt>
        <dd>
          <span class="num">{{ picture.intake.picturesInFile }}</span> pictures; this is the first
        </dd>
      </template>
      <template v-if="picture.intake.crop">
        <dt>Whole</dt>
        <dd class="num">{{ picture.intake.wholeWidth }} × {{ picture.intake.wholeHeight }}</dd>
      </template>
      <template v-if="picture.code || picture.group">
        <dt>Set</dt>
        <dd>
          <span class="num">{{ picture.code }}</span>
          {{ picture.group ? `in ${picture.group}` : '' }}
        </dd>
      </template>
      <template v-if="picture.askedMethod">
        <dt>Asked</dt>
        <dd>{{ methodLabel(picture.askedMethod) }}</dd>
      </template>
    </dl>
    <ul>
      <li v-if="twin">
        The same bytes as
        <button class="link" @click="emit('show', twin.id)">{{ twin.fileName }}</button>
      </li>
      <li v-for="remark in remarks" :key="remark.flag">{{ remark.hint }}</li>
    </ul>
  </section>
</template>

<style scoped>
.top {
  margin-top: 8px;
}

ul {
  margin: 8px 0 0;
  padding-left: 16px;
  font-size: 13px;
  line-height: 18px;
}

.link {
  border: 0;
  background: none;
  padding: 0;
  font: inherit;
  color: var(--teal);
  text-decoration: underline;
  cursor: pointer;
}
</style>
