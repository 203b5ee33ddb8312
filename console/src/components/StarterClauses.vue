<script setup lang="ts">
import { computed } from 'vue'
import { theWorkbench } from '../workbenchKey'

const { brief, catalog, drop, faulty, lit } = theWorkbench()

interface Word {
  list: 'starters' | 'extras'
  id: string
  pointer: string
  label: string
  text: string
  summary: string
}

const clauses = computed(() => {
  const picked = (brief.value.starters ?? []).map((id, index) => {
    const starter = catalog.value?.starters.find((each) => each.id === id)
    return {
      list: 'starters' as const,
      id,
      pointer: `/starters/${index}`,
      category: starter?.category,
      label: starter?.label ?? id,
      text: starter?.verb ?? id,
      summary: starter?.summary ?? 'No starter of this edition.',
    }
  })
  const beside = (brief.value.extras ?? []).map((id, index) => {
    const extra = catalog.value?.extras.find((each) => each.id === id)
    const label = extra?.label ?? id
    return {
      list: 'extras' as const,
      id,
      pointer: `/extras/${index}`,
      label,
      text: label,
      summary: extra?.summary ?? 'No extra of this edition.',
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
    <div v-for="row in clauses" :key="row.label" class="flex gap-3 border-t border-line py-2.5">
      <dt class="w-[70px] shrink-0 pt-1 text-tiny text-soft">{{ row.label }}</dt>
      <dd class="min-w-0 font-display text-middle leading-[1.6]">
        <template v-for="(word, index) in row.words" :key="word.pointer">
          <span
            role="button"
            tabindex="0"
            class="cursor-pointer underline decoration-2 underline-offset-[5px] hover:decoration-act"
            :class="[
              faulty(word.pointer) ? 'text-fault decoration-fault' : 'decoration-lit',
              lit.includes(word.pointer) && 'bg-hot',
            ]"
            :title="`${word.summary} Click or Delete removes it.`"
            :aria-label="`${word.label}, remove`"
            :data-pick="word.pointer"
            @mouseenter="lit = [word.pointer]"
            @mouseleave="lit = []"
            @focus="lit = [word.pointer]"
            @blur="lit = []"
            @keydown.delete.enter.prevent="drop(word.list, word.id)"
            @click="drop(word.list, word.id)"
            >{{ word.text }}</span>{{ index < row.words.length - 1 ? ', ' : '' }}
        </template>
      </dd>
    </div>
  </dl>
</template>
