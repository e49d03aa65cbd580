import { computed, onMounted, ref } from 'vue'
import { api, need } from '../../api/client'
import type { EditData, Finding, Picture, ProposedMends } from '../../api/types'
import { isSerious } from '../../stage/serious'
import type { View } from '../../stage/view'

/** A mend that the bench offers. */
export interface Offer {
  /** Place of its finding in the picture's list. */
  index: number
  finding: Finding
  edit: EditData
}

/** What the checker pointed at comes first, then the worst. */
export function inOrder(picture: Picture, proposed: ProposedMends): Offer[] {
  const asked = picture.remark?.reason
  return proposed.mends
    .flatMap(({ finding: index, edit }) => {
      const finding = picture.findings[index]
      return finding && isSerious(finding) ? [{ index, finding, edit }] : []
    })
    .sort(
      (a, b) =>
        Number(b.finding.kind === asked) - Number(a.finding.kind === asked) || a.index - b.index,
    )
}

/** The mends that the program proposes for the picture on the bench; each becomes an edit like any other. */
export function useBenchMends(picture: Picture, view: View, keep: (edit: EditData) => void) {
  const proposed = ref<Offer[]>([])
  const taken = ref(new Set<number>())
  const offers = computed(() => proposed.value.filter((offer) => !taken.value.has(offer.index)))

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
