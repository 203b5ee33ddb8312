<script setup lang="ts">
import { computed } from 'vue'
import type { Remedy } from '../api/types'
import { changesOf } from '../changes'
import { patched } from '../nextBrief'
import { theWorkbench } from '../workbenchKey'

/** A way out as a button that says what it will change. */
const props = defineProps<{ remedy: Remedy; best?: boolean }>()
const { apply, brief, foresee } = theWorkbench()
const changes = computed(() => changesOf(brief.value, props.remedy.patch))
</script>

<template>
  <button
    type="button"
    class="max-w-full rounded-[6px] border px-2.5 py-1 text-left text-small"
    :class="best ? 'border-act bg-act text-on-act' : 'border-line bg-paper hover:border-act'"
    data-part="remedy"
    @mouseenter="foresee(patched(brief, remedy.patch))"
    @focus="foresee(patched(brief, remedy.patch))"
    @click="apply(remedy.patch)"
  >
    <span class="block font-semibold">{{ remedy.title }}</span>
    <span class="flex flex-wrap gap-x-3 font-mono text-tiny" :class="!best && 'text-soft'">
      <span v-for="change in changes" :key="change" class="min-w-0 break-words">{{ change }}</span>
    </span>
  </button>
</template>
