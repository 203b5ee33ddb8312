<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { theme, THEMES } from '../theme'

const signs = { system: '◐', light: '○', dark: '●' }
</script>

<template>
  <RadioGroup v-model="theme" class="flex items-center rounded-panel border border-line p-0.5">
    <RadioGroupLabel class="sr-only">Light or dark</RadioGroupLabel>
    <RadioGroupOption v-for="each in THEMES" :key="each" v-slot="{ checked }" :value="each" as="template">
      <button
        type="button"
        class="h-6 w-7 rounded-[5px] text-small leading-none"
        :class="checked ? 'bg-hot text-ink' : 'text-soft hover:text-ink'"
        :title="`Colours: ${each}`"
        :aria-label="each"
        :data-theme-choice="each"
      >
        {{ signs[each] }}
      </button>
    </RadioGroupOption>
  </RadioGroup>
</template>
