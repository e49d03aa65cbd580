import { App } from 'ant-design-vue'
import { computed } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { Picture } from '../../api/types'
import type { Table } from './useTable'
import { newKey } from './tools/hand'

/** The same edge settings for the other pictures of the group that lie on the bench. */
export function useSpread(picture: Picture, queue: () => Picture[], table: Table) {
  const { message } = App.useApp()
  const others = computed(() =>
    queue().filter(
      (p) => p.id !== picture.id && (picture.group === null || p.group === picture.group),
    ),
  )

  async function run() {
    const edit = table.edgeEdit()
    table.keepEdge()
    let done = 0
    for (const other of others.value) {
      try {
        await need(
          api.POST('/api/v1/pictures/{id}/edits', {
            params: { path: { id: other.id } },
            body: { clientKey: newKey(), edit },
          }),
        )
        done++
      } catch (error) {
        void message.warning(`“${other.fileName}”: ${sentenceOf(error)}`, 6)
      }
    }
    void message.info(
      `The edge settings are kept for ${done} more ${done === 1 ? 'picture' : 'pictures'}`,
      3,
    )
  }

  return { others, run }
}
