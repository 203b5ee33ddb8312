<script setup lang="ts">
import { provide, ref } from 'vue'
import { readBrief } from './briefFile'
import { workbenchKey } from './workbenchKey'
import { useWorkbench } from './useWorkbench'
import BriefColumn from './components/BriefColumn.vue'
import PossibleColumn from './components/PossibleColumn.vue'
import ResultColumn from './components/ResultColumn.vue'
import TopBar from './components/TopBar.vue'

const workbench = useWorkbench()
provide(workbenchKey, workbench)

const hovering = ref(false)
const refused = ref('')

/** A brief file that is dropped anywhere on the page is opened. */
async function dropped(event: DragEvent) {
  hovering.value = false
  const file = event.dataTransfer?.files[0]
  if (!file) return
  try {
    workbench.open(await readBrief(file))
    refused.value = ''
  } catch (e) {
    refused.value = e instanceof Error ? e.message : String(e)
  }
}
</script>

<template>
  <div
    class="flex min-h-screen flex-col lg:h-screen"
    :class="hovering && 'outline-3 -outline-offset-8 outline-act outline-dashed'"
    @dragover.prevent="hovering = true"
    @dragleave="hovering = false"
    @drop.prevent="dropped"
  >
    <TopBar />
    <p
      v-if="workbench.trouble.value"
      role="status"
      class="border-b border-line bg-hot px-5 py-2 text-small text-ink"
    >
      {{ workbench.trouble.value }} What you picked is kept; trying again.
    </p>
    <p
      v-if="refused"
      role="alert"
      class="flex items-baseline gap-4 border-b border-line bg-hot px-5 py-2 text-small text-ink"
      data-part="refused"
    >
      {{ refused }} What you picked is kept.
      <button type="button" class="ml-auto underline underline-offset-3" @click="refused = ''">Close</button>
    </p>
    <main class="grid min-h-0 flex-1 grid-cols-1 lg:grid-cols-[330px_minmax(0,450px)_minmax(0,1fr)]">
      <BriefColumn class="border-line lg:overflow-y-auto lg:border-r" />
      <PossibleColumn class="border-t border-line lg:overflow-y-auto lg:border-t-0 lg:border-r" />
      <ResultColumn class="border-t border-line lg:border-t-0" />
    </main>
  </div>
</template>
