<script setup lang="ts">
import { theWorkbench } from '../workbenchKey'
import BriefSentence from './BriefSentence.vue'
import StarterClauses from './StarterClauses.vue'
import StarterField from './StarterField.vue'
import VariantTabs from './VariantTabs.vue'

const { canUndo, check } = theWorkbench()
</script>

<template>
  <section class="p-5" aria-labelledby="want">
    <div class="mb-2 flex items-baseline justify-between">
      <h2 id="want" class="text-tiny font-semibold tracking-wide text-soft">What I want</h2>
      <span v-if="check" class="text-tiny text-soft">edition {{ check.edition }}</span>
    </div>
    <VariantTabs class="mb-2 -ml-2" />
    <BriefSentence />
    <!-- Until the first change, which shows that it was understood. -->
    <p v-if="!canUndo" class="mt-3 text-small text-soft print:hidden" data-part="begin">
      Click an underlined word to change it, and say here what it should also do.
    </p>
    <StarterField class="mt-4" />
    <StarterClauses class="mt-3" />
  </section>
</template>
