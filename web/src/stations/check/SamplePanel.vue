<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import type { Sampling } from '../../api/types'

/** How the inspection of the sample stands, and what follows from it. */
const props = defineProps<{ sampling: Sampling; others: number; batchId: number; busy: boolean }>()
const emit = defineEmits<{ passOthers: []; end: [] }>()
const record = computed(() => `/api/v1/batches/${props.batchId}/sampling/record.html`)
const share = computed(() => `${(100 * props.sampling.judged) / props.sampling.sampleSize}%`)
</script>

<template>
  <section class="sample" :class="sampling.verdict" data-sample>
    <h2>Sample</h2>
    <p v-if="sampling.verdict === 'open'">
      <b class="num">{{ sampling.judged }}</b> of
      <b class="num">{{ sampling.sampleSize }}</b> judged,
      <b class="num">{{ sampling.faulty }}</b> faulty; at most
      <span class="num">{{ sampling.acceptUpTo }}</span> may be.
      <span class="meter"><i :style="{ width: share }" /></span>
    </p>
    <p v-else-if="sampling.verdict === 'accepted'">
      <b>The batch is accepted:</b> {{ sampling.faulty }} of {{ sampling.sampleSize }} faulty.
    </p>
    <p v-else>
      <b>The batch is not accepted:</b> {{ sampling.faulty }} faulty, at most
      {{ sampling.acceptUpTo }} may be. Check every picture.
    </p>
    <div class="row">
      <Button
        v-if="sampling.verdict === 'accepted' && others > 0"
        size="small"
        type="primary"
        :loading="busy"
        @click="emit('passOthers')"
      >
        Pass the other {{ others.toLocaleString('en') }}
      </Button>
      <Button size="small" @click="emit('end')">
        {{ sampling.verdict === 'open' ? 'Give up the sample' : 'Done with the sample' }}
      </Button>
      <a :href="record" target="_blank" rel="noopener">Record</a>
    </div>
  </section>
</template>

<style scoped>
.sample {
  padding: 10px 12px;
  border-radius: 6px;
  background: var(--teal-wash);
}

.sample.not-accepted {
  background: var(--brick-wash);
}

p {
  margin: 4px 0 8px;
  font-size: 13px;
}

.meter {
  display: block;
  height: 4px;
  margin-top: 6px;
  border-radius: 2px;
  background: #e6decd;
}

.meter i {
  display: block;
  height: 4px;
  border-radius: 2px;
  background: var(--teal);
}

.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  font-size: 13px;
}
</style>
