<script setup lang="ts">
import { computed } from 'vue'
import type { Option } from '../api/types'
import { theWorkbench } from '../workbenchKey'
import StarterWord from './StarterWord.vue'

const { brief, catalog } = theWorkbench()

interface Word {
  list: 'starters' | 'extras'
  id: string
  pointer: string
  text: string
  option?: Option
}

const clauses = computed(() => {
  const picked = (brief.value.starters ?? []).map((id, index) => {
    const starter = catalog.value?.starters.find((each) => each.id === id)
    return {
      list: 'starters' as const,
      id,
      pointer: `/starters/${index}`,
      category: starter?.category,
      text: starter?.verb ?? id,
      option: starter,
    }
  })
  const beside = (brief.value.extras ?? []).map((id, index) => {
    const extra = catalog.value?.extras.find((each) => each.id === id)
    return {
      list: 'extras' as const,
      id,
      pointer: `/extras/${index}`,
      text: extra?.label ?? id,
      option: extra,
    }
  })
  const rows: { label: string; words: Word[] }[] = (catalog.value?.categories ?? []).map((category) => ({
    label: category.label,
    words: picked.filter((each) => each.category === category.id),
  }))
  rows.push({ label: 'Not known here', words: catalog.value ? picked.filter((each) => !each.category) : [] })
  rows.push({ label: 'Beside it', words: beside })
  return rows.filter((row) => row.words.length)
})
</script>

<template>
  <p v-if="!clauses.length && catalog" class="border-t border-line pt-3 text-small text-soft">
    Nothing more yet. Type what it should do in the field above.
  </p>
  <dl v-else>
    <div v-for="row in clauses" :key="row.label" class="relative flex gap-3 border-t border-line py-2.5">
      <dt class="w-[70px] shrink-0 pt-1 text-tiny text-soft">{{ row.label }}</dt>
      <dd class="min-w-0 font-display text-middle leading-[1.6]">
        <template v-for="(word, index) in row.words" :key="word.pointer">
          <StarterWord
            :id="word.id"
            :list="word.list"
            :pointer="word.pointer"
            :text="word.text"
            :option="word.option"
          />{{ index < row.words.length - 1 ? ', ' : '' }}
        </template>
      </dd>
    </div>
  </dl>
</template>
