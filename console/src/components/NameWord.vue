<script setup lang="ts">
import { computed } from 'vue'
import { theWorkbench } from '../workbenchKey'
import TextWord from './TextWord.vue'

/** Name or group as a word: it shows what else follows from it, and lights that up. */
const props = defineProps<{ pointer: string; text: string; label: string; hint: string; back?: string }>()
const { faulty, names, pinned } = theWorkbench()

/** What follows from name and group, unless it was set by hand. */
const FOLLOWERS = [
  { pointer: '/project/group', what: 'Group', name: 'group' },
  { pointer: '/project/title', what: 'Title', name: 'title' },
  { pointer: '/project/package', what: 'Package', name: 'package' },
  { pointer: '/project/entry', what: 'Entry class', name: 'entryClass' },
  { pointer: '', what: 'Directory', name: 'artifact' },
  { pointer: '/project/database', what: 'Database', name: 'database' },
] as const
const followers = computed(() => {
  const all = names.value
  if (!all) return []
  return FOLLOWERS.map((each) => ({
    ...each,
    name: all[each.name],
    byHand: !!each.pointer && pinned(each.pointer),
  })).filter((each) => each.pointer !== props.pointer || each.name !== props.text)
})
const alsoLit = computed(() =>
  followers.value.filter((each) => each.pointer && !each.byHand).map((each) => each.pointer),
)
</script>

<template>
  <TextWord v-bind="props" :also-lit="alsoLit">
    <template #below>
      <dl
        v-if="followers.length && !faulty(pointer)"
        class="mt-3 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-0.5 border-t border-line pt-2 text-tiny"
        data-part="names"
      >
        <template v-for="each in followers" :key="each.what">
          <dt class="text-soft">{{ each.what }}</dt>
          <dd class="font-mono break-words">
            <template v-for="(part, i) in each.name.split('.')" :key="i"
              ><template v-if="i">.<wbr /></template>{{ part }}</template
            >
            <span v-if="each.byHand" class="ml-2 font-sans text-soft">by hand</span>
          </dd>
        </template>
      </dl>
    </template>
  </TextWord>
</template>
