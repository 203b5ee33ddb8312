<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Finding } from '../api/types'
import { theWorkbench } from '../workbenchKey'
import Joint from './Joint.vue'
import RemedyButton from './RemedyButton.vue'

const props = defineProps<{ finding: Finding }>()
const { lit } = theWorkbench()
const open = ref(false)
const state = computed(
  () =>
    ({ blocker: 'fault', caution: 'caution', note: null })[props.finding.severity] as
      'fault' | 'caution' | null,
)
const title = computed(
  () => ({ blocker: 'In the way', caution: 'With a caution', note: 'Good to know' })[props.finding.severity],
)
</script>

<template>
  <article
    class="rounded-panel border bg-card p-3.5"
    :class="finding.severity === 'blocker' ? 'border-fault' : 'border-line'"
    :data-rule="finding.rule"
    @mouseenter="lit = finding.picks"
    @mouseleave="lit = []"
  >
    <h3 class="flex items-center gap-2 text-tiny font-semibold text-soft">
      <Joint v-if="state" :state="state" :size="14" />{{ title }}
    </h3>
    <p class="mt-1">{{ finding.because }}</p>
    <div v-if="finding.remedies.length || finding.evidence.length" class="mt-2.5 flex flex-wrap gap-2">
      <RemedyButton
        v-for="(remedy, index) in finding.remedies"
        :key="remedy.title"
        :remedy="remedy"
        :best="index === 0 && finding.severity === 'blocker'"
      />
      <button
        v-if="finding.evidence.length"
        type="button"
        class="px-1.5 py-1 text-small text-soft underline decoration-line underline-offset-3 hover:decoration-act"
        :aria-expanded="open"
        @click="open = !open"
      >
        What it rests on
      </button>
    </div>
    <ul v-if="open" class="mt-2 space-y-1 border-t border-line pt-2 text-small text-soft">
      <li v-for="evidence in finding.evidence" :key="evidence.source">
        {{ evidence.kind.replace('-', ' ') }}: {{ evidence.source }}
      </li>
    </ul>
  </article>
</template>
