<script setup lang="ts">
import { computed } from 'vue'
import { grouped } from '../grid'
import { theWorkbench } from '../workbenchKey'

/** Which frameworks the lattice shows; there is nothing to choose as long as there is one with lines. */
const { lattice, onlyFramework } = theWorkbench()

const groups = computed(() => grouped(lattice.value?.columns ?? []))
const isNeeded = computed(() => groups.value.filter((group) => group.columns[0]?.column.line).length > 1)
const picked = computed(() => lattice.value?.cells.find((cell) => cell.picked)?.framework)
const choices = computed(() => [
  { id: '', label: 'All', picked: false },
  ...groups.value.map((group) => ({
    id: group.framework,
    label: group.label,
    picked: group.framework === picked.value,
  })),
])
</script>

<template>
  <div
    v-if="isNeeded"
    class="flex flex-wrap gap-1.5"
    role="group"
    aria-label="Frameworks that are shown"
    data-part="framework-filter"
  >
    <button
      v-for="choice in choices"
      :key="choice.id"
      type="button"
      class="rounded-full border px-2.5 py-0.5 text-tiny"
      :class="
        onlyFramework === choice.id
          ? 'border-act bg-hot font-semibold text-act'
          : 'border-line text-soft hover:border-act hover:text-ink'
      "
      :aria-pressed="onlyFramework === choice.id"
      @click="onlyFramework = choice.id"
    >
      <span v-if="choice.picked" aria-label="picked: " class="mr-0.5 text-act">◆</span>{{ choice.label }}
    </button>
  </div>
</template>
