<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Difference } from '../api/types'
import { contrasts } from '../changes'
import { rowsOf } from '../diffRows'
import { theWorkbench } from '../workbenchKey'

/** The project that was set aside beside the one of now: picks, files, lines. */
const { aside, brief, differences, fits, open, setAside } = theWorkbench()

const picks = computed(() => (aside.value ? contrasts(aside.value, brief.value) : []))
const differing = computed(() => (differences.value ?? []).filter((each) => each.change !== 'same'))
const same = computed(() => (differences.value?.length ?? 0) - differing.value.length)
/** A receipt differs with every pick and says nothing of its own. */
const telling = computed(() => differing.value.filter((each) => !each.path.startsWith('.vivid/')))

const path = ref('')
const file = computed<Difference | null>(
  () => differing.value.find((each) => each.path === path.value) ?? telling.value[0] ?? null,
)
const rows = computed(() => (file.value ? rowsOf(file.value.diff) : []))
const words = { added: 'only now', removed: 'only before', changed: 'changed', same: '' }

/** The project of now becomes the one before, and the other way round. */
function swap() {
  const before = aside.value
  setAside()
  if (before) open(before)
}
</script>

<template>
  <div class="flex min-h-0 flex-col" data-part="comparison">
    <div class="flex flex-wrap items-baseline gap-x-4 gap-y-2 px-5 pb-3">
      <p class="text-middle font-semibold">
        {{
          differing.length
            ? `${telling.length} of ${telling.length + same} files differ`
            : 'Nothing differs yet'
        }}
      </p>
      <p v-if="!differing.length" class="text-small text-soft">
        Change a pick on the left: what that does to the project shows here, line by line.
      </p>
      <span class="ml-auto flex gap-2 text-small">
        <button
          type="button"
          class="rounded-[6px] border border-line bg-card px-2.5 py-1 font-semibold hover:border-act disabled:opacity-45"
          :disabled="!picks.length"
          @click="swap"
        >
          Swap
        </button>
        <button
          type="button"
          class="rounded-[6px] border border-line bg-card px-2.5 py-1 font-semibold hover:border-act"
          data-part="end-comparison"
          @click="setAside(false)"
        >
          Back to the files
        </button>
      </span>
    </div>
    <p v-if="!fits" class="border-t border-line px-5 py-2 text-small text-soft">
      The picks of now give no project; this is the last comparison that could be made.
    </p>
    <table
      v-if="picks.length"
      class="w-full table-fixed border-t border-line text-small"
      data-part="contrasts"
    >
      <thead class="border-b border-line text-left text-tiny text-soft">
        <tr>
          <th scope="col" class="w-28 py-1"><span class="sr-only">Pick</span></th>
          <th scope="col" class="w-[calc(50%-7rem)] py-1 font-semibold">before</th>
          <th scope="col" class="py-1 pl-5 font-semibold">now</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in picks" :key="each.key + each.left + each.right" class="border-b border-line">
          <th scope="row" class="py-1 pl-5 text-left font-normal text-soft">{{ each.key }}</th>
          <td class="py-1 pr-4 font-mono break-words">
            {{ each.left || '–' }}
          </td>
          <td class="py-1 pr-5 pl-5 font-mono break-words">{{ each.right || '–' }}</td>
        </tr>
      </tbody>
    </table>
    <template v-if="file">
      <ul
        class="max-h-[26%] shrink-0 overflow-y-auto px-3 py-2 font-mono text-small"
        aria-label="Files that differ"
      >
        <li v-for="each in telling" :key="each.path">
          <button
            type="button"
            class="flex w-full items-baseline justify-between gap-3 rounded-[5px] px-2 py-px text-left hover:bg-hot"
            :class="each.path === file.path && 'bg-hot'"
            :aria-current="each.path === file.path"
            :data-differs="each.path"
            @click="path = each.path"
          >
            <span class="truncate">{{ each.path }}</span>
            <span class="shrink-0 font-sans text-tiny text-soft">{{ words[each.change] }}</span>
          </button>
        </li>
      </ul>
      <div
        tabindex="0"
        role="region"
        :aria-label="`What differs in ${file.path}`"
        class="min-h-0 flex-1 overflow-y-auto border-t border-line bg-card py-2 font-mono text-small leading-[1.5]"
        data-part="diff"
      >
        <template v-for="(row, i) in rows" :key="i">
          <p v-if="!row" class="my-1.5 border-t border-dashed border-line" aria-hidden="true" />
          <div v-else class="grid grid-cols-2">
            <div
              v-for="(side, which) in [row.left, row.right]"
              :key="which"
              class="flex min-w-0 border-line"
              :class="[side.changed && (which ? 'bg-hot' : 'bg-paper'), which && 'border-l']"
            >
              <span class="w-10 shrink-0 pr-1 text-right text-soft select-none">{{ side.number ?? '' }}</span>
              <span
                class="w-4 shrink-0 text-center font-medium select-none"
                :class="which ? 'text-act' : 'text-soft'"
                >{{ side.changed ? (which ? '+' : '−') : '' }}</span
              >
              <span
                class="min-w-0 flex-1 pr-2 break-words whitespace-pre-wrap"
                :class="side.changed && !which && 'text-soft line-through decoration-soft/50'"
                >{{ side.text }}</span
              >
            </div>
          </div>
        </template>
        <p v-if="!rows.length" class="px-5 text-soft">An empty file.</p>
      </div>
    </template>
  </div>
</template>
