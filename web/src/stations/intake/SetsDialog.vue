<script setup lang="ts">
import { App, Button, Checkbox, Modal } from 'ant-design-vue'
import { computed, ref, toRef } from 'vue'
import { sentenceOf } from '../../api/client'
import NameParts from './NameParts.vue'
import SetsPreview from './SetsPreview.vue'
import { useSets } from './useSets'

/** Codes and groups for all pictures: from their names, or from a list; seen before they are given. */
const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{ batchId: number }>()
const { message } = App.useApp()
const { pattern, list, sets, problem, give } = useSets(
  toRef(() => props.batchId),
  open,
)

const SEPARATORS = [
  { sign: '_', words: 'underscore' },
  { sign: '-', words: 'hyphen' },
  { sign: ' ', words: 'space' },
  { sign: '.', words: 'dot' },
]
const picker = ref<HTMLInputElement | null>(null)
const longest = computed(() =>
  (sets.value?.examples ?? []).reduce<string[]>(
    (best, example) => (example.parts.length > best.length ? example.parts : best),
    [],
  ),
)
const hasFolders = computed(() => sets.value?.examples.some((e) => e.folder !== '') ?? false)

async function giveAndClose() {
  try {
    await give()
    open.value = false
  } catch (error) {
    void message.error(sentenceOf(error))
  }
}

function turnSeparator(sign: string) {
  const now = pattern.value.separators
  const next = now.includes(sign) ? now.replace(sign, '') : now + sign
  if (next !== '') pattern.value.separators = next
}

function picked(event: Event) {
  const input = event.target as HTMLInputElement
  list.value = input.files?.[0] ?? null
  input.value = ''
}
</script>

<template>
  <Modal v-model:open="open" title="Codes and groups" width="820px" :footer="null">
    <div class="how">
      <template v-if="!list">
        <NameParts v-model:parts="pattern.parts" :example="longest" />
        <div class="row small">
          <span class="quiet">Names part at</span>
          <button
            v-for="{ sign, words } in SEPARATORS"
            :key="sign"
            class="sign"
            :class="{ on: pattern.separators.includes(sign) }"
            :aria-pressed="pattern.separators.includes(sign)"
            @click="turnSeparator(sign)"
          >
            {{ words }}
          </button>
          <Checkbox
            v-if="hasFolders || pattern.folderIsGroup"
            v-model:checked="pattern.folderIsGroup"
          >
            the folder is the group where the name has none
          </Checkbox>
        </div>
      </template>
      <div v-else class="row">
        <b class="num">{{ list.name }}</b>
        <span class="small quiet">columns: file, code, group</span>
        <Button size="small" @click="list = null">Back to the names</Button>
      </div>
      <Button v-if="!list" size="small" class="csv" @click="picker?.click()">
        Read a CSV list instead…
      </Button>
      <input
        ref="picker"
        type="file"
        accept=".csv,.tsv,.txt,text/csv"
        hidden
        aria-label="List of codes and groups"
        @change="picked"
      />
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <SetsPreview v-else-if="sets" :sets="sets" />
    <footer>
      <span class="small quiet">
        {{
          list
            ? 'Pictures that are not in the list keep theirs.'
            : 'Pictures that come later are read the same way.'
        }}
      </span>
      <Button type="primary" :disabled="!sets || problem !== ''" @click="giveAndClose">
        Give {{ (sets?.changed ?? 0).toLocaleString('en') }} pictures their code and group
      </Button>
    </footer>
  </Modal>
</template>

<style scoped>
.how {
  display: grid;
  gap: 10px;
}

.row {
  display: flex;
  align-items: center;
  gap: 8px;
}

.csv {
  justify-self: start;
}

.sign {
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--panel);
  font: inherit;
  padding: 0 8px;
  cursor: pointer;
}

.sign.on {
  border-color: var(--teal);
  background: var(--teal-wash);
}

.problem {
  color: var(--brick);
}

.problem {
  margin-top: 12px;
}

footer {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-top: 12px;
}
</style>
