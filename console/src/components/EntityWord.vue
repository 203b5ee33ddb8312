<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { canBeUnique, documentOf, partsOf, ranged, TYPES, wordOf, type Field } from '../entity'
import { theWorkbench } from '../workbenchKey'
import IntoSight from './IntoSight.vue'
import RemedyButton from './RemedyButton.vue'
import { wordState } from './word'

/** What the walk through is about, as a word of the sentence that opens a small editor. */
const POINTER = '/entity'
const MOST = 20
const { check, faulty, lit, pinned, set, shown } = theWorkbench()

const word = computed(() => wordOf(shown.value.entity))
const draft = ref(partsOf(word.value))
const panel = ref<HTMLElement | null>(null)
let later: ReturnType<typeof setTimeout> | undefined
watch(word, () => {
  // Whoever types is ahead of what the service has seen.
  if (later === undefined && !panel.value?.contains(document.activeElement)) draft.value = partsOf(word.value)
})

const complaints = computed(() => check.value?.findings.filter((each) => each.picks[0] === POINTER) ?? [])
const remedies = computed(() => complaints.value[0]?.remedies ?? [])
/** As a command line says it. */
const said = computed(() => wordOf(documentOf(draft.value)))

function typed() {
  clearTimeout(later)
  later = setTimeout(commit, 250)
}
function commit() {
  if (later === undefined) return
  clearTimeout(later)
  later = undefined
  set(POINTER, said.value)
}
function now() {
  later ??= setTimeout(() => {})
  commit()
}
function add() {
  const names = draft.value.fields.map((field) => field.name)
  const name =
    ['label', 'count', 'day', ...'abcdefghijklmnopqrst'].find((each) => !names.includes(each)) ?? 'more'
  draft.value.fields.push({ name, type: 'text', detail: '..200', optional: false, unique: false })
  now()
}
function remove(at: number) {
  draft.value.fields.splice(at, 1)
  now()
}
function retyped(field: Field) {
  field.detail = field.type === 'text' ? '..200' : field.type === 'choice' ? 'one|other' : ''
  now()
}
function back() {
  clearTimeout(later)
  later = undefined
  set(POINTER, '')
}
function opened() {
  draft.value = partsOf(word.value)
}
const detailLabel = (field: Field) => (field.type === 'choice' ? 'Words' : 'Range')
</script>

<template>
  <Popover as="span" class="inline-block max-w-full">
    <PopoverButton
      class="max-w-full border-b-2 text-left leading-tight break-words"
      :class="[wordState(faulty(POINTER), pinned(POINTER)), lit.includes(POINTER) && 'bg-hot']"
      :aria-label="`About: ${word}${pinned(POINTER) ? '' : ', filled in'}`"
      :data-pick="POINTER"
      @click="opened"
      @keydown.delete="back"
      @mouseenter="lit = [POINTER, '/sample']"
      @mouseleave="lit = []"
      >{{ partsOf(word).name || '…' }}</PopoverButton
    >
    <PopoverPanel
      v-slot="{ close }"
      class="absolute left-0 z-20 mt-2 w-full rounded-panel whitespace-normal border border-line bg-card p-4 font-sans text-base shadow-lg"
    >
      <div ref="panel" data-part="entity">
        <IntoSight />
        <label class="block text-tiny font-semibold text-soft" for="entity-name">About</label>
        <input
          id="entity-name"
          v-model="draft.name"
          class="mt-1 w-full rounded-[5px] border border-line bg-paper px-2.5 py-1.5 font-mono text-small"
          spellcheck="false"
          autocomplete="off"
          :aria-invalid="faulty(POINTER)"
          @input="typed"
          @keydown.enter.prevent="
            () => {
              commit()
              close()
            }
          "
        />
        <p class="mt-3 text-tiny font-semibold text-soft">It holds</p>
        <ul class="mt-1 grid gap-2.5">
          <li
            v-for="(field, at) in draft.fields"
            :key="at"
            class="grid grid-cols-[minmax(0,1fr)_90px_24px] items-center gap-x-1.5 gap-y-1"
            :data-field="field.name"
          >
            <input
              v-model="field.name"
              class="rounded-[5px] border border-line bg-paper px-2 py-1 font-mono text-small"
              :aria-label="`Field ${at + 1}`"
              spellcheck="false"
              autocomplete="off"
              @input="typed"
            />
            <select
              v-model="field.type"
              class="rounded-[5px] border border-line bg-paper px-1 py-1 text-small"
              :aria-label="`Type of ${field.name}`"
              @change="retyped(field)"
            >
              <option v-for="type in TYPES" :key="type">{{ type }}</option>
            </select>
            <button
              type="button"
              class="rounded-[5px] py-0.5 text-soft hover:bg-hot"
              :aria-label="`Leave ${field.name} out`"
              @click="remove(at)"
            >
              ×
            </button>
            <span class="col-span-3 flex items-center gap-3 text-tiny text-soft">
              <label
                v-if="ranged(field) || field.type === 'choice'"
                class="flex min-w-0 flex-1 items-center gap-1.5"
              >
                {{ detailLabel(field) }}
                <input
                  v-model="field.detail"
                  class="w-0 min-w-0 flex-1 rounded-[5px] border border-line bg-paper px-2 py-0.5 font-mono text-tiny text-ink"
                  :placeholder="field.type === 'choice' ? 'free|taken' : '0..9'"
                  spellcheck="false"
                  autocomplete="off"
                  @input="typed"
                />
              </label>
              <label class="flex items-center gap-1"
                ><input v-model="field.optional" type="checkbox" @change="now" />optional</label
              >
              <label v-if="canBeUnique(field)" class="flex items-center gap-1"
                ><input v-model="field.unique" type="checkbox" @change="now" />unique</label
              >
            </span>
          </li>
        </ul>
        <button
          v-if="draft.fields.length < MOST"
          type="button"
          class="mt-2 -ml-2 rounded-[5px] px-2 py-1 text-small hover:bg-hot"
          @click="add"
        >
          Add a field
        </button>
        <p
          v-for="each in complaints"
          :key="each.because"
          class="mt-2 text-small"
          :class="faulty(POINTER) ? 'text-fault' : 'text-soft'"
        >
          {{ each.because }}
        </p>
        <div v-if="remedies.length" class="mt-2 flex flex-wrap gap-2">
          <RemedyButton v-for="remedy in remedies" :key="remedy.title" :remedy="remedy" />
        </div>
        <p class="mt-2 border-t border-line pt-2 text-tiny text-soft">
          On a command line:
          <code class="block font-mono break-words text-ink">entity='{{ said }}'</code>
        </p>
        <button
          v-if="pinned(POINTER)"
          type="button"
          class="mt-2 -ml-2 rounded-[5px] px-2 py-1 text-small text-soft hover:bg-hot"
          @click="
            () => {
              back()
              close()
            }
          "
        >
          Back to filled in
        </button>
      </div>
    </PopoverPanel>
  </Popover>
</template>
