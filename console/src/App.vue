<script setup lang="ts">
import { provide, ref } from 'vue'
import { readBrief } from './briefFile'
import { workbenchKey } from './workbenchKey'
import { useWorkbench } from './useWorkbench'
import BriefColumn from './components/BriefColumn.vue'
import PossibleColumn from './components/PossibleColumn.vue'
import ResultColumn from './components/ResultColumn.vue'
import StepBar from './components/StepBar.vue'
import TopBar from './components/TopBar.vue'

const workbench = useWorkbench()
provide(workbenchKey, workbench)
const { aside, wide } = workbench

const hovering = ref(false)
const refused = ref('')

/**
 * Side by side where there is room; else steps that slide. What is only read aloud lies within its
 * column, else it would make the page itself scroll.
 */
const column =
  'relative w-full shrink-0 snap-start overflow-y-auto border-line lg:w-auto lg:min-h-0 print:overflow-visible'
const steps = ref<HTMLElement | null>(null)
const step = ref(0)
const scrolled = () =>
  (step.value = Math.round((steps.value?.scrollLeft ?? 0) / (steps.value?.clientWidth || 1)))
function go(to: number) {
  const calm = matchMedia('(prefers-reduced-motion: reduce)').matches
  steps.value?.children[to]?.scrollIntoView({
    behavior: calm ? 'auto' : 'smooth',
    inline: 'start',
    block: 'nearest',
  })
}

/** A brief file that is dropped anywhere on the page is opened. */
async function dropped(event: DragEvent) {
  hovering.value = false
  const file = event.dataTransfer?.files[0]
  if (!file) return
  try {
    workbench.open(await readBrief(file))
    refused.value = ''
  } catch (e) {
    refused.value = e instanceof Error ? e.message : String(e)
  }
}
</script>

<template>
  <div
    class="flex h-dvh min-h-[480px] flex-col print:h-auto"
    :class="hovering && 'outline-3 -outline-offset-8 outline-act outline-dashed'"
    @dragover.prevent="hovering = true"
    @dragleave="hovering = false"
    @drop.prevent="dropped"
  >
    <TopBar />
    <p
      v-if="workbench.trouble.value"
      role="status"
      class="border-b border-line bg-hot px-5 py-2 text-small text-ink"
    >
      {{ workbench.trouble.value }} What you picked is kept; trying again.
    </p>
    <p
      v-if="refused"
      role="alert"
      class="flex items-baseline gap-4 border-b border-line bg-hot px-5 py-2 text-small text-ink"
      data-part="refused"
    >
      {{ refused }} What you picked is kept.
      <button type="button" class="ml-auto underline underline-offset-3" @click="refused = ''">Close</button>
    </p>
    <StepBar class="lg:hidden print:hidden" :step="step" @go="go" />
    <main
      ref="steps"
      class="flex min-h-[300px] flex-1 snap-x snap-mandatory overflow-x-auto lg:grid lg:min-h-0 lg:grid-cols-[330px_minmax(0,450px)_minmax(0,1fr)] lg:overflow-x-visible print:block"
      @scroll.passive="scrolled"
    >
      <BriefColumn :class="[column, 'lg:border-r', wide && 'lg:hidden']" />
      <PossibleColumn v-if="!aside" :class="[column, 'lg:border-r', wide && 'lg:hidden']" />
      <ResultColumn :class="[column, 'print:hidden', wide ? 'lg:col-span-3' : aside && 'lg:col-span-2']" />
    </main>
  </div>
</template>
