<script setup lang="ts">
import { diffArrays } from 'diff'
import { computed, nextTick, onUnmounted, ref, watch } from 'vue'
import type { OutlineFile, Trace } from '../api/types'
import { colours, fetchColours } from '../highlight'
import { theWorkbench } from '../workbenchKey'

const props = defineProps<{ file: OutlineFile; quiet: boolean }>()
const { before, lit } = theWorkbench()

/** The kind of pick behind a line decides the colour of its gutter; none for the service's own. */
function kind(trace: Trace | undefined): string {
  const pick = trace?.picks[0] ?? ''
  if (pick.startsWith('/starters') || pick.startsWith('/extras')) return 'bg-lit'
  if (pick.startsWith('/project')) return 'bg-kind-name'
  if (pick === '/language' || pick === '/jvm' || pick === '/jdk') return 'bg-kind-level'
  return pick ? 'bg-kind-framework' : 'bg-transparent'
}

const linesOf = (text: string) => text.replace(/\r?\n$/, '').split(/\r?\n/)

/** What the last pick did: the lines that it brought, and where it changed something first; by number from 0. */
const news = computed(() => {
  const old = before.value?.get(props.file.path)
  const lines = new Set<number>()
  let first: number | null = null
  if (old !== undefined && old !== props.file.content && props.file.role !== 'ours') {
    let at = 0
    for (const part of diffArrays(linesOf(old), linesOf(props.file.content))) {
      if (part.added || part.removed) first ??= at
      if (part.removed) continue
      for (let i = 0; i < part.count; i++, at++) if (part.added) lines.add(at)
    }
  }
  return { lines, first }
})

fetchColours()
const coloured = computed(() => colours.value?.(props.file.path, props.file.content) ?? null)

const rows = computed(() =>
  linesOf(props.file.content).map((text, index) => {
    const trace = props.file.traces.find((each) => each.from <= index + 1 && index + 1 <= each.to)
    const pieces = coloured.value?.[index] ?? [{ text, colour: '' }]
    return { number: index + 1, pieces, trace, kind: kind(trace), added: news.value.lines.has(index) }
  }),
)
/** Quiet while the file belongs to older picks: their places mean something else by now. */
const isLit = (trace?: Trace) => !props.quiet && !!trace?.picks.some((pick) => lit.value.includes(pick))

const root = ref<HTMLElement | null>(null)
/** So long a pick is pointed at before its lines come into sight. */
const REST = 120
let rest: ReturnType<typeof setTimeout> | undefined

/** Lines of a pick that is pointed at elsewhere come into sight; under the pointer nothing moves. */
function intoSight() {
  const first = rows.value.findIndex((row) => isLit(row.trace))
  if (!root.value?.matches(':hover')) show(first)
}
function show(row: number) {
  const here = root.value
  const line = here?.children[row]
  if (!here || !line) return
  const [view, at] = [here.getBoundingClientRect(), line.getBoundingClientRect()]
  if (at.top >= view.top && at.bottom <= view.bottom) return
  const calm = matchMedia('(prefers-reduced-motion: reduce)').matches
  here.scrollBy({ top: at.top - view.top - view.height / 3, behavior: calm ? 'auto' : 'smooth' })
}
watch(lit, () => {
  clearTimeout(rest)
  if (lit.value.length) rest = setTimeout(intoSight, REST)
})
onUnmounted(() => clearTimeout(rest))
/** After a pick what it changed is in sight; another file begins there, too, or at its top. */
watch(
  () => [props.file.path, news.value] as const,
  async ([path], old) => {
    await nextTick()
    if (news.value.first !== null) show(Math.min(news.value.first, rows.value.length - 1))
    else if (path !== old?.[0]) root.value?.scrollTo({ top: 0 })
  },
)
</script>

<template>
  <div
    ref="root"
    tabindex="0"
    role="region"
    :aria-label="`Content of ${file.path}`"
    class="py-2 font-mono text-small leading-[1.5]"
    data-part="code"
  >
    <div
      v-for="row in rows"
      :key="row.number"
      class="flex min-w-max"
      :class="isLit(row.trace) && 'bg-hot'"
      :title="row.trace?.because"
      @mouseenter="lit = quiet ? [] : (row.trace?.picks ?? [])"
      @mouseleave="lit = []"
    >
      <span class="ml-2 w-[5px] shrink-0" :class="row.kind" />
      <span class="w-11 shrink-0 text-right text-soft select-none">{{ row.number }}</span>
      <span
        class="w-4 shrink-0 text-center font-medium text-act select-none"
        :title="row.added ? 'new with the last pick' : undefined"
        >{{ row.added ? '+' : '' }}</span
      >
      <span class="pr-4 whitespace-pre"
        ><span v-for="(piece, i) in row.pieces" :key="i" :class="piece.colour">{{ piece.text }}</span
        >{{ row.pieces.length ? '' : ' ' }}</span
      >
    </div>
  </div>
</template>
