<script setup lang="ts">
import { computed } from 'vue'
import type { Sets } from '../../api/types'

/** What codes and groups would come to: the sum of it, and a few files of every kind. */
const props = defineProps<{ sets: Sets }>()
const MOST_NAMED = 4
const groups = computed(() => {
  const named = props.sets.groups.slice(0, MOST_NAMED).map((g) => `${g.group} ${g.pictures}`)
  return named.join(', ') + (props.sets.groups.length > MOST_NAMED ? ', …' : '')
})
const many = (n: number, one: string, more: string) =>
  `${n.toLocaleString('en')} ${n === 1 ? one : more}`
</script>

<template>
  <p class="sum">
    {{ sets.withCode.toLocaleString('en') }} of {{ sets.pictures.toLocaleString('en') }} get a code
    · {{ many(sets.codes, 'code', 'codes') }} · {{ many(sets.groups.length, 'group', 'groups')
    }}<template v-if="groups">: {{ groups }}</template>
    <template v-if="sets.unmatchedCount > 0">
      ·
      <span class="warn">
        {{ many(sets.unmatchedCount, 'line of the list has', 'lines of the list have') }} no
        picture:
        {{ sets.unmatched.slice(0, 3).join(', ') }}
      </span>
    </template>
  </p>
  <div class="table" role="region" aria-label="Examples" tabindex="0">
    <table>
      <thead>
        <tr>
          <th>File</th>
          <th>Code</th>
          <th>Group</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="example in sets.examples" :key="example.pictureId">
          <td class="num">
            <span v-if="example.folder" class="quiet">{{ example.folder }}/</span
            >{{ example.fileName }}
          </td>
          <td class="num">{{ example.code }}<i v-if="!example.code">none</i></td>
          <td class="num">{{ example.group }}<i v-if="!example.group">none</i></td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.sum {
  margin: 12px 0 8px;
}

.warn {
  color: var(--brick);
}

.table {
  max-height: 300px;
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: 6px;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}

th {
  position: sticky;
  top: 0;
  background: var(--paper);
  text-align: left;
  font-weight: 600;
  padding: 4px 10px;
}

td {
  padding: 3px 10px;
  border-top: 1px solid var(--line-soft);
}

i {
  color: var(--quiet);
  font-family: var(--text);
}
</style>
