import { computed, onMounted, ref, type Ref } from 'vue'
import { api, need } from '../../api/client'
import type { Area, Edit, EditData, Finding, Picture, ProposedMends } from '../../api/types'
import { isSerious } from '../../stage/serious'
import type { View } from '../../stage/view'
import { holds, pairs } from './tools/shapes'

/** A mend that the bench offers. */
export interface Offer {
  /** Place of its finding in the picture's list. */
  index: number
  finding: Finding
  area: Area
  edit: EditData
}

/** What the checker pointed at comes first, then the worst. */
export function inOrder(picture: Picture, proposed: ProposedMends): Offer[] {
  const asked = picture.remark?.reason
  return proposed.mends
    .flatMap(({ finding: index, area, edit }) => {
      const finding = picture.findings[index]
      return finding && isSerious(finding) ? [{ index, finding, area, edit }] : []
    })
    .sort(
      (a, b) =>
        Number(b.finding.kind === asked) - Number(a.finding.kind === asked) || a.index - b.index,
    )
}

/** Whether a mend would take back what a hint that counts has said. */
export function isAgainst(offer: Offer, made: Edit[]): boolean {
  const other = offer.finding.mend?.goes === 'back' ? 'backdrop' : 'subject'
  return made.some(
    ({ edit }) =>
      edit.kind === 'hint' &&
      edit.mode === other &&
      pairs(edit.points ?? []).some((at) => holds(offer.area, at)),
  )
}

/** The mends that the program proposes for the picture on the bench; each becomes an edit like any other. */
export function useBenchMends(
  picture: Picture,
  view: View,
  /** Edits that count; null = not known yet, and one of them may speak against an offer. */
  active: Ref<Edit[] | null>,
  keep: (edit: EditData) => void,
) {
  const proposed = ref<Offer[]>([])
  const taken = ref(new Set<number>())
  const offers = computed(() => {
    const counts = active.value
    return counts === null
      ? []
      : proposed.value.filter((offer) => !taken.value.has(offer.index) && !isAgainst(offer, counts))
  })

  onMounted(async () => {
    if (!picture.findings.some((f) => f.mend)) return
    const answer = await need(
      api.GET('/api/v1/pictures/{id}/mends', { params: { path: { id: picture.id } } }),
    ).catch(() => null)
    const known = answer as ProposedMends | null
    // Of another cutout than the one on the bench: its findings are others.
    if (known?.versionId === picture.versionId) proposed.value = inOrder(picture, known)
  })

  function take(offer = offers.value[0]) {
    if (!offer) return
    taken.value = new Set([...taken.value, offer.index])
    view.showPart(offer.finding)
    keep(offer.edit)
  }

  return { offers, take }
}
