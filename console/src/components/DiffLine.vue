<script setup lang="ts">
import type { Side } from '../diffRows'

/** One line of a difference, whole; it belongs to the project before, or to the one of now. */
defineProps<{ side: Side; now: boolean }>()
</script>

<template>
  <div class="flex min-w-0" :class="side.changed && (now ? 'bg-hot' : 'bg-paper')">
    <span class="w-10 shrink-0 pr-1 text-right text-soft select-none">{{ side.number ?? '' }}</span>
    <span class="w-4 shrink-0 text-center font-medium select-none" :class="now ? 'text-act' : 'text-soft'">{{
      side.changed ? (now ? '+' : '−') : ''
    }}</span>
    <span
      class="pr-4 whitespace-pre"
      :class="side.changed && !now && 'text-soft line-through decoration-soft/50'"
      >{{ side.text }}</span
    >
  </div>
</template>
