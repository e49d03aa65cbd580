<script setup lang="ts">
import { methodLabel, type Batch } from '../api/types'

/** Under what instructions this batch is worked. */
defineProps<{ batch: Batch }>()
</script>

<template>
  <section>
    <h2>Ticket</h2>
    <dl class="facts top">
      <dt>Batch</dt>
      <dd>{{ batch.name }}</dd>
      <dt>Method</dt>
      <dd>
        {{ methodLabel(batch.method)
        }}<template v-for="(method, group) in batch.methodRules" :key="group"
          >; {{ group }}: {{ methodLabel(method) }}</template
        >
      </dd>
      <dt>Look</dt>
      <dd>{{ batch.look.name }}</dd>
      <dt>Pictures</dt>
      <dd class="num">{{ batch.total.toLocaleString('en') }}</dd>
      <template v-if="batch.takeSafeMends">
        <dt>Safe mends</dt>
        <dd>Taken without asking</dd>
      </template>
      <template v-if="batch.notes">
        <dt>Notes</dt>
        <dd>{{ batch.notes }}</dd>
      </template>
    </dl>
    <a class="small save" :href="`/api/v1/batches/${batch.id}/ticket`" download>
      Save this ticket as a file
    </a>
  </section>
</template>

<style scoped>
.top {
  margin-top: 8px;
}

.save {
  color: var(--teal);
  display: inline-block;
  margin-top: 6px;
}
</style>
