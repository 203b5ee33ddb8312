<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { fetchDownloads } from '../api/service'
import type { Download } from '../api/types'

const downloads = ref<Download[]>([])

const forWhom = { debian: 'Debian and its kin', zip: 'every system with Java 17 or newer' }
const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(1)} MB`

onMounted(async () => {
  // Whoever cannot fetch the list can do without it here.
  downloads.value = await fetchDownloads().catch(() => [])
})
</script>

<template>
  <section v-if="downloads.length" data-part="client">
    <h3 class="text-tiny font-semibold text-soft">The command line itself, for your own machine</h3>
    <ul class="mt-1 divide-y divide-line rounded-panel border border-line bg-card">
      <li v-for="each in downloads" :key="each.file" class="flex flex-wrap items-baseline gap-x-3 px-3 py-2">
        <a
          :href="each.address"
          download
          class="font-mono text-small font-semibold text-act hover:underline"
          >{{ each.file }}</a
        >
        <span class="text-small text-soft">{{ megabytes(each.size) }}, for {{ forWhom[each.kind] }}</span>
        <span class="w-full font-mono text-tiny break-all text-soft">{{ each.digest }}</span>
      </li>
    </ul>
  </section>
</template>
