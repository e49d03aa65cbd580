import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import { keys, showPicture } from '../../api/queries'
import type { Picture, ProposedMends } from '../../api/types'
import type { ShownMend } from '../../stage/mends'
import { isSerious } from '../../stage/serious'
import type { Say } from './useLastWord'

const many = (n: number, one: string) => `${n.toLocaleString('en')} ${one}${n === 1 ? '' : 's'}`

interface Stand {
  batchId: Ref<number>
  /** The picture on the stage. */
  picture: Ref<Picture | undefined>
  /** Place of the finding that is looked at. */
  chosen: Ref<number | null>
  say: Say
  /** Something was done here that Ctrl Z takes back next. */
  acted: () => void
}

/** What somebody did to findings, so that Ctrl Z can take it back. */
type Done =
  { kind: 'taken'; together: string } | { kind: 'right'; picture: Picture; finding: number }

/** The mends that the program proposes for the picture on the stage: taken, refused, and taken back. */
export function useMends({ batchId, picture, chosen, say, acted }: Stand) {
  const client = useQueryClient()
  const busy = ref(false)
  const done = ref<Done[]>([])
  /** Taken just now, and not drawn yet. */
  const taken = ref(new Set<number>())
  const wanted = computed(() =>
    picture.value && !picture.value.redrawing && picture.value.findings.some((f) => f.mend)
      ? picture.value
      : undefined,
  )
  const { data } = useQuery({
    queryKey: computed(() => keys.mends(wanted.value?.id ?? 0, wanted.value?.versionId ?? null)),
    enabled: computed(() => wanted.value?.versionId != null),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/pictures/{id}/mends', {
          params: { path: { id: wanted.value?.id ?? 0 } },
        }),
      )) as ProposedMends,
  })
  watch(
    () => [picture.value?.id, picture.value?.versionId],
    () => (taken.value = new Set()),
    { flush: 'sync' },
  )

  /** Those of findings that count, the worst first. */
  const open = computed<ShownMend[]>(() => {
    const now = wanted.value
    if (!now || data.value?.versionId !== now.versionId) return []
    return data.value.mends.flatMap(({ finding, area }) => {
      const of = now.findings[finding]
      return of?.mend && isSerious(of) && !taken.value.has(finding)
        ? [{ finding, goes: of.mend.goes as ShownMend['goes'], area }]
        : []
    })
  })
  /** Which one a key would take: that of the chosen finding, or the worst. */
  const next = computed(() =>
    chosen.value === null
      ? (open.value[0] ?? null)
      : (open.value.find((mend) => mend.finding === chosen.value) ?? null),
  )
  const safe = computed(
    () => open.value.filter((mend) => picture.value?.findings[mend.finding]?.mend?.safe).length,
  )

  function refresh() {
    void client.invalidateQueries({ queryKey: keys.pictures(batchId.value) })
    void client.invalidateQueries({ queryKey: keys.answers(batchId.value) })
  }

  async function send(findings: number[] | null) {
    const now = picture.value
    if (!now || now.versionId === null || busy.value) return
    busy.value = true
    try {
      const answer = await need(
        api.POST('/api/v1/pictures/{id}/mends', {
          params: { path: { id: now.id } },
          body: { versionId: now.versionId, ...(findings ? { findings } : {}) },
        }),
      )
      const together = answer.together ?? ''
      done.value.push({ kind: 'taken', together })
      acted()
      say({
        sentence: `${many(Number(answer.mends ?? 0), 'mend')} taken on “${now.fileName}”`,
        back: { label: 'Take back', go: () => void takeBackTaken(together) },
      })
    } catch (error) {
      taken.value = new Set()
      say({ sentence: sentenceOf(error), trouble: true })
    } finally {
      busy.value = false
      refresh()
    }
  }

  function take() {
    const mend = next.value
    if (!mend || busy.value) return
    taken.value = new Set([...taken.value, mend.finding])
    chosen.value = next.value?.finding ?? open.value[0]?.finding ?? null
    void send([mend.finding])
  }

  function takeSafe() {
    if (safe.value > 0) void send(null)
  }

  /** The finding is no fault; said again, it may be one after all. */
  async function sayRight(index = chosen.value ?? open.value[0]?.finding) {
    const now = picture.value
    const finding = index === undefined ? undefined : now?.findings[index]
    if (!now || now.versionId === null || index === undefined || !finding || busy.value) return
    busy.value = true
    try {
      const answer = finding.right
        ? await need(
            api.DELETE('/api/v1/pictures/{id}/findings/{finding}/right', {
              params: { path: { id: now.id, finding: index }, query: { version: now.versionId } },
            }),
          )
        : await need(
            api.POST('/api/v1/pictures/{id}/findings/{finding}/right', {
              params: { path: { id: now.id, finding: index } },
              body: { versionId: now.versionId },
            }),
          )
      if (!finding.right) done.value.push({ kind: 'right', picture: now, finding: index })
      acted()
      showPicture(client, answer as Picture)
      say({
        sentence: finding.right
          ? `“${finding.label}” counts again`
          : `“${finding.label}” is right, you said`,
      })
    } catch (error) {
      say({ sentence: sentenceOf(error), trouble: true })
    } finally {
      busy.value = false
      refresh()
    }
  }

  async function takeBackTaken(together: string) {
    done.value = done.value.filter((one) => one.kind !== 'taken' || one.together !== together)
    try {
      const answer = await need(
        api.DELETE('/api/v1/batches/{id}/mends/{together}', {
          params: { path: { id: batchId.value, together } },
        }),
      )
      say({ sentence: `${many(Number(answer.mends ?? 0), 'mend')} taken back` })
    } catch (error) {
      say({ sentence: sentenceOf(error), trouble: true })
    } finally {
      refresh()
    }
  }

  /** Safe mends of every picture that waits, or only those for one kind of finding. */
  async function takeInAll(kind: string | null) {
    if (busy.value) return
    busy.value = true
    try {
      const answer = await need(
        api.POST('/api/v1/batches/{id}/mends', {
          params: { path: { id: batchId.value }, query: kind ? { kind } : {} },
        }),
      )
      const together = answer.together ?? ''
      done.value.push({ kind: 'taken', together })
      acted()
      say({
        sentence: `${many(Number(answer.mends ?? 0), 'mend')} taken in ${many(Number(answer.pictures ?? 0), 'picture')}; they are being drawn`,
        back: { label: 'Take all of them back', go: () => void takeBackTaken(together) },
      })
    } catch (error) {
      say({ sentence: sentenceOf(error), trouble: true })
    } finally {
      busy.value = false
      refresh()
    }
  }

  /** Whether the ticket takes safe mends without being asked, from now on and of what waits. */
  async function letTicket(takes: boolean) {
    try {
      await need(
        api.PATCH('/api/v1/batches/{id}', {
          params: { path: { id: batchId.value } },
          body: { takeSafeMends: takes },
        }),
      )
      say({
        sentence: takes
          ? 'The ticket takes safe mends without asking now'
          : 'The ticket takes no mends any more; what it took stays',
      })
    } catch (error) {
      say({ sentence: sentenceOf(error), trouble: true })
    } finally {
      void client.invalidateQueries({ queryKey: keys.batch(batchId.value) })
    }
  }

  /** Takes back what was done last to a finding. */
  async function takeBack() {
    const last = done.value.at(-1)
    if (!last) return
    if (last.kind === 'taken') {
      await takeBackTaken(last.together)
      return
    }
    done.value = done.value.slice(0, -1)
    const now = picture.value
    if (now?.id === last.picture.id && now.findings[last.finding]?.right) {
      await sayRight(last.finding)
    }
  }

  return {
    open,
    next,
    safe,
    busy,
    taken,
    take,
    takeSafe,
    sayRight,
    takeInAll,
    letTicket,
    takeBack,
    canTakeBack: computed(() => done.value.length > 0),
  }
}

export type Mends = ReturnType<typeof useMends>
