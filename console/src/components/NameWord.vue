<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { theWorkbench } from '../workbenchKey'
import RemedyButton from './RemedyButton.vue'

const props = defineProps<{ pointer: string; value: string; label: string; hint: string }>()
const { brief, check, faulty, lit, names, pinned, set } = theWorkbench()

const draft = ref(props.value)
const field = ref<HTMLInputElement | null>(null)
let later: ReturnType<typeof setTimeout> | undefined
watch(
  () => props.value,
  (value) => {
    if (document.activeElement !== field.value) draft.value = value
  },
)

const complaint = computed(() => check.value?.findings.find((each) => each.picks.includes(props.pointer)))
/** What follows from name and group, unless it was set by hand. */
const followers = computed(() => {
  const all = names.value
  if (!all) return []
  return [
    { what: 'Group', name: all.group, by: pinned('/project/group') ? 'by hand' : '' },
    { what: 'Title', name: all.title, by: pinned('/project/title') ? 'by hand' : '' },
    { what: 'Package', name: all.package, by: pinned('/project/package') ? 'by hand' : '' },
    { what: 'Entry class', name: all.entryClass, by: '' },
    { what: 'Directory', name: all.artifact, by: '' },
    { what: 'Database', name: all.database, by: '' },
  ].filter((each) => each.what !== 'Group' || props.pointer !== '/project/group' || each.name !== draft.value)
})
const byHand = [
  { pointer: '/project/title', what: 'Title' },
  { pointer: '/project/package', what: 'Package' },
]

function typed() {
  clearTimeout(later)
  later = setTimeout(() => set(props.pointer, draft.value), 150)
}
function focusField() {
  void nextTick(() => setTimeout(() => field.value?.select(), 20))
}
</script>

<template>
  <Popover as="span" class="inline-block max-w-full">
    <PopoverButton
      class="max-w-full truncate border-b-2 border-solid leading-tight"
      :class="[faulty(pointer) ? 'border-fault text-fault' : 'border-lit', lit.includes(pointer) && 'bg-hot']"
      :aria-label="`${label}: ${value || 'missing'}`"
      :data-pick="pointer"
      @click="focusField"
      @mouseenter="lit = [pointer]"
      @mouseleave="lit = []"
      >{{ value || '…' }}</PopoverButton
    >
    <PopoverPanel
      v-slot="{ close }"
      class="absolute left-0 z-20 mt-2 w-full rounded-panel whitespace-normal border border-line bg-card p-4 font-sans text-base shadow-lg"
    >
      <label class="block text-tiny font-semibold text-soft" :for="'field' + pointer">{{ label }}</label>
      <input
        :id="'field' + pointer"
        ref="field"
        v-model="draft"
        class="mt-1 w-full rounded-[5px] border border-line bg-paper px-2.5 py-1.5 font-mono text-small"
        spellcheck="false"
        autocomplete="off"
        :aria-invalid="faulty(pointer)"
        @input="typed"
        @keydown.enter="close()"
      />
      <p v-if="complaint" class="mt-2 text-small" :class="faulty(pointer) ? 'text-fault' : 'text-soft'">
        {{ complaint.because }}
      </p>
      <p v-else class="mt-2 text-small text-soft">{{ hint }}</p>
      <div v-if="complaint?.remedies.length" class="mt-2 flex flex-wrap gap-2">
        <RemedyButton v-for="remedy in complaint.remedies" :key="remedy.title" :remedy="remedy" />
      </div>
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
            <span v-if="each.by" class="ml-2 font-sans text-soft">{{ each.by }}</span>
          </dd>
        </template>
      </dl>
      <details class="mt-2 text-small">
        <summary class="cursor-pointer text-soft">Set one by hand</summary>
        <label v-for="each in byHand" :key="each.pointer" class="mt-1.5 block text-tiny text-soft">
          {{ each.what }}
          <input
            class="mt-0.5 w-full rounded-[5px] border border-line bg-paper px-2 py-1 font-mono text-small text-ink"
            :value="brief.project[each.pointer.slice(9)] ?? ''"
            placeholder="follows the name"
            spellcheck="false"
            autocomplete="off"
            @change="set(each.pointer, ($event.target as HTMLInputElement).value.trim())"
          />
        </label>
      </details>
    </PopoverPanel>
  </Popover>
</template>
