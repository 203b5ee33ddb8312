<script setup lang="ts">
import { computed } from 'vue'
import { theWorkbench } from '../workbenchKey'
import EveryValue from './EveryValue.vue'
import FindingCard from './FindingCard.vue'
import FrameworkFilter from './FrameworkFilter.vue'
import Lattice from './Lattice.vue'
import LatticeLegend from './LatticeLegend.vue'
import StarterLattice from './StarterLattice.vue'

const { check } = theWorkbench()
const findings = computed(() => check.value?.findings ?? [])
</script>

<template>
  <section class="p-5" aria-labelledby="possible">
    <div class="mb-3 flex items-baseline justify-between">
      <h2 id="possible" class="text-tiny font-semibold tracking-wide text-soft">What is possible</h2>
      <span class="text-tiny text-soft">framework line × Java level</span>
    </div>
    <FrameworkFilter class="mb-3" />
    <Lattice />
    <LatticeLegend class="mt-3" />
    <div class="mt-5 space-y-2.5" aria-live="polite" data-part="findings">
      <FindingCard
        v-for="finding in findings"
        :key="finding.rule + finding.picks.join()"
        :finding="finding"
      />
    </div>
    <StarterLattice class="mt-5" />
    <EveryValue class="mt-5" />
  </section>
</template>
