import { computed, ref, toRaw } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { Edit, Elsewhere, Picture } from '../../api/types'
import { newKey } from './tools/hand'
import type { Table } from './useTable'

const REACHED = new Set(['in-touch-up', 'to-check'])

/** In how many other pictures an edit is. */
export function elsewhereWords({ open, judged }: Elsewhere): string {
  const all = open + judged
  const stay = judged > 0 && open > 0 ? `; ${judged} judged since` : ''
  return `also in ${all} other ${all === 1 ? 'picture' : 'pictures'}${judged === all ? ', all judged since' : stay}`
}

/**
 * The same edge settings for the rest of the group, on the bench and in Check; what was passed or
 * rejected stays as it was judged. The edit's own line says how far it went, and takes it back.
 */
export function useSpread(picture: Picture, all: () => Picture[], table: Table) {
  const others = computed(
    () =>
      all().filter((p) => p.id !== picture.id && p.group === picture.group && REACHED.has(p.state))
        .length,
  )
  /** What is under way or went wrong with an edit, by its key. */
  const notes = ref<Record<string, string>>({})

  async function run() {
    const edit = toRaw(table.edge.edit())
    const clientKey = newKey()
    table.edge.keep(clientKey)
    await carry(clientKey, 'on its way to the others', () =>
      api.POST('/api/v1/pictures/{id}/group-edits', {
        params: { path: { id: picture.id } },
        body: { clientKey, edit },
      }),
    )
  }

  const takeBack = ({ clientKey }: Edit) =>
    carry(clientKey, 'being taken back there', () =>
      api.DELETE('/api/v1/pictures/{id}/group-edits/{clientKey}', {
        params: { path: { id: picture.id, clientKey } },
      }),
    )

  async function carry(key: string, words: string, call: () => Parameters<typeof need>[0]) {
    notes.value = { ...notes.value, [key]: words }
    try {
      await need(call())
      notes.value = Object.fromEntries(Object.entries(notes.value).filter(([k]) => k !== key))
    } catch (error) {
      notes.value = { ...notes.value, [key]: `the others were not reached: ${sentenceOf(error)}` }
    }
    // One's own edit may still be on its way; then its answer comes first.
    void table.edits.saved().then(table.edits.lookAgain)
  }

  return { others, notes, run, takeBack }
}
