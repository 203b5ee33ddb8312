<script setup lang="ts">
import { provide } from 'vue'
import { workbenchKey } from './workbenchKey'
import { useWorkbench } from './useWorkbench'
import BriefColumn from './components/BriefColumn.vue'
import PossibleColumn from './components/PossibleColumn.vue'
import ResultColumn from './components/ResultColumn.vue'
import TopBar from './components/TopBar.vue'

const workbench = useWorkbench()
provide(workbenchKey, workbench)
</script>

<template>
  <div class="flex min-h-screen flex-col lg:h-screen">
    <TopBar />
    <p
      v-if="workbench.trouble.value"
      role="status"
      class="border-b border-line bg-hot px-5 py-2 text-small text-ink"
    >
      {{ workbench.trouble.value }} What you picked is kept; trying again.
    </p>
    <main class="grid min-h-0 flex-1 grid-cols-1 lg:grid-cols-[330px_minmax(0,450px)_minmax(0,1fr)]">
      <BriefColumn class="border-line lg:overflow-y-auto lg:border-r" />
      <PossibleColumn class="border-t border-line lg:overflow-y-auto lg:border-t-0 lg:border-r" />
      <ResultColumn class="border-t border-line lg:border-t-0" />
    </main>
  </div>
</template>
