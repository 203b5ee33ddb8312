<script setup lang="ts">
import { computed } from 'vue'
import type { Cell } from '../api/types'
import { choicesOf } from '../choices'
import { theWorkbench } from '../workbenchKey'
import Joint from './Joint.vue'

/** What a joint means: whether it can be had, why not, and what moving there would cost. */
const props = defineProps<{ cell: Cell; name: string }>()
const { catalog } = theWorkbench()

const MOST = 5
const lines = computed(() => choicesOf('/framework', catalog.value, null))
const labels = (ids: string[]) =>
  ids.map((id) => catalog.value?.starters.find((each) => each.id === id)?.label ?? id)
function listed(price: Cell['gain']) {
  const all = [
    ...price.lines.map((line) => lines.value.find((each) => each.id === line)?.label ?? line),
    ...labels(price.starters),
  ]
  return all.length > MOST ? `${all.slice(0, MOST).join(', ')} and ${all.length - MOST} more` : all.join(', ')
}
const gain = computed(() => listed(props.cell.gain))
const lose = computed(() => listed(props.cell.lose))
const state = computed(() =>
  props.cell.picked ? (props.cell.state === 'impossible' ? 'fault' : 'picked') : props.cell.state,
)
const verdict = computed(
  () =>
    ({ possible: 'Possible', caution: 'Possible, with a caution', impossible: 'Not possible' })[
      props.cell.state
    ] + (props.cell.picked ? ', and picked' : ''),
)
</script>

<template>
  <div class="rounded-panel border border-line bg-card p-3 text-small shadow-lg" data-part="joint-card">
    <p class="flex items-center gap-2 font-semibold">
      <Joint :state="state" :size="16" />{{ name }} on Java {{ cell.jvm }}
    </p>
    <p class="mt-1 text-soft">{{ verdict }}.</p>
    <p v-if="cell.because" class="mt-1">{{ cell.because }}</p>
    <p v-if="gain" class="mt-1"><span class="text-soft">You gain</span> {{ gain }}.</p>
    <p v-if="lose" class="mt-1">
      <span class="text-soft">{{ cell.state === 'impossible' ? 'It cannot have' : 'You lose' }}</span>
      {{ lose }}.
    </p>
  </div>
</template>
