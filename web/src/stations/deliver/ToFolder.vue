<script setup lang="ts">
import { Input, Modal, RadioGroup } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { Delivery } from '../../api/types'
import TickBox from '../../shell/TickBox.vue'

/** A delivery's files into a folder of the server; what came of it stays until it is closed. */
const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{ delivery: Delivery | null; suggested: string }>()

const WHEN_THERE = [
  { value: 'keep-both', label: 'keep both' },
  { value: 'replace', label: 'replace, the old one goes into “replaced”' },
  { value: 'skip', label: 'leave it as it is' },
]
const folder = ref('')
const whenThere = ref('keep-both')
const onlyChanged = ref(false)
const busy = ref(false)
const said = ref('')
const problem = ref('')

/** Files beside those that are as before; 0 = all are new. */
const changed = computed(() =>
  props.delivery && props.delivery.same > 0 ? props.delivery.made - props.delivery.same : 0,
)

watch(open, (now) => {
  if (!now) return
  onlyChanged.value = false
  folder.value = props.suggested
  said.value = problem.value = ''
})

async function write() {
  if (!props.delivery || busy.value) return
  busy.value = true
  said.value = problem.value = ''
  try {
    const done = await need(
      api.POST('/api/v1/deliveries/{id}/to-folder', {
        params: { path: { id: props.delivery.id } },
        body: { folder: folder.value, whenThere: whenThere.value, onlyChanged: onlyChanged.value },
      }),
    )
    const rest = [
      done.replaced ? `${done.replaced} replaced` : '',
      done.skipped ? `${done.skipped} were there already` : '',
    ].filter((words) => words !== '')
    said.value = `${done.written} files in ${done.folder}${rest.length > 0 ? ` (${rest.join(', ')})` : ''}`
  } catch (error) {
    problem.value = sentenceOf(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <Modal
    v-model:open="open"
    title="Write the files into a folder"
    ok-text="Write them"
    cancel-text="Close"
    :confirm-loading="busy"
    @ok="write"
  >
    <div class="form">
      <label for="folder-name">Folder</label>
      <Input id="folder-name" v-model:value="folder" :maxlength="200" @press-enter="write" />
      <span class="top">When a file is there</span>
      <RadioGroup v-model:value="whenThere" class="choices" :options="WHEN_THERE" />
      <template v-if="changed > 0">
        <span />
        <TickBox v-model:on="onlyChanged">only the {{ changed }} that changed</TickBox>
      </template>
    </div>
    <p v-if="said" role="status" data-in-folder>{{ said }}</p>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  </Modal>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 10px 12px;
  align-items: center;
}

.top {
  align-self: start;
}

.choices {
  display: grid;
  gap: 4px;
}

p {
  margin-top: 12px;
  overflow-wrap: anywhere;
}

.problem {
  color: var(--brick);
}
</style>
