<script setup lang="ts">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { computed } from 'vue'
import { withPick } from '../nextBrief'
import { theWorkbench } from '../workbenchKey'
import { chosen, type Choice } from './choice'
import Foresight from './Foresight.vue'
import Joint from './Joint.vue'

const props = defineProps<{ pointer: string; choices: Choice[]; text: string; label: string }>()
const { brief, faulty, lit, pinned, set, shown } = theWorkbench()

const key = computed(() => props.pointer.slice(1))
const value = computed(() => chosen(props.choices, shown.value[key.value])?.id ?? '')
const isPinned = computed(() => pinned(props.pointer))
const state = computed(() =>
  faulty(props.pointer)
    ? 'border-fault text-fault border-solid'
    : isPinned.value
      ? 'border-lit border-solid'
      : 'border-soft border-dotted',
)
</script>

<template>
  <Listbox :model-value="value" as="span" class="inline-block" @update:model-value="set(pointer, $event)">
    <ListboxButton
      class="border-b-2 leading-tight"
      :class="[state, lit.includes(pointer) && 'bg-hot']"
      :aria-label="`${label}: ${text}${isPinned ? '' : ', filled in'}`"
      :data-pick="pointer"
      @keydown.delete.prevent="set(pointer, '')"
      @mouseenter="lit = [pointer]"
      @mouseleave="lit = []"
      >{{ text }}</ListboxButton
    >
    <ListboxOptions
      class="absolute left-0 z-20 mt-2 w-full rounded-panel whitespace-normal border border-line bg-card p-1 font-sans text-base shadow-lg focus:outline-none"
    >
      <li class="px-3 pt-1.5 pb-1 text-tiny font-semibold text-soft" role="presentation">{{ label }}</li>
      <ListboxOption
        v-for="choice in choices"
        :key="choice.id"
        v-slot="{ active, selected }"
        :value="choice.id"
        as="template"
      >
        <li class="flex cursor-pointer gap-2.5 rounded-[5px] px-3 py-1.5" :class="active && 'bg-hot'">
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
          Let the service choose
        </button>
      </li>
    </ListboxOptions>
  </Listbox>
</template>
