<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Picture } from '../../api/types'
import { DRAWN } from '../../stage/markers'
import { isSerious } from '../../stage/serious'

/** What is suspected, the worst first; a press shows the place. */
const props = defineProps<{ picture: Picture; chosen: number | null; allDrawn: boolean }>()
const emit = defineEmits<{ choose: [index: number]; drawAll: [all: boolean] }>()
const faintToo = ref(false)
watch(
  () => props.picture.id,
  () => (faintToo.value = false),
)
const serious = computed(() => props.picture.findings.filter(isSerious).length)
/** They come worst first, so those to show are the first. */
const shown = computed(() =>
  faintToo.value ? props.picture.findings : props.picture.findings.slice(0, serious.value),
)
const faint = computed(() => props.picture.findings.length - serious.value)
</script>

<template>
  <section>
    <h2>
      Findings <template v-if="serious">· <kbd>N</kbd> walks</template>
    </h2>
    <button v-if="serious > DRAWN" class="more quiet" @click="emit('drawAll', !allDrawn)">
      {{ allDrawn ? `all ${serious} are drawn` : `the worst ${DRAWN} of ${serious} are drawn` }}
      <kbd>Shift A</kbd>
    </button>
    <p v-if="picture.redrawing" class="quiet">It was mended, and the result is being drawn.</p>
    <p v-else-if="!picture.inspected" class="quiet">This cutout is being looked over.</p>
    <p v-else-if="serious === 0" class="quiet">Nothing that should worry you.</p>
    <ol v-if="!picture.redrawing">
      <li v-for="(finding, index) in shown" :key="index">
        <button
          class="line"
          :class="{ on: index === chosen, faint: !isSerious(finding) }"
          @click="emit('choose', index)"
        >
          <span class="chip num">{{ index + 1 }}</span>
          <span class="words">
            {{ finding.label }}
            <small class="quiet">{{ finding.sentence }}</small>
          </span>
          <span class="num">{{ finding.severity.toFixed(2) }}</span>
        </button>
      </li>
    </ol>
    <button v-if="faint > 0 && !faintToo" class="more quiet" @click="faintToo = true">
      {{ faint }} faint {{ faint === 1 ? 'suspicion' : 'suspicions' }}
    </button>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}

.line {
  width: 100%;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 9px;
  padding: 7px 6px;
  border: 0;
  border-top: 1px solid var(--line-soft);
  background: none;
  font: inherit;
  font-size: 13px;
  line-height: 17px;
  color: inherit;
  text-align: left;
  cursor: pointer;
}

.line.on {
  background: var(--teal-wash);
}

.line.faint {
  color: var(--quiet);
}

.words small {
  display: block;
  font-size: 12px;
}

.more {
  margin-top: 4px;
  padding: 2px 6px;
  border: 0;
  background: none;
  font: inherit;
  font-size: 12px;
  text-decoration: underline;
  cursor: pointer;
}

.chip {
  width: 20px;
  height: 19px;
  line-height: 19px;
  font-size: 11.5px;
  text-align: center;
  border-radius: 4px;
  background: var(--ink);
  color: #fff;
}

.faint .chip {
  background: none;
  color: var(--quiet);
  box-shadow: inset 0 0 0 1px var(--line);
}
</style>
