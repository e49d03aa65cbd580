<script setup lang="ts">
import { computed } from 'vue'
import type { Preflight } from '../../api/types'

/** Every file that will be made; those that need a look come first. */
const props = defineProps<{ preflight: Preflight }>()
const MOST = 120
const rows = computed(() =>
  [...props.preflight.content]
    .sort((a, b) => Number(b.notes.length > 0) - Number(a.notes.length > 0))
    .slice(0, MOST),
)
</script>

<template>
  <table class="panel">
    <thead>
      <tr>
        <th>File</th>
        <th>From</th>
        <th>Size</th>
        <th>Before you run</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="file in rows" :key="file.name">
        <td class="num">{{ file.name }}</td>
        <td>{{ file.from }}</td>
        <td class="num size">{{ file.width }} × {{ file.height }}</td>
        <td>
          <span v-for="note in file.notes" :key="note" class="note">{{ note }}</span>
        </td>
      </tr>
    </tbody>
    <tfoot v-if="preflight.files > rows.length">
      <tr>
        <td colspan="4" class="quiet">
          and {{ (preflight.files - rows.length).toLocaleString('en') }} more
        </td>
      </tr>
    </tfoot>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: separate;
  border-spacing: 0;
  font-size: 13px;
}

th {
  text-align: left;
  font-size: 12px;
  color: var(--quiet);
  font-weight: 600;
}

th,
td {
  padding: 7px 12px;
  border-bottom: 1px solid var(--line-soft);
}

tr:last-child td {
  border-bottom: 0;
}

.size {
  white-space: nowrap;
}

.note {
  display: inline-block;
  background: var(--saffron-wash);
  border: 1px solid var(--saffron);
  border-radius: 4px;
  padding: 0 7px;
  margin-right: 6px;
  font-size: 12.5px;
  line-height: 19px;
}
</style>
