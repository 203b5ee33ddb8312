<script setup lang="ts">
import { computed } from 'vue'
import type { Outline, OutlineFile } from '../api/types'
import { theWorkbench } from '../workbenchKey'

const props = defineProps<{ outline: Outline; selected: string }>()
const emit = defineEmits<{ select: [path: string] }>()

/** Directories with one way through them are drawn as one line. */
const groups = computed(() => {
  const byFolder = new Map<string, OutlineFile[]>()
  for (const file of props.outline.files) {
    const folder = file.path.includes('/') ? file.path.slice(0, file.path.lastIndexOf('/')) : ''
    byFolder.set(folder, [...(byFolder.get(folder) ?? []), file])
  }
  return [...byFolder].map(([folder, files]) => ({ folder, files }))
})
const { before, lit } = theWorkbench()
/** Whether some line of a file is there because of what is pointed at. */
const isLit = (file: OutlineFile) =>
  lit.value.length > 0 && file.traces.some((each) => each.picks.some((pick) => lit.value.includes(pick)))
/** What the last pick did to a file. */
function news(file: OutlineFile) {
  if (!before.value) return ''
  const old = before.value.get(file.path)
  return old === undefined ? 'new' : old === file.content || file.role === 'ours' ? '' : 'changed'
}
const base = (path: string) => path.slice(path.lastIndexOf('/') + 1)
/** A long way down is shown by its ends; the whole of it is in the title. */
function short(folder: string) {
  const parts = folder.split('/')
  return parts.length > 5 ? [...parts.slice(0, 3), '…', ...parts.slice(-2)].join('/') : folder
}
const size = (bytes: number) => (bytes < 1000 ? `${bytes} B` : `${(bytes / 1000).toFixed(1)} kB`)
</script>

<template>
  <nav aria-label="Files of the project" class="px-3 font-mono text-small">
    <p class="px-3 text-soft">{{ outline.root }}</p>
    <div v-for="group in groups" :key="group.folder">
      <p v-if="group.folder" class="truncate px-3 pl-5 text-soft" :title="group.folder">
        {{ short(group.folder) }}
      </p>
      <ul>
        <li v-for="file in group.files" :key="file.path">
          <button
            type="button"
            class="flex w-full items-baseline gap-3 rounded-[5px] py-px pr-2 text-left hover:bg-hot"
            :class="[group.folder ? 'pl-8' : 'pl-5', file.path === selected && 'bg-hot']"
            :aria-current="file.path === selected"
            :title="file.purpose"
            :data-file="file.path"
            @click="emit('select', file.path)"
          >
            <span class="truncate" :class="isLit(file) && 'bg-hot underline decoration-lit decoration-2'">{{
              base(file.path)
            }}</span>
            <span class="ml-auto shrink-0 font-sans text-tiny text-soft">
              <b v-if="news(file)" class="mr-1 font-semibold text-act">{{ news(file) }}</b>
              {{ file.role === 'yours' ? '' : file.role }} {{ size(file.size) }}
            </span>
          </button>
        </li>
      </ul>
    </div>
  </nav>
</template>
