<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed, ref, toRef } from 'vue'
import { addressOf } from '../../api/addresses'
import { METHODS, methodLabel, type Batch, type Picture } from '../../api/types'
import StripTile from './StripTile.vue'
import { useStripLayout } from './useStripLayout'
import PickOne from '../../shell/PickOne.vue'

/** A few pictures by a few methods; a press on a column or a cell chooses. */
const props = defineProps<{ batch: Batch; pictures: Picture[]; selected: Picture | undefined }>()
const emit = defineEmits<{
  forBatch: [method: string]
  forGroup: [group: string, method: string]
  forPicture: [picture: Picture, method: string]
}>()
const strip = useStripLayout(
  toRef(() => props.batch.id),
  toRef(() => props.pictures),
)
const { rows, methods, busy, cellOf } = strip
const opened = ref<string | null>(null)
const more = computed(() =>
  METHODS.filter((m) => !methods.value.includes(m.value)).map((m) => ({
    value: m.value,
    label: m.label,
  })),
)

/** What the picture would be cut by as things stand. */
function methodOf(picture: Picture): string {
  return picture.askedMethod ?? props.batch.methodRules[picture.group ?? ''] ?? props.batch.method
}

function withSelected() {
  if (props.selected) strip.addPicture(props.selected.id)
}

function press(picture: Picture, method: string) {
  const key = `${picture.id} ${method}`
  opened.value = opened.value === key ? null : key
}

function choose(picture: Picture, method: string, what: 'batch' | 'group' | 'picture') {
  opened.value = null
  if (what === 'batch') emit('forBatch', method)
  else if (what === 'picture') emit('forPicture', picture, method)
  else if (picture.group) emit('forGroup', picture.group, method)
}

defineExpose({ begin: strip.begin })
</script>

<template>
  <section aria-label="Test strip" :class="{ laid: rows.length > 0 }">
    <div class="head">
      <h2 class="title">Test strip</h2>
      <p v-if="rows.length === 0" class="quiet">
        a few pictures by a few methods, before the whole batch is cut
      </p>
      <p v-else class="quiet">
        {{ rows.length }} of {{ batch.total.toLocaleString('en') }} pictures · on each cutout’s
        tell-tale colour
      </p>
      <span class="rest" />
      <PickOne
        v-if="rows.length > 0 && more.length > 0"
        :value="undefined"
        :options="more"
        size="small"
        placeholder="One method more"
        label="One method more"
        class="more"
        @change="(method) => strip.addMethod(String(method))"
      />
      <Button v-if="selected" size="small" :loading="busy" @click="withSelected">
        {{ rows.length > 0 ? 'Add this picture' : 'Try this picture' }}
      </Button>
      <Button v-if="rows.length > 0" size="small" @click="strip.clear">Put away</Button>
      <Button v-else size="small" :loading="busy" @click="strip.begin">
        Try 3 that differ most <kbd>T</kbd>
      </Button>
    </div>
    <table v-if="rows.length > 0">
      <thead>
        <tr>
          <th><span class="heard">Picture</span></th>
          <th v-for="method in methods" :key="method">
            <button
              class="column"
              :class="{ on: batch.method === method }"
              :aria-pressed="batch.method === method"
              @click="emit('forBatch', method)"
            >
              {{ methodLabel(method) }}
              <small>{{ batch.method === method ? 'for the batch' : 'take for the batch' }}</small>
            </button>
            <button
              v-if="methods.length > 1"
              class="drop"
              :aria-label="`Without ${methodLabel(method)}`"
              @click="strip.dropMethod(method)"
            >
              ×
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="picture in rows" :key="picture.id">
          <td class="source">
            <img :src="addressOf.thumbnail(picture)" :alt="picture.fileName" />
            <span class="name num cut">{{ picture.fileName }}</span>
            <button
              class="drop"
              :aria-label="`Without ${picture.fileName}`"
              @click="strip.dropPicture(picture.id)"
            >
              ×
            </button>
          </td>
          <td v-for="method in methods" :key="method">
            <StripTile
              :picture="picture"
              :method="method"
              :cell="cellOf(picture, method)"
              :chosen="methodOf(picture) === method"
              @click="press(picture, method)"
            />
            <div v-if="opened === `${picture.id} ${method}`" class="choice panel">
              <b>{{ methodLabel(method) }}</b>
              <Button size="small" type="primary" @click="choose(picture, method, 'batch')">
                For the whole batch
              </Button>
              <Button v-if="picture.group" size="small" @click="choose(picture, method, 'group')">
                For the group {{ picture.group }}
              </Button>
              <Button size="small" @click="choose(picture, method, 'picture')">
                For this picture alone
              </Button>
            </div>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  gap: 10px;
}

.rest {
  flex: 1;
}

.more {
  width: 150px;
}

table {
  width: calc(100% + 16px);
  table-layout: fixed;
  border-collapse: separate;
  border-spacing: 8px;
  margin: 4px -8px -8px;
}

th {
  text-align: left;
  vertical-align: bottom;
  position: relative;
  padding: 0;
}

th:first-child {
  width: 150px;
}

.column {
  width: 100%;
  text-align: left;
  border: 0;
  border-bottom: 2px solid transparent;
  background: none;
  font: 600 13.5px/17px var(--text);
  color: var(--ink);
  padding: 2px;
  cursor: pointer;
}

.column.on {
  border-bottom-color: var(--teal);
}

.column small {
  display: block;
  font-weight: 400;
  color: var(--quiet);
  font-size: 12px;
}

td {
  position: relative;
  padding: 0;
  height: 118px;
}

.source {
  border-radius: 6px;
  overflow: hidden;
}

.source img {
  width: 100%;
  height: 118px;
  object-fit: cover;
  display: block;
}

.name {
  position: absolute;
  left: 6px;
  bottom: 6px;
  max-width: calc(100% - 12px);
  background: var(--panel);
  border-radius: 4px;
  padding: 0 6px;
  font-size: 12px;
  line-height: 18px;
}

.drop {
  position: absolute;
  right: 4px;
  top: 4px;
  border: 0;
  border-radius: 4px;
  width: 20px;
  height: 20px;
  background: var(--panel);
  color: var(--quiet);
  cursor: pointer;
  opacity: 0;
}

th .drop {
  top: -2px;
}

th:hover .drop,
td:hover .drop,
.drop:focus-visible {
  opacity: 1;
}

.choice {
  position: absolute;
  z-index: 3;
  left: 8px;
  right: 8px;
  top: 84px;
  padding: 8px;
  display: grid;
  gap: 6px;
}
</style>
