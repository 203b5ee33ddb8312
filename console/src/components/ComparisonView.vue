<script setup lang="ts">
import { computed, onUnmounted, ref, watch } from 'vue'
import type { Difference } from '../api/types'
import { contrasts } from '../changes'
import { oneBelowTheOther, rowsOf } from '../diffRows'
import { formOf } from '../variants'
import { theWorkbench } from '../workbenchKey'
import DiffLine from './DiffLine.vue'

/** The project that was set aside beside the one of now: picks, files, lines. */
const { aside, brief, differences, fits, put, setAside, turnTo, whole } = theWorkbench()

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
  if (!before) return
  setAside()
  const form = formOf(whole.value, before)
  if (form === undefined) put(before)
  else turnTo(form)
}

/** Signs of the lines' own type that one side has room for, when both stand beside each other. */
const room = ref(0)
const frame = ref<HTMLElement | null>(null)
const watcher = new ResizeObserver(([entry]) => {
  if (entry) room.value = Math.floor((entry.contentRect.width / 2 - GUTTER) / SIGN)
})
/** How wide a sign of the code is, and what stands before a line, in pixels. */
const SIGN = 7.55
const GUTTER = 64
watch(frame, (now, old) => {
  if (old) watcher.unobserve(old)
  if (now) watcher.observe(now)
})
onUnmounted(() => watcher.disconnect())

/** Side by side only where no line has to be broken for it, and both sides have something to show. */
const beside = computed(
  () =>
    file.value?.change === 'changed' &&
    rows.value.every((row) => !row || Math.max(row.left.text.length, row.right.text.length) <= room.value),
)
/** One below the other: what is gone, then what is new. */
const below = computed(() => (beside.value ? [] : oneBelowTheOther(rows.value)))
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
          @click="setAside(null)"
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
        ref="frame"
        tabindex="0"
        role="region"
        :aria-label="`What differs in ${file.path}`"
        class="min-h-0 flex-1 overflow-auto border-t border-line bg-card py-2 font-mono text-small leading-[1.5]"
        data-part="diff"
      >
        <template v-if="beside">
          <template v-for="(row, i) in rows" :key="i">
            <p v-if="!row" class="my-1.5 border-t border-dashed border-line" aria-hidden="true" />
            <div v-else class="grid grid-cols-2">
              <DiffLine
                v-for="(side, which) in [row.left, row.right]"
                :key="which"
                :side="side"
                :now="which === 1"
                :class="which && 'border-l border-line'"
              />
            </div>
          </template>
        </template>
        <div v-else class="min-w-max">
          <template v-for="(line, i) in below" :key="i">
            <p v-if="!line" class="my-1.5 border-t border-dashed border-line" aria-hidden="true" />
            <DiffLine v-else :side="line.side" :now="line.now" />
          </template>
        </div>
        <p v-if="!rows.length" class="px-5 text-soft">An empty file.</p>
      </div>
    </template>
  </div>
</template>
