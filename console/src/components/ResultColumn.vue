<script setup lang="ts">
import { computed } from 'vue'
import { theWorkbench } from '../workbenchKey'
import CodeView from './CodeView.vue'
import ComparisonView from './ComparisonView.vue'
import FileTree from './FileTree.vue'

const { aside, check, fits, lit, looked, outline, setAside } = theWorkbench()
const file = computed(
  () => outline.value?.files.find((each) => each.path === looked.value) ?? outline.value?.files[0] ?? null,
)
const roles = { yours: 'yours to edit', rarely: 'rarely touched', ours: 'never touched by hand' }
const reason = computed(() => {
  const trace = file.value?.traces.find((each) => each.picks.some((pick) => lit.value.includes(pick)))
  return !stale.value && lit.value.length && trace ? trace : null
})
const stale = computed(() => !!check.value && !fits.value)
</script>

<template>
  <section class="flex min-h-0 min-w-0 flex-col" aria-labelledby="result" data-part="result">
    <div class="flex items-baseline justify-between gap-3 px-5 pt-5 pb-2">
      <h2 id="result" class="text-tiny font-semibold tracking-wide text-soft">
        {{ aside ? 'What differs' : 'What I get' }}
      </h2>
      <button
        v-if="outline && !aside"
        type="button"
        class="text-tiny font-semibold text-act underline decoration-transparent underline-offset-3 hover:decoration-act disabled:opacity-45"
        :disabled="stale"
        title="Keeps this project to the side and shows how the next picks differ from it"
        data-part="set-aside"
        @click="setAside()"
      >
        Compare from here
      </button>
    </div>
    <ComparisonView v-if="aside" class="min-h-0 flex-1" />
    <template v-else-if="outline && file">
      <p v-if="stale" class="border-y border-line bg-hot px-5 py-2 text-small">
        This is the last project that fitted; the picks of now give none.
      </p>
      <FileTree
        :outline="outline"
        :selected="file.path"
        class="max-h-[40%] shrink-0 overflow-y-auto border-b border-line pb-3"
        :class="stale && 'grayscale'"
        @select="looked = $event"
      />
      <div class="shrink-0 border-b border-line bg-card px-5 py-2.5 text-small" :class="stale && 'grayscale'">
        <strong class="font-mono font-medium">{{ file.path.slice(file.path.lastIndexOf('/') + 1) }}</strong>
        <span class="text-soft"> · {{ file.purpose }} · {{ roles[file.role] }}</span>
        <span v-if="reason" class="text-soft">
          ·
          {{
            reason.from === reason.to ? `line ${reason.from} is` : `lines ${reason.from} to ${reason.to} are`
          }}
          here because of <strong class="font-semibold text-ink">{{ reason.because }}</strong>
        </span>
      </div>
      <CodeView
        :file="file"
        :quiet="stale"
        class="min-h-0 flex-1 overflow-auto bg-card"
        :class="stale && 'grayscale'"
      />
    </template>
    <p v-else class="p-5 text-small text-soft">
      {{ stale ? 'There is no project to show: the picks do not fit yet.' : 'The project appears here.' }}
    </p>
  </section>
</template>
