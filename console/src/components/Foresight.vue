<script setup lang="ts">
import { onMounted } from 'vue'
import type { Brief } from '../api/types'
import { theWorkbench } from '../workbenchKey'

/** Stands in an option while it is pointed at, by pointer or by key, and looks ahead to its pick. */
const props = defineProps<{ next: () => Brief }>()
const { foresee } = theWorkbench()
onMounted(() => foresee(props.next()))
</script>

<template>
  <span hidden />
</template>
