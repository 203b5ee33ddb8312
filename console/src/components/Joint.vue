<script setup lang="ts">
/** A joint of the trellis. Its shape says what it means; colour only supports it. */
withDefaults(
  defineProps<{ state: 'possible' | 'caution' | 'impossible' | 'picked' | 'fault'; size?: number }>(),
  {
    size: 14,
  },
)
</script>

<template>
  <svg :width="size" :height="size" viewBox="0 0 24 24" class="inline-block shrink-0" aria-hidden="true">
    <path
      v-if="state === 'possible'"
      d="M12 2 22 12 12 22 2 12z"
      class="fill-lit stroke-lit-rim"
      stroke-width="1.6"
    />
    <g v-else-if="state === 'caution'">
      <path d="M12 2 22 12 12 22 2 12z" class="fill-card stroke-lit-rim" stroke-width="1.6" />
      <path d="M2 12h20L12 22z" class="fill-lit" />
    </g>
    <path
      v-else-if="state === 'impossible'"
      d="M12 6 18 12 12 18 6 12z"
      class="fill-card stroke-soft"
      stroke-width="2.2"
    />
    <g v-else-if="state === 'picked'">
      <path d="M12 1 23 12 12 23 1 12z" class="fill-card stroke-act" stroke-width="1.8" />
      <path d="M12 6.5 17.5 12 12 17.5 6.5 12z" class="fill-act" />
    </g>
    <path v-else d="M12 3 21 12 12 21 3 12z" class="fill-card stroke-fault" stroke-width="3" />
  </svg>
</template>
