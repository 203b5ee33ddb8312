<script setup lang="ts">
import { onMounted, ref } from 'vue'

/** Stands in what opens, and brings it into sight as a whole; and in it, what is chosen. */
const here = ref<HTMLElement | null>(null)
onMounted(() => {
  const opened = here.value?.parentElement
  opened?.scrollIntoView({ block: 'nearest' })
  const chosen = opened?.querySelector<HTMLElement>('[aria-selected=true]')
  if (opened && chosen) opened.scrollTop = chosen.offsetTop - opened.clientHeight / 2
})
</script>

<template>
  <span ref="here" hidden />
</template>
