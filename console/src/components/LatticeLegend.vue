<script setup lang="ts">
import Joint from './Joint.vue'

const signs = [
  { state: 'picked', text: 'picked' },
  { state: 'possible', text: 'possible' },
  { state: 'caution', text: 'with a caution' },
  { state: 'impossible', text: 'not possible' },
] as const
</script>

<template>
  <ul class="flex flex-wrap gap-x-4 gap-y-1 text-tiny text-soft" aria-label="What the joints mean">
    <li v-for="sign in signs" :key="sign.state" class="flex items-center gap-1.5">
      <Joint :state="sign.state" :size="13" />{{ sign.text }}
    </li>
  </ul>
</template>
