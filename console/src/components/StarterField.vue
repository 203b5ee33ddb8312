<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, onMounted, onUnmounted, ref } from 'vue'
import { theWorkbench } from '../workbenchKey'
import Joint from './Joint.vue'

const { addStarter, brief, catalog, check } = theWorkbench()
const query = ref('')

const found = computed(() => {
  const words = query.value.toLowerCase().trim()
  const picked = brief.value.starters ?? []
  return (catalog.value?.starters ?? [])
    .filter((each) => !picked.includes(each.id))
    .filter((each) =>
      [each.id, each.label, each.summary, each.verb, ...each.search].some((text) =>
        text.toLowerCase().includes(words),
      ),
    )
})
const offer = (id: string) => check.value?.offers.find((each) => each.kind === 'starter' && each.id === id)

function add(id: string | null) {
  if (id) addStarter(id)
  query.value = ''
}

function slash(event: KeyboardEvent) {
  const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea')
  if (event.key === '/' && !typing) {
    event.preventDefault()
    document.getElementById('also')?.focus()
  }
}
onMounted(() => window.addEventListener('keydown', slash))
onUnmounted(() => window.removeEventListener('keydown', slash))
</script>

<template>
  <Combobox as="div" class="relative" :model-value="null" nullable @update:model-value="add">
    <div class="flex items-center rounded-panel border border-line bg-card px-3 focus-within:border-act">
      <ComboboxInput
        id="also"
        class="w-full bg-transparent py-2.5 outline-none placeholder:text-soft"
        placeholder="It should also …"
        aria-label="It should also"
        autocomplete="off"
        :display-value="() => query"
        @change="query = $event.target.value"
      />
      <kbd class="rounded border border-line px-1.5 font-mono text-tiny text-soft">/</kbd>
    </div>
    <ComboboxOptions
      class="absolute z-20 mt-1 max-h-80 w-full overflow-y-auto rounded-panel border border-line bg-card p-1 shadow-lg"
    >
      <p v-if="!found.length" class="px-3 py-2 text-small text-soft">
        {{ query ? `Nothing here answers to “${query}”.` : 'Everything that there is has been picked.' }}
      </p>
      <ComboboxOption v-for="each in found" :key="each.id" v-slot="{ active }" :value="each.id" as="template">
        <li class="flex cursor-pointer gap-2.5 rounded-[5px] px-3 py-1.5" :class="active && 'bg-hot'">
          <Joint
            class="mt-0.5"
            :state="(offer(each.id)?.possible ?? true) ? 'possible' : 'impossible'"
            :size="16"
          />
          <span>
            <span class="block">{{ each.label }}</span>
            <span class="block text-small text-soft">{{ offer(each.id)?.because ?? each.summary }}</span>
          </span>
        </li>
      </ComboboxOption>
    </ComboboxOptions>
  </Combobox>
</template>
