import { effectScope, nextTick, ref } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Batch, Picture, Spec } from '../../api/types'
import { keyOf } from './preflight'
import { usePreflight } from './usePreflight'

const plans: {
  specs?: Spec[]
  answer: (files: number, same?: number) => void
  refuse: () => void
}[] = []
vi.mock('../../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    POST: (path: string, { body }: { body: { specs?: Spec[] } }) =>
      new Promise((resolve) => {
        if (!path.endsWith('/preflight')) return
        plans.push({
          specs: body.specs,
          answer: (files, same = 0) =>
            resolve({
              data: {
                files,
                needALook: 0,
                blocked: 0,
                same,
                content: Array.from({ length: files }, (_, k) => ({
                  pictureId: 1 + (k >> 1),
                  name: `${k}`,
                  change: k < same ? 'same' : 'new',
                  notes: [],
                })),
              },
              response: new Response('{}'),
            }),
          refuse: () =>
            resolve({ error: { detail: 'No specs' }, response: new Response('', { status: 400 }) }),
        })
      }),
  },
}))

const settled = async () => {
  for (let i = 0; i < 6; i++) await nextTick()
}
const spec = (name: string): Spec => ({ name, format: 'PNG', fileName: [{ part: 'spec' }] })
const picture = (id: number) => ({ id, revision: 1, state: 'passed' }) as Picture

function planning() {
  const batch = ref<Batch>()
  const pictures = ref<Picture[]>([])
  const specs = ref<Spec[]>([spec('Not the ticket’s')])
  const isKnown = ref(false)
  const elsewhere = ref('')
  const plan = effectScope().run(() =>
    usePreflight(ref(1), batch, pictures, specs, isKnown, elsewhere),
  )
  if (!plan) throw new Error('no scope')
  const come = async () => {
    batch.value = { look: {}, counts: { delivered: 0 } } as Batch
    specs.value = [spec('Card')]
    isKnown.value = true
    await nextTick()
  }
  return { batch, pictures, specs, elsewhere, plan, come }
}

async function later() {
  await nextTick()
  vi.runOnlyPendingTimers()
  await settled()
}

describe('what a run would make', () => {
  beforeEach(() => {
    plans.length = 0
    vi.useFakeTimers()
  })

  it('is asked for at once, by what the ticket says, and not again when that comes', async () => {
    const { pictures, plan, come } = planning()
    expect(plans.map((p) => p.specs)).toEqual([undefined])
    plans[0]?.answer(4)
    await later()
    expect(plan.preflight.value).toBeNull()

    await come()
    await later()
    pictures.value = [picture(1), picture(2)]
    await later()
    expect(plans).toHaveLength(1)
    expect(plan.preflight.value?.files).toBe(4)
  })

  it.each(['before', 'after'])(
    'is asked for anew where other pictures are passed by the time they are here, %s its plan',
    async (when) => {
      const { pictures, plan, come } = planning()
      await come()
      if (when === 'after') plans[0]?.answer(2)
      await later()
      pictures.value = [picture(1), picture(2)]
      await later()
      if (when === 'before') plans[0]?.answer(2)
      await later()
      plans.slice(1).forEach((one) => one.answer(4))
      await later()
      expect(plan.preflight.value?.files).toBe(4)

      const so = plans.length
      pictures.value = [picture(1), picture(2)]
      await later()
      expect(plans).toHaveLength(so)
    },
  )

  it.each([
    [1, 0, 'Make 1 file'],
    [4, 0, 'Make 4 files'],
    [4, 3, 'Make 4 files'],
    [4, 4, 'Deliver the same again'],
    [0, 0, 'Make 0 files'],
  ])('of %i files, %i of them as last time, is offered as "%3$s"', async (files, same, offer) => {
    const { plan, come } = planning()
    await come()
    plans[0]?.answer(files, same)
    await later()
    plans[1]?.answer(files, same)
    await later()
    expect(plan.offer.value).toBe(offer)
  })

  it.each(['before', 'after'])(
    'is asked for by the specs that a ticket without any begins with, here %s its plan of nothing',
    async (when) => {
      const { plan, come } = planning()
      if (when === 'before') await come()
      plans[0]?.answer(0)
      await later()
      expect(plan.problem.value).toBe('')

      if (when === 'after') await come()
      await later()
      expect(plans[1]?.specs?.map((s) => s.name)).toEqual(['Card'])
      plans[1]?.answer(4)
      await later()
      expect(plan.preflight.value?.files).toBe(4)
    },
  )

  it('says how many are passed before they are here, and that they may be read now', async () => {
    const { pictures, plan, come } = planning()
    await come()
    expect(plan.hasBegun.value).toBe(false)
    plans[0]?.answer(4)
    await later()
    expect(plan.hasBegun.value).toBe(true)
    expect(plan.passed.value).toBe(2)

    pictures.value = [picture(1), picture(2), picture(3)]
    await nextTick()
    expect(plan.passed.value).toBe(3)
  })

  it('lets the pictures be read where there is no plan', async () => {
    const { plan } = planning()
    plans[0]?.refuse()
    await later()
    expect(plan.hasBegun.value).toBe(true)
  })

  it('is asked for again when a picture or a spec changes', async () => {
    const { pictures, specs, come } = planning()
    await come()
    pictures.value = [picture(1)]
    await later()

    pictures.value = [picture(1), picture(2)]
    await later()
    expect(plans).toHaveLength(2)
    specs.value = [spec('Zoom')]
    await later()
    expect(plans[2]?.specs?.[0]?.name).toBe('Zoom')
  })

  it('is asked for again when something was delivered', async () => {
    const { batch, come } = planning()
    await come()
    await later()
    batch.value = { look: {}, counts: { delivered: 3 } } as Batch
    await later()
    expect(plans).toHaveLength(2)
  })

  it('is asked for again when the first of all pictures is passed', async () => {
    const { pictures, come } = planning()
    await come()
    pictures.value = [{ ...picture(1), state: 'to-check' }]
    await later()

    pictures.value = [picture(1)]
    await later()
    expect(plans).toHaveLength(2)
  })

  it('makes all but what is left out, and takes it in again', async () => {
    const { plan, come } = planning()
    await come()
    plans[0]?.answer(4)
    await later()
    plans[1]?.answer(4)
    await later()
    expect(plan.offer.value).toBe('Make 4 files')
    plan.leftOut.value = new Set(plan.made.value.slice(0, 2).map(keyOf))
    expect(plan.offer.value).toBe('Make 2 files')
    plan.leftOut.value = new Set()
    expect(plan.offer.value).toBe('Make 4 files')
  })

  it('is that of the last question, whatever comes late', async () => {
    const { specs, plan, come } = planning()
    await come()
    await later()
    specs.value = [spec('Zoom')]
    await later()
    plans[1]?.answer(7)
    await later()
    plans[0]?.answer(4)
    await later()
    expect(plan.preflight.value?.files).toBe(7)
  })

  it('is asked for again when words or the last delivery change, not when they only come', async () => {
    const { elsewhere, come } = planning()
    await come()
    plans[0]?.answer(4)
    elsewhere.value = '[{},1]'
    await later()
    expect(plans).toHaveLength(1)
    elsewhere.value = '[{},2]'
    await later()
    expect(plans).toHaveLength(2)
  })
})
