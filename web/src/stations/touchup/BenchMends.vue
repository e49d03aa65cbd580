<script setup lang="ts">
import { Button } from 'ant-design-vue'
import type { Picture } from '../../api/types'
import MendLooks from '../../stage/MendLooks.vue'
import { mendWords } from '../../stage/mends'
import type { Offer } from './useBenchMends'

/** Mends that are ready: the first is shown, and one key takes it. */
defineProps<{ picture: Picture; offers: Offer[] }>()
const emit = defineEmits<{ take: [offer: Offer] }>()
const SHOWN = 4
</script>

<template>
  <section v-if="offers[0]" aria-label="Mends that are ready">
    <h2>Mends · <kbd>Y</kbd> takes the first</h2>
    <MendLooks :picture="picture" :index="offers[0].index" />
    <ul>
      <li v-for="offer in offers.slice(0, SHOWN)" :key="offer.index">
        <span>
          {{ offer.finding.label }}
          <small class="quiet">{{ mendWords(offer.finding) }}</small>
        </span>
        <Button size="small" @click="emit('take', offer)">Take</Button>
      </li>
    </ul>
    <p v-if="offers.length > SHOWN" class="small quiet">and {{ offers.length - SHOWN }} more</p>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
}

li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  padding: 5px 0;
  border-bottom: 1px solid var(--line-soft);
  font-size: 13px;
  line-height: 17px;
}

small {
  display: block;
  font-size: 12px;
}
</style>
