<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import type { Picture } from '../../api/types'
import { DRAWN } from '../../stage/markers'
import { isSerious, SERIOUS } from '../../stage/serious'
import MendCard from './MendCard.vue'

/** What is suspected, the worst first; a press shows the place, and what would mend it. */
const props = defineProps<{
  picture: Picture
  chosen: number | null
  allDrawn: boolean
  /** Safe mends that are open. */
  safe: number
  taken: Set<number>
  busy: boolean
  /** Findings can be answered. */
  answers: boolean
}>()
const emit = defineEmits<{
  choose: [index: number]
  drawAll: [all: boolean]
  take: []
  takeSafe: []
  right: []
}>()
const faintToo = ref(false)
watch(
  () => props.picture.id,
  () => (faintToo.value = false),
)
const serious = computed(() => props.picture.findings.filter(isSerious).length)
/** They come worst first, so those to show are the first. */
const weighty = computed(() => props.picture.findings.filter((f) => f.severity >= SERIOUS).length)
const shown = computed(() =>
  faintToo.value ? props.picture.findings : props.picture.findings.slice(0, weighty.value),
)
const faint = computed(() => props.picture.findings.length - weighty.value)

function state(index: number): string {
  const finding = props.picture.findings[index]
  if (!finding) return ''
  if (finding.right) return 'said to be right'
  if (props.taken.has(index)) return 'mend taken'
  return finding.mend ? (finding.mend.safe ? 'mend ready' : 'a mend to look at') : ''
}
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
          :class="{ on: index === chosen, faint: !isSerious(finding), right: finding.right }"
          @click="emit('choose', index)"
        >
          <span class="chip num">{{ index + 1 }}</span>
          <span class="words">
            {{ finding.label }}
            <small class="quiet">{{ finding.sentence }}</small>
            <small v-if="state(index)" class="state">{{ state(index) }}</small>
          </span>
          <span class="num">{{ finding.severity.toFixed(2) }}</span>
        </button>
        <MendCard
          v-if="answers && index === chosen && !finding.right && !taken.has(index)"
          :picture="picture"
          :index="index"
          :busy="busy"
          @take="emit('take')"
          @right="emit('right')"
        />
        <Button
          v-else-if="answers && index === chosen && finding.right"
          type="link"
          size="small"
          class="again"
          @click="emit('right')"
        >
          It is a fault after all <kbd>F</kbd>
        </Button>
      </li>
    </ol>
    <Button v-if="answers && safe > 0 && !picture.redrawing" block @click="emit('takeSafe')">
      {{ safe === 1 ? 'Take the safe one' : `Take all ${safe} safe ones` }} <kbd>Shift Y</kbd>
    </Button>
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

.words .state {
  color: var(--teal);
}

.line.right .words {
  color: var(--quiet);
}

.line.right .words .state {
  color: inherit;
}

.again {
  margin-left: 30px;
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
