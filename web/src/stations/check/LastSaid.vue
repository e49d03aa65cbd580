<script setup lang="ts">
import { Button } from 'ant-design-vue'
import type { LastWord } from './useLastWord'

/** What happened last, in the one place where a checker looks for it. */
defineProps<{ word: LastWord }>()
</script>

<template>
  <p class="last small" :class="{ trouble: word.trouble }" data-last>
    <span>{{ word.sentence }}</span>
    <Button v-if="word.back" type="link" size="small" @click="word.back.go">
      {{ word.back.label }}
    </Button>
  </p>
</template>

<style scoped>
.last {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  justify-content: space-between;
  gap: 2px 8px;
  color: var(--quiet);
  overflow-wrap: anywhere;
}

.last.trouble {
  color: var(--brick);
}

.last :deep(.ant-btn) {
  padding: 0;
  height: 24px;
  text-decoration: underline;
}
</style>
