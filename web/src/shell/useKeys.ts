import { useEventListener } from '@vueuse/core'

type Action = (event: KeyboardEvent) => void

/** Names a key press: modifiers in the order Ctrl, Shift, then the key, as in "Ctrl+z" or "Shift+B". */
export function keyName(event: KeyboardEvent): string {
  const parts: string[] = []
  if (event.ctrlKey || event.metaKey) parts.push('Ctrl')
  const letter = event.key.length === 1 ? event.key.toLowerCase() : event.key
  if (event.shiftKey && (event.key.length > 1 || /[a-z]/i.test(event.key))) parts.push('Shift')
  parts.push(letter)
  return parts.join('+')
}

function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  if (document.querySelector('.ant-modal-wrap:not([style*="display: none"])')) return true
  if (target === null) return false
  if (target.isContentEditable) return true
  if (target instanceof HTMLInputElement) {
    return !['checkbox', 'radio', 'button', 'range', 'file'].includes(target.type)
  }
  return target instanceof HTMLTextAreaElement
}

const STEPPED = '[role="slider"], input[type="range"], input[type="radio"]'
const STEPS = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End']

/**
 * Buttons and links keep Enter and Space for themselves when they have the focus, sliders and choices
 * the arrows.
 */
export function belongsToControl(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  if (STEPS.includes(event.key) && target?.closest(STEPPED) != null) return true
  return (
    (event.key === 'Enter' || event.key === ' ') &&
    target?.closest('button, a, [role="button"], [role="switch"], [role="combobox"]') != null &&
    !event.ctrlKey
  )
}

/** Single-key commands while this component is on the screen; silent while somebody types. */
export function useKeys(actions: Record<string, Action>) {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const action = actions[keyName(event)]
    if (!action || event.altKey || isTyping(event) || belongsToControl(event)) return
    event.preventDefault()
    action(event)
  })
}

/**
 * A button that was pressed with the mouse gives the focus back, so that the next Enter is the
 * station's command and not that button once more. Who walks with Tab keeps the focus.
 */
export function useFreeKeysAfterClicks() {
  useEventListener(window, 'click', (event: MouseEvent) => {
    const byMouse = event.detail > 0
    const button = document.activeElement?.closest('button, a')
    if (byMouse && button instanceof HTMLElement) button.blur()
  })
}
