<script setup lang="ts">
import { computed } from 'vue'
import { theWorkbench } from '../workbenchKey'

const { check, lit } = theWorkbench()
const filledIn = computed(() => check.value?.filledIn ?? [])
const serving = computed(() => check.value?.serving)
const word = (pointer: string) => pointer.slice(pointer.lastIndexOf('/') + 1)
</script>

<template>
  <section v-if="filledIn.length" aria-labelledby="filled">
    <div class="flex items-baseline justify-between pb-1.5">
      <h2 id="filled" class="text-tiny font-semibold tracking-wide text-soft">Filled in</h2>
      <span class="text-tiny text-soft">so that everything fits</span>
    </div>
    <dl>
      <div
        v-if="serving"
        class="grid grid-cols-[76px_minmax(0,1fr)] gap-x-3 border-t border-line py-1.5"
        :class="serving.picks.some((pick) => lit.includes(pick)) && 'bg-hot'"
        @mouseenter="lit = serving.picks"
        @mouseleave="lit = []"
      >
        <dt class="text-small text-soft">answers</dt>
        <dd class="min-w-0">
          <span class="font-mono text-small break-words">{{ serving.stack }}</span>
          <span class="block text-small text-soft">It answers HTTP {{ serving.label }}.</span>
        </dd>
      </div>
      <div
        v-for="each in filledIn"
        :key="each.pick"
        class="grid grid-cols-[76px_minmax(0,1fr)] gap-x-3 border-t border-line py-1.5"
        :class="lit.includes(each.pick) && 'bg-hot'"
        @mouseenter="lit = [each.pick]"
        @mouseleave="lit = []"
      >
        <dt class="text-small text-soft">{{ word(each.pick) }}</dt>
        <dd class="min-w-0">
          <span class="font-mono text-small break-words">{{ each.value }}</span>
          <span class="block text-small text-soft">{{ each.because }}</span>
        </dd>
      </div>
    </dl>
  </section>
</template>
