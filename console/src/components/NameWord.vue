<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { theWorkbench } from '../workbenchKey'

const props = defineProps<{ pointer: string; value: string; label: string; hint: string }>()
const { check, faulty, lit, set } = theWorkbench()

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
const followers = computed(() => {
  const project = check.value?.verdict === 'fits' ? check.value.brief.project : null
  return project ? [project.title, project.group, project.package] : []
})

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
      <ul
        v-if="followers.length"
        class="mt-2 space-y-0.5 border-t border-line pt-2 font-mono text-tiny text-soft"
      >
        <li v-for="name in followers" :key="String(name)" class="truncate">{{ name }}</li>
      </ul>
    </PopoverPanel>
  </Popover>
</template>
