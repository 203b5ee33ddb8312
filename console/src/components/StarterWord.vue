<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed } from 'vue'
import type { Option, Starter } from '../api/types'
import { withoutOne } from '../nextBrief'
import { theWorkbench } from '../workbenchKey'
import IntoSight from './IntoSight.vue'

/** A picked starter or extra as a word of the sentence; it opens what it is, brings and needs. */
const props = defineProps<{
  list: 'starters' | 'extras'
  id: string
  pointer: string
  text: string
  option?: Option
}>()
const { brief, drop, faulty, fits, foresee, lit, looked, outline } = theWorkbench()

/** Pointed at, its lines light up, and what would be possible without it is asked for. */
function point() {
  lit.value = [props.pointer]
  foresee(withoutOne(brief.value, props.list, props.id))
}

/** Its place in the sentence goes to the next word, which must not stand there opened. */
function leaveOut(close: () => void) {
  close()
  drop(props.list, props.id)
}

/** The files with lines that are there because of it. */
const files = computed(() =>
  (fits.value ? (outline.value?.files ?? []) : []).flatMap((file) => {
    const lines = file.traces
      .filter((trace) => trace.picks.includes(props.pointer))
      .reduce((sum, trace) => sum + trace.to - trace.from + 1, 0)
    return lines && file.role !== 'ours' ? [{ path: file.path, lines }] : []
  }),
)
const needs = computed(() => (props.option as Starter | undefined)?.needs ?? [])
const services = computed(() => [
  ...new Set(((props.option as Starter | undefined)?.brings ?? []).flatMap((each) => each.services)),
])
const base = (path: string) => path.slice(path.lastIndexOf('/') + 1)
</script>

<template>
  <Popover v-slot="{ close }" as="span">
    <PopoverButton
      as="span"
      role="button"
      tabindex="0"
      class="cursor-pointer underline decoration-2 underline-offset-[5px] hover:decoration-act"
      :class="[
        faulty(pointer) ? 'text-fault decoration-fault' : 'decoration-lit',
        lit.includes(pointer) && 'bg-hot',
      ]"
      :aria-label="`${option?.label ?? id}; Delete removes it`"
      :data-pick="pointer"
      @mouseenter="point"
      @mouseleave="lit = []"
      @focus="point"
      @blur="lit = []"
      @keydown.delete.prevent="leaveOut(close)"
      >{{ text }}</PopoverButton
    >
    <PopoverPanel
      class="absolute left-0 z-20 mt-1 w-full rounded-panel border border-line bg-card p-4 font-sans text-base shadow-lg"
      :data-card="id"
    >
      <IntoSight />
      <h3 class="font-semibold">{{ option?.label ?? id }}</h3>
      <p class="mt-0.5 text-small text-soft">{{ option?.summary ?? 'This edition does not know it.' }}</p>
      <template v-if="files.length">
        <h4 class="mt-3 text-tiny font-semibold text-soft">What it brings</h4>
        <ul class="mt-1">
          <li v-for="file in files" :key="file.path">
            <button
              type="button"
              class="flex w-full justify-between gap-3 rounded-[5px] px-1.5 py-px text-left font-mono text-small hover:bg-hot"
              :title="file.path"
              @click="
                () => {
                  looked = file.path
                  close()
                }
              "
            >
              <span class="truncate">{{ base(file.path) }}</span>
              <span class="shrink-0 font-sans text-tiny text-soft">{{
                file.lines === 1 ? '1 line' : `${file.lines} lines`
              }}</span>
            </button>
          </li>
        </ul>
        <p v-if="services.length" class="mt-1 px-1.5 text-small text-soft">
          It talks to a service beside it: {{ services.join(', ') }}.
        </p>
      </template>
      <template v-if="needs.length">
        <h4 class="mt-3 text-tiny font-semibold text-soft">What it needs</h4>
        <p v-for="need in needs" :key="need" class="mt-1 text-small">{{ need }}</p>
      </template>
      <div class="mt-3 flex items-baseline justify-between gap-3 border-t border-line pt-2.5 text-small">
        <a
          v-if="option"
          :href="option.documentation"
          target="_blank"
          rel="noreferrer"
          class="font-semibold text-act underline underline-offset-3"
          >Its documentation</a
        >
        <button
          type="button"
          class="ml-auto rounded-[5px] border border-line px-2.5 py-1 font-semibold hover:border-act"
          data-part="remove"
          @click="leaveOut(close)"
        >
          Leave it out
        </button>
      </div>
    </PopoverPanel>
  </Popover>
</template>
