<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref } from 'vue'
import { theWorkbench } from '../workbenchKey'
import Joint from './Joint.vue'
import TakePanel from './TakePanel.vue'
import ThemeSwitch from './ThemeSwitch.vue'

const { canUndo, check, fits, slow, undo } = theWorkbench()
const taking = ref(false)

const count = (n: number, one: string, many: string) => (n === 1 ? `1 ${one}` : `${n} ${many}`)

const sentence = computed(() => {
  const answer = check.value
  if (!answer) return { head: 'Looking at the picks …', rest: '' }
  const blockers = answer.findings.filter((each) => each.severity === 'blocker')
  const others = answer.findings.length - blockers.length
  if (answer.verdict === 'fits') {
    const rest = [
      answer.filledIn.length && count(answer.filledIn.length, 'pick was filled in', 'picks were filled in'),
      others && count(others, 'thing to know', 'things to know'),
    ].filter(Boolean)
    return { head: 'Everything fits.', rest: rest.join(', ') }
  }
  const ways = blockers[0]?.remedies.length ?? 0
  return {
    head:
      blockers.length === 1 ? 'One thing stands in the way.' : `${blockers.length} things stand in the way.`,
    rest: ways ? count(ways, 'way out', 'ways out') : '',
  }
})

function keys(event: KeyboardEvent) {
  const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea')
  if (event.key === 'z' && (event.ctrlKey || event.metaKey) && !event.shiftKey && !typing) {
    event.preventDefault()
    undo()
  }
}
onMounted(() => window.addEventListener('keydown', keys))
onUnmounted(() => window.removeEventListener('keydown', keys))
</script>

<template>
  <header
    class="flex min-h-14 shrink-0 flex-wrap items-center gap-x-6 gap-y-2 border-b border-line px-5 py-2"
  >
    <h1 class="flex items-center gap-2.5 font-display text-[17px] font-semibold tracking-tight">
      <img src="/mark.svg" alt="" width="26" height="26" />
      Vivid Trellis
    </h1>
    <p class="flex min-w-0 items-center gap-2" role="status" aria-live="polite" data-part="verdict">
      <Joint v-if="check" :state="fits ? 'possible' : 'fault'" :size="20" />
      <span
        ><strong class="font-semibold">{{ sentence.head }}</strong
        ><span class="ml-2 text-soft">{{
          slow ? 'Still asking about the last pick …' : sentence.rest
        }}</span></span
      >
    </p>
    <div class="ml-auto flex items-center gap-3 print:hidden">
      <button
        type="button"
        class="rounded-panel px-2.5 py-1.5 text-soft enabled:hover:bg-hot enabled:hover:text-ink disabled:opacity-45"
        :disabled="!canUndo"
        title="Takes the last pick back (Ctrl Z)"
        data-part="undo"
        @click="undo"
      >
        Undo
      </button>
      <ThemeSwitch />
    </div>
    <button
      type="button"
      class="rounded-panel bg-act px-4 py-2 font-semibold text-on-act disabled:opacity-45 print:hidden"
      :disabled="!fits"
      data-part="take"
      @click="taking = true"
    >
      Take it home
    </button>
    <TakePanel :open="taking" @close="taking = false" />
  </header>
</template>
