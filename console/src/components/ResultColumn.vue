<script setup lang="ts">
import { computed, onUnmounted, watch } from 'vue'
import { whereMostMeet } from '../outlined'
import { theWorkbench } from '../workbenchKey'
import CodeView from './CodeView.vue'
import ComparisonView from './ComparisonView.vue'
import FileTree from './FileTree.vue'

const { aside, before, check, fits, lit, looked, outline, setAside, wide } = theWorkbench()
const file = computed(
  () =>
    outline.value?.files.find((each) => each.path === looked.value) ??
    whereMostMeet(outline.value?.files ?? []),
)
const roles = { yours: 'yours to edit', rarely: 'rarely touched', ours: 'never touched by hand' }
const reason = computed(() => {
  const trace = file.value?.traces.find((each) => each.picks.some((pick) => lit.value.includes(pick)))
  return !stale.value && lit.value.length && trace ? trace : null
})
const stale = computed(() => !!check.value && !fits.value)

/** Where the last pick changed something, when that is not in the file that is looked at. */
const elsewhere = computed(() => {
  const old = before.value
  if (!old || stale.value || !file.value) return []
  const changed = (outline.value?.files ?? []).filter(
    (each) => each.role !== 'ours' && old.get(each.path) !== each.content,
  )
  return changed.some((each) => each.path === file.value?.path) ? [] : changed
})
const base = (path: string) => path.slice(path.lastIndexOf('/') + 1)

function leave(event: KeyboardEvent) {
  if (event.key === 'Escape' && !event.defaultPrevented) wide.value = false
}
watch(wide, (now) =>
  now ? window.addEventListener('keydown', leave) : window.removeEventListener('keydown', leave),
)
onUnmounted(() => window.removeEventListener('keydown', leave))
const quietButton =
  'text-tiny font-semibold text-act underline decoration-transparent underline-offset-3 hover:decoration-act disabled:opacity-45'
</script>

<template>
  <section class="flex min-h-0 min-w-0 flex-col" aria-labelledby="result" data-part="result">
    <div class="flex items-baseline justify-between gap-3 px-5 pt-5 pb-2">
      <h2 id="result" class="text-tiny font-semibold tracking-wide text-soft">
        {{ aside ? 'What differs' : 'What I get' }}
      </h2>
      <span class="flex gap-4">
        <button
          v-if="outline && !aside"
          type="button"
          :class="quietButton"
          :disabled="stale"
          title="Keeps this project to the side and shows how the next picks differ from it"
          data-part="set-aside"
          @click="setAside()"
        >
          Compare from here
        </button>
        <button
          v-if="outline"
          type="button"
          :class="[quietButton, 'hidden lg:inline']"
          :aria-pressed="wide"
          :title="wide ? 'Back to the picks (Escape)' : 'Gives the files the whole page'"
          data-part="wide"
          @click="wide = !wide"
        >
          {{ wide ? 'Back to the picks' : 'Whole page' }}
        </button>
      </span>
    </div>
    <ComparisonView v-if="aside" class="min-h-0 flex-1" />
    <template v-else-if="outline && file">
      <p v-if="stale" class="border-y border-line bg-hot px-5 py-2 text-small">
        This is the last project that fitted; the picks of now give none.
      </p>
      <div class="flex min-h-0 flex-1 flex-col" :class="wide && 'lg:flex-row lg:border-t lg:border-line'">
        <FileTree
          :outline="outline"
          :selected="file.path"
          class="max-h-[40%] shrink-0 overflow-y-auto border-b border-line pb-3"
          :class="[
            stale && 'grayscale',
            wide && 'lg:max-h-none lg:w-[340px] lg:border-r lg:border-b-0 lg:pt-3',
          ]"
          @select="looked = $event"
        />
        <div class="flex min-h-0 min-w-0 flex-1 flex-col" :class="stale && 'grayscale'">
          <div class="shrink-0 border-b border-line bg-card px-5 py-2.5 text-small">
            <strong class="font-mono font-medium">{{ base(file.path) }}</strong>
            <span class="text-soft"> · {{ file.purpose }} · {{ roles[file.role] }}</span>
            <span v-if="reason" class="text-soft">
              ·
              {{
                reason.from === reason.to
                  ? `line ${reason.from} is`
                  : `lines ${reason.from} to ${reason.to} are`
              }}
              here because of <strong class="font-semibold text-ink">{{ reason.because }}</strong>
            </span>
            <span v-if="elsewhere.length" class="text-soft" data-part="elsewhere">
              · unchanged by the last pick; see
              <template v-for="(each, i) in elsewhere.slice(0, 3)" :key="each.path"
                >{{ i ? ', ' : ''
                }}<button
                  type="button"
                  class="font-mono text-act underline decoration-transparent underline-offset-3 hover:decoration-act"
                  :title="each.path"
                  @click="looked = each.path"
                >
                  {{ base(each.path) }}
                </button></template
              >
              {{ elsewhere.length > 3 ? ` and ${elsewhere.length - 3} more` : '' }}
            </span>
          </div>
          <CodeView :file="file" :quiet="stale" class="min-h-0 flex-1 overflow-auto bg-card" />
        </div>
      </div>
    </template>
    <p v-else class="p-5 text-small text-soft">
      {{ stale ? 'There is no project to show: the picks do not fit yet.' : 'The project appears here.' }}
    </p>
  </section>
</template>
