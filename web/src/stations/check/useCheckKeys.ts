import type { Ref } from 'vue'
import type { Verdict } from '../../api/types'
import { useKeys } from '../../shell/useKeys'
import type { Mends } from './useMends'

/** What the work area shows. */
export type CheckView = 'stage' | 'sheet' | 'compare' | 'quality'

interface Acts {
  view: Ref<CheckView>
  isShown: () => boolean
  judge: (verdict: Verdict) => void
  passSheet: () => Promise<void>
  remark: () => void
  recut: () => void
  sample: () => void
  manyMends: () => void
  takeBack: () => void
  mends: Mends
}

/** Everything in Check from the keyboard. */
export function useCheckKeys(acts: Acts) {
  const { view, judge, mends } = acts

  /** From the stage to something else and back, with the same key. */
  const toggle = (other: CheckView) => (event: KeyboardEvent) => {
    if (event.repeat) return
    if (view.value === other) view.value = 'stage'
    else if (view.value === 'stage') view.value = other
  }

  /** Keys for the one picture on the stage; a key that is held down is no verdict. */
  const onStage = (act: () => void) => (event: KeyboardEvent) => {
    if (view.value === 'stage' && !event.repeat && acts.isShown()) act()
  }
  const onMany = () => view.value === 'sheet' || view.value === 'quality'

  useKeys({
    Enter: (event) => {
      if (event.repeat) return
      if (view.value === 'sheet') void acts.passSheet()
      else if (view.value === 'stage') judge('pass')
    },
    Escape: () => {
      if (view.value !== 'compare') view.value = 'stage'
    },
    q: toggle('quality'),
    t: onStage(() => judge('touch-up')),
    'Shift+t': onStage(acts.remark),
    x: onStage(() => judge('reject')),
    r: onStage(acts.recut),
    m: onStage(() => (view.value = 'compare')),
    c: toggle('sheet'),
    i: acts.sample,
    y: (event) => {
      if (onMany()) acts.manyMends()
      else onStage(mends.take)(event)
    },
    'Shift+y': onStage(mends.takeSafe),
    f: onStage(() => void mends.sayRight()),
    'Ctrl+z': acts.takeBack,
  })
}
