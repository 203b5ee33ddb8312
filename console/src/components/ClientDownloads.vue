<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { fetchDownloads } from '../api/service'
import type { Download } from '../api/types'

const downloads = ref<Download[]>([])

const forWhom = { debian: 'Debian and its kin', zip: 'any system with Java 17 or newer' }
const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(1)} MB`

onMounted(async () => {
  // Whoever cannot fetch the list can do without it here.
  downloads.value = await fetchDownloads().catch(() => [])
})
</script>

<template>
  <div v-if="downloads.length" class="text-small text-soft" data-part="client">
    <p>No vivid on your machine yet?</p>
    <ul>
      <li v-for="each in downloads" :key="each.file">
        <a
          :href="each.address"
          download
          :title="each.digest"
          class="font-mono text-act underline underline-offset-3"
          >{{ each.file }}</a
        >
        for {{ forWhom[each.kind] }}, {{ megabytes(each.size) }}
      </li>
    </ul>
  </div>
</template>
