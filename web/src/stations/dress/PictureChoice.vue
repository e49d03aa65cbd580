<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, need, sentenceOf } from '../../api/client'
import type { LookPicture } from '../../api/types'

/** One of the shipped pictures, or one's own. */
const picture = defineModel<string>({ required: true })
const client = useQueryClient()
const problem = ref('')
const { data: pictures } = useQuery({
  queryKey: ['look-pictures'],
  queryFn: async () => (await need(api.GET('/api/v1/look-pictures'))) as LookPicture[],
})

async function upload(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  const body = new FormData()
  body.append('file', file)
  try {
    const taken = (await need(
      api.POST('/api/v1/look-pictures', {
        body: body as never,
        bodySerializer: (b: unknown) => b as FormData,
      }),
    )) as LookPicture
    problem.value = ''
    await client.invalidateQueries({ queryKey: ['look-pictures'] })
    picture.value = taken.name
  } catch (error) {
    problem.value = sentenceOf(error)
  }
}
</script>

<template>
  <div class="pictures">
    <button
      v-for="p in pictures ?? []"
      :key="p.name"
      :class="{ on: p.name === picture }"
      :aria-pressed="p.name === picture"
      :title="p.title"
      @click="picture = p.name"
    >
      <img :src="`/api/v1/look-pictures/${p.name}/thumbnail.png`" :alt="p.title" />
    </button>
    <label class="own" title="A picture of your own">
      <input type="file" accept="image/*" aria-label="A picture of your own" @change="upload" />+
    </label>
  </div>
  <p v-if="problem" class="small problem" role="alert">{{ problem }}</p>
</template>

<style scoped>
.pictures {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: 5px;
  margin: 4px 0;
}

.pictures button,
.own {
  aspect-ratio: 1;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 5px;
  overflow: hidden;
  cursor: pointer;
  background: none;
}

.pictures button.on {
  outline: 2px solid var(--teal);
  outline-offset: 1px;
}

.pictures img {
  width: 100%;
  height: 100%;
  object-fit: cover;
  display: block;
}

.own {
  display: grid;
  place-items: center;
  position: relative;
  color: var(--quiet);
  font-size: 18px;
}

.own:focus-within {
  outline: 2px solid var(--teal);
}

.own input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}

.problem {
  color: var(--brick);
}
</style>
