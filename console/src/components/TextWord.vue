<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { textAt } from '../nextBrief'
import { theWorkbench } from '../workbenchKey'
import IntoSight from './IntoSight.vue'
import RemedyButton from './RemedyButton.vue'
import { wordState } from './word'

/** A text of the brief as a word that opens a field in place, with what the service says of it. */
const props = defineProps<{
  pointer: string
  /** What is shown; the field holds what was typed. */
  text: string
  label: string
  hint: string
  /** What else lights up while it is pointed at. */
  alsoLit?: string[]
  suggestions?: string[]
  /** What taking it back is called; none for what a brief cannot be without. */
  back?: string
}>()
const { brief, check, faulty, lit, pinned, set } = theWorkbench()

const value = computed(() => textAt(brief.value, props.pointer))
const draft = ref(value.value || props.text)
const field = ref<HTMLInputElement | null>(null)
let later: ReturnType<typeof setTimeout> | undefined
watch([value, () => props.text], () => {
  if (document.activeElement !== field.value) draft.value = value.value || props.text
})

const complaint = computed(() => check.value?.findings.find((each) => each.picks.includes(props.pointer)))

function typed() {
  clearTimeout(later)
  later = setTimeout(commit, 150)
}
/** What was typed counts, if it does not yet. */
function commit() {
  if (later === undefined) return
  clearTimeout(later)
  later = undefined
  set(props.pointer, draft.value)
}
function takeBack() {
  clearTimeout(later)
  later = undefined
  set(props.pointer, '')
}
/** The button has the focus first; whoever is in the field by then is left alone. */
function focusField() {
  commit()
  draft.value = value.value || props.text
  const select = () => document.activeElement !== field.value && field.value?.select()
  void nextTick(() => setTimeout(select, 20))
}
</script>

<template>
  <Popover as="span" class="inline-block max-w-full">
    <PopoverButton
      class="max-w-full border-b-2 text-left leading-tight break-words"
      :class="[wordState(faulty(pointer), pinned(pointer)), lit.includes(pointer) && 'bg-hot']"
      :aria-label="`${label}: ${text || 'nothing'}${pinned(pointer) ? '' : ', filled in'}`"
      :data-pick="pointer"
      @click="focusField"
      @keydown.delete="back && takeBack()"
      @mouseenter="lit = [pointer, ...(alsoLit ?? [])]"
      @mouseleave="lit = []"
      ><slot>{{ text || '…' }}</slot></PopoverButton
    >
    <PopoverPanel
      v-slot="{ close }"
      class="absolute left-0 z-20 mt-2 w-full rounded-panel whitespace-normal border border-line bg-card p-4 font-sans text-base shadow-lg"
    >
      <IntoSight />
      <label class="block text-tiny font-semibold text-soft" :for="'field' + pointer">{{ label }}</label>
      <input
        :id="'field' + pointer"
        ref="field"
        v-model="draft"
        class="mt-1 w-full rounded-[5px] border border-line bg-paper px-2.5 py-1.5 font-mono text-small"
        spellcheck="false"
        autocomplete="off"
        :list="suggestions?.length ? 'known' + pointer : undefined"
        :aria-invalid="faulty(pointer)"
        @input="typed"
        @keydown.enter.prevent="
          () => {
            commit()
            close()
          }
        "
      />
      <datalist v-if="suggestions?.length" :id="'known' + pointer">
        <option v-for="each in suggestions" :key="each" :value="each" />
      </datalist>
      <p v-if="complaint" class="mt-2 text-small" :class="faulty(pointer) ? 'text-fault' : 'text-soft'">
        {{ complaint.because }}
      </p>
      <p v-else class="mt-2 text-small text-soft">{{ hint }}</p>
      <div v-if="complaint?.remedies.length" class="mt-2 flex flex-wrap gap-2">
        <RemedyButton v-for="remedy in complaint.remedies" :key="remedy.title" :remedy="remedy" />
      </div>
      <slot name="below" />
      <button
        v-if="back && pinned(pointer)"
        type="button"
        class="mt-2 -ml-2 rounded-[5px] px-2 py-1 text-small text-soft hover:bg-hot"
        @click="
          () => {
            takeBack()
            close()
          }
        "
      >
        {{ back }}
      </button>
    </PopoverPanel>
  </Popover>
</template>
