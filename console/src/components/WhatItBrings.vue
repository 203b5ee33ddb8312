<script setup lang="ts">
import { computed, onUnmounted, shallowRef, watch } from 'vue'
import { fetchComparison } from '../api/service'
import type { Difference, Option, Starter } from '../api/types'
import { theWorkbench } from '../workbenchKey'

/** What something that is not picked yet would bring and needs: the service makes both projects and compares. */
const props = defineProps<{ list: 'starters' | 'extras'; option: Option }>()
const { brief, fits } = theWorkbench()

/** So long something is pointed at before the service is asked. */
const REST = 180
const differences = shallowRef<Difference[] | null>(null)
let asked = 0
let rest: ReturnType<typeof setTimeout> | undefined

async function ask(mine: number) {
  const ids = [...(brief.value[props.list] ?? []), props.option.id]
  const found = await fetchComparison(brief.value, { ...brief.value, [props.list]: ids }).catch(() => null)
  if (mine === asked) differences.value = found
}
watch(
  () => props.option.id,
  () => {
    const mine = ++asked
    differences.value = null
    clearTimeout(rest)
    if (fits.value) rest = setTimeout(() => void ask(mine), REST)
  },
  { immediate: true },
)
onUnmounted(() => {
  asked++
  clearTimeout(rest)
})

const base = (path: string) => path.slice(path.lastIndexOf('/') + 1)
const added = (diff: string) =>
  diff.split('\n').filter((line) => line.startsWith('+') && !line.startsWith('+++'))
const changed = computed(() =>
  (differences.value ?? []).filter((each) => each.change !== 'same' && !each.path.startsWith('.vivid/')),
)
const files = computed(() =>
  changed.value.map((each) =>
    each.change === 'changed'
      ? `${base(each.path)} +${added(each.diff).length}`
      : `${each.change === 'added' ? 'new' : 'no'} ${base(each.path)}`,
  ),
)
const brings = computed(() => (props.option as Starter).brings ?? [])
/** Of what it may bring anywhere, what it would bring here. */
const artifacts = computed(() => {
  // A readme may name it, too, as part of an address.
  const build = changed.value.filter((each) => !each.path.endsWith('.md'))
  const lines = build.flatMap((each) => added(each.diff)).join('\n')
  const names = brings.value.flatMap((each) => each.artifacts).map((key) => key.slice(key.indexOf(':') + 1))
  return [...new Set(names)].filter((name) => lines.includes(name))
})
const services = computed(() => [...new Set(brings.value.flatMap((each) => each.services))])
const needs = computed(() => (props.option as Starter).needs ?? [])
</script>

<template>
  <dl class="grid grid-cols-[auto_minmax(0,1fr)] gap-x-2.5 gap-y-0.5 text-tiny" data-part="brings">
    <template v-if="artifacts.length">
      <dt class="text-soft">brings</dt>
      <dd class="font-mono break-words">{{ artifacts.join(', ') }}</dd>
    </template>
    <template v-if="files.length">
      <dt class="text-soft">changes</dt>
      <dd class="font-mono break-words">{{ files.join(', ') }}</dd>
    </template>
    <template v-if="services.length">
      <dt class="text-soft">talks to</dt>
      <dd>{{ services.join(', ') }}</dd>
    </template>
    <template v-if="needs.length">
      <dt class="text-soft">needs</dt>
      <dd>{{ needs[0] }}</dd>
    </template>
  </dl>
</template>
