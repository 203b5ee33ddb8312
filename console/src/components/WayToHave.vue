<script setup lang="ts">
import { onMounted, onUnmounted, ref } from 'vue'
import { fetchCheck } from '../api/service'
import { theWorkbench } from '../workbenchKey'

/** What would have to change for something that cannot be had as things are. */
const props = defineProps<{ list: 'starters' | 'extras'; id: string }>()
const { brief } = theWorkbench()
const text = ref('')
let gone = false

onMounted(async () => {
  const ids = [...(brief.value[props.list] ?? []), props.id]
  const verdict = await fetchCheck({ ...brief.value, [props.list]: ids }).catch(() => null)
  if (gone || !verdict) return
  const ways = verdict.findings
    .filter((each) => each.severity === 'blocker')
    .flatMap((each) => each.remedies)
    // To leave it out again, or to take another in its place, is no way to have it.
    .filter(
      (way) =>
        !way.patch.some(
          (each) =>
            (each.op === 'remove' && each.path.startsWith('/' + props.list)) ||
            (each.op === 'replace' && each.path === `/${props.list}/${ids.length - 1}`),
        ),
    )
  text.value = ways[0]?.title ?? ''
})
onUnmounted(() => (gone = true))
</script>

<template>
  <span v-if="text" class="block text-small"
    >To have it: <strong class="font-semibold">{{ text }}</strong></span
  >
</template>
