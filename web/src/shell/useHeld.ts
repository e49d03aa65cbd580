import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'

/** True while a key is held; typing and dialogs do not count. */
export function useHeld(key: string) {
  const held = ref(false)
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.key !== key || event.ctrlKey || event.altKey) return
    const target = event.target as HTMLElement | null
    if (target?.closest('input:not([type=range]), textarea, .ant-modal')) return
    event.preventDefault()
    held.value = true
  })
  useEventListener(window, 'keyup', (event: KeyboardEvent) => {
    if (event.key !== key) return
    if (held.value) event.preventDefault()
    held.value = false
  })
  useEventListener(window, 'blur', () => (held.value = false))
  return held
}
