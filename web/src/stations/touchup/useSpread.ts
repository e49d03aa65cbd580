import { App, Button } from 'ant-design-vue'
import { computed, h, toRaw } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { GroupReach, Picture } from '../../api/types'
import { newKey } from './tools/hand'
import type { Table } from './useTable'

const REACHED = new Set(['in-touch-up', 'to-check'])
const TAKE_BACK_SECONDS = 12

/** How many pictures, and where. */
export function wordsOf(reach: Pick<GroupReach, 'onBench' | 'inCheck'>): string {
  const count = reach.onBench + reach.inCheck
  if (count === 0) return 'no other picture'
  const where = [
    reach.onBench > 0 ? `${reach.onBench} on the bench` : '',
    reach.inCheck > 0 ? `${reach.inCheck} in Check` : '',
  ].filter((part) => part !== '')
  return `${count} more ${count === 1 ? 'picture' : 'pictures'} (${where.join(', ')})`
}

/**
 * The same edge settings for the rest of the group, on the bench and in Check; what was passed or
 * rejected stays as it was judged.
 */
export function useSpread(picture: Picture, all: () => Picture[], table: Table) {
  const { message } = App.useApp()
  const others = computed(
    () =>
      all().filter((p) => p.id !== picture.id && p.group === picture.group && REACHED.has(p.state))
        .length,
  )

  async function run() {
    const edit = toRaw(table.edge.edit())
    const clientKey = newKey()
    table.edge.keep()
    void message.loading({ key: clientKey, duration: 0, content: 'On its way to the others' })
    try {
      const reach = (await need(
        api.POST('/api/v1/pictures/{id}/group-edits', {
          params: { path: { id: picture.id } },
          body: { clientKey, edit },
        }),
      )) as GroupReach
      say(reach)
    } catch (error) {
      message.destroy(clientKey)
      void message.warning(`The others were not reached: ${sentenceOf(error)}`, 6)
    }
  }

  function say(reach: GroupReach) {
    const left = reach.left > 0 ? `; ${reach.left} judged or being cut stay as they are` : ''
    const key = reach.clientKey
    void message.info({
      key,
      duration: TAKE_BACK_SECONDS,
      content: () => [
        `Kept for ${wordsOf(reach)}${left}. `,
        h(Button, { size: 'small', onClick: () => void takeBack(key) }, () => 'Take back there'),
      ],
    })
  }

  async function takeBack(clientKey: string) {
    message.destroy(clientKey)
    try {
      const reach = (await need(
        api.DELETE('/api/v1/pictures/{id}/group-edits/{clientKey}', {
          params: { path: { id: picture.id, clientKey } },
        }),
      )) as GroupReach
      void message.info(`Taken back from ${wordsOf(reach)}`, 4)
    } catch (error) {
      void message.warning(sentenceOf(error), 6)
    }
  }

  return { others, run }
}
