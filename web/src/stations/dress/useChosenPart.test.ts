import { computed, ref } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import type { Picture } from '../../api/types'
import type { Part } from '../../look/look'
import { freshSetting } from '../../look/parts'
import { useChosenPart } from './useChosenPart'
import type { LookBench } from './useLook'
import type { OwnChanges } from './useOwnChanges'

const part = (id: 'backdrop' | 'subject' | 'text'): Part => ({
  id,
  name: id,
  on: true,
  setting: freshSetting(id),
})

function station() {
  const changes = ref(new Map<number, Part[]>())
  const own = { of: (p: Picture) => changes.value.get(p.id) ?? [] } as OwnChanges
  const bench = {
    parts: ref([part('backdrop'), part('subject'), part('text')]),
    selectedId: ref<string | null>('subject'),
    changePart: vi.fn(),
    changeOwn: vi.fn((p: Picture, to: Part[]) => {
      changes.value = new Map(changes.value).set(p.id, to)
    }),
  }
  const pictures = [{ id: 1 }, { id: 2 }] as Picture[]
  const shown = ref(pictures[0])
  const chosen = useChosenPart(
    computed(() => pictures),
    computed(() => shown.value),
    bench as unknown as LookBench,
    own,
  )
  return { bench, shown, pictures, ...chosen }
}

describe('the chosen part', () => {
  it('changes in the look for all', () => {
    const { bench, chosen, switchChosen } = station()
    expect(chosen.value?.id).toBe('subject')
    switchChosen()
    expect(bench.changePart).toHaveBeenCalledWith('subject', { ...part('subject'), on: false }, '')
    expect(bench.changeOwn).not.toHaveBeenCalled()
  })

  it('changes for one picture alone while that is wanted, and goes on so for that part', () => {
    const { bench, onlyHere, switchChosen, parts, differing, ownParts } = station()
    onlyHere.value = true
    switchChosen()
    expect(bench.changePart).not.toHaveBeenCalled()
    expect(parts.value.find((p) => p.id === 'subject')?.on).toBe(false)
    expect(differing.value.map((p) => p.id)).toEqual([1])
    onlyHere.value = false
    switchChosen()
    expect(bench.changePart).not.toHaveBeenCalled()
    expect(ownParts.value[0]?.on).toBe(true)
  })

  it('is the look’s again when it is taken back', () => {
    const { onlyHere, switchChosen, takeBack, differing } = station()
    onlyHere.value = true
    switchChosen()
    takeBack('subject')
    expect(differing.value).toEqual([])
  })

  it('is walked through back to front', () => {
    const { bench, choose } = station()
    choose(1)
    expect(bench.selectedId.value).toBe('text')
    choose(1)
    expect(bench.selectedId.value).toBe('text')
    choose(-9)
    expect(bench.selectedId.value).toBe('backdrop')
  })
})
