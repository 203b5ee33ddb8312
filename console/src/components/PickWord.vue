<script setup lang="ts">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { computed } from 'vue'
import { valueAt, withPick } from '../nextBrief'
import { theWorkbench } from '../workbenchKey'
import { chosen, type Choice } from './choice'
import Foresight from './Foresight.vue'
import IntoSight from './IntoSight.vue'
import Joint from './Joint.vue'
import { wordState } from './word'

/** A pick as a word that opens its choices in place. */
const props = defineProps<{
  pointer: string
  choices: Choice[]
  text: string
  label: string
  /** What taking the pick back is called. */
  back?: string
}>()
const { brief, faulty, lit, pinned, set, shown } = theWorkbench()

const value = computed(() => chosen(props.choices, valueAt(shown.value, props.pointer))?.id ?? '')
const isPinned = computed(() => pinned(props.pointer))
</script>

<template>
  <Listbox
    :model-value="value"
    as="span"
    class="inline-block max-w-full"
    @update:model-value="set(pointer, $event)"
  >
    <ListboxButton
      class="max-w-full border-b-2 text-left leading-tight break-words"
      :class="[wordState(faulty(pointer), isPinned), lit.includes(pointer) && 'bg-hot']"
      :aria-label="`${label}: ${text}${isPinned ? '' : ', filled in'}`"
      :data-pick="pointer"
      @keydown.delete.prevent="set(pointer, '')"
      @mouseenter="lit = [pointer]"
      @mouseleave="lit = []"
      >{{ text }}</ListboxButton
    >
    <ListboxOptions
      class="absolute left-0 z-20 mt-2 max-h-[min(440px,60vh)] w-full overflow-y-auto rounded-panel whitespace-normal border border-line bg-card p-1 font-sans text-base shadow-lg focus:outline-none"
    >
      <IntoSight />
      <li class="px-3 pt-1.5 pb-1 text-tiny font-semibold text-soft" role="presentation">{{ label }}</li>
      <ListboxOption
        v-for="choice in choices"
        :key="choice.id"
        v-slot="{ active, selected }"
        :value="choice.id"
        as="template"
      >
        <li
          class="flex cursor-pointer gap-2.5 rounded-[5px] py-1.5 pr-3"
          :class="[active && 'bg-hot', ['pl-3', 'pl-3', 'pl-8'][choice.depth]]"
          :data-choice="choice.id"
        >
          <Joint
            class="mt-0.5"
            :state="selected ? 'picked' : choice.possible ? 'possible' : 'impossible'"
            :size="16"
          />
          <span>
            <span class="block" :class="selected && 'font-semibold'">{{ choice.label }}</span>
            <span class="block text-small text-soft">{{ choice.because ?? choice.hint }}</span>
          </span>
          <Foresight v-if="active" :next="() => withPick(brief, pointer, choice.id)" />
        </li>
      </ListboxOption>
      <li v-if="isPinned" role="presentation" class="mt-1 border-t border-line p-1">
        <button
          type="button"
          class="w-full rounded-[5px] px-2 py-1 text-left text-small text-soft hover:bg-hot"
          @click="set(pointer, '')"
        >
          {{ back ?? 'Back to filled in' }}
        </button>
      </li>
    </ListboxOptions>
  </Listbox>
</template>
