<script setup lang="ts">
import { computed } from 'vue'
import { theWorkbench } from '../workbenchKey'

/** On a narrow screen: which of the sections is in sight, and the way to the others. */
defineProps<{ step: number }>()
const emit = defineEmits<{ go: [to: number] }>()
const { aside } = theWorkbench()
const names = computed(() =>
  aside.value ? ['What I want', 'What differs'] : ['What I want', 'What is possible', 'What I get'],
)
</script>

<template>
  <nav class="flex shrink-0 border-b border-line" aria-label="Sections">
    <button
      v-for="(name, i) in names"
      :key="name"
      type="button"
      class="flex-1 border-b-2 px-2 py-2.5 text-small"
      :class="i === step ? 'border-act font-semibold' : 'border-transparent text-soft'"
      :aria-current="i === step ? 'step' : undefined"
      @click="emit('go', i)"
    >
      {{ name }}
    </button>
  </nav>
</template>
