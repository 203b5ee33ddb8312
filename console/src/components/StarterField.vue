<script setup lang="ts">
import { Combobox, ComboboxButton, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, onMounted, onUnmounted, ref, shallowRef } from 'vue'
import { search } from '../api/service'
import type { Option, Starter } from '../api/types'
import { type List, withOne } from '../nextBrief'
import { theWorkbench } from '../workbenchKey'
import Foresight from './Foresight.vue'
import Joint from './Joint.vue'
import WayToHave from './WayToHave.vue'
import WhatItBrings from './WhatItBrings.vue'

/**
 * One field finds whatever can be added, starters before extras, in the order in which the service
 * ranks them. What cannot be had stays, with the reason.
 */
const { add, brief, catalog, check } = theWorkbench()
const query = ref('')
/** The ids that the last question found; null for no question. */
const ranked = shallowRef<{ starters: string[]; extras: string[] } | null>(null)
const lost = ref(false)
/** Whether the answer to what is typed is still on its way. */
const pending = ref(false)
let takesFirst = false
let asked = 0

async function ask(text: string) {
  query.value = text
  const mine = ++asked
  takesFirst = false
  pending.value = !!text.trim()
  if (!pending.value) {
    ranked.value = null
    lost.value = false
    return
  }
  try {
    const [starters, extras] = await Promise.all([search('starters', text), search('extras', text)])
    if (mine !== asked) return
    ranked.value = { starters, extras }
    pending.value = lost.value = false
    const first = found.value[0]
    if (takesFirst && first) {
      take(`${first.list} ${first.option.id}`)
      close()
    }
  } catch {
    if (mine === asked) [pending.value, lost.value] = [false, true]
  }
}

/** Nothing but a key closes the list when it was not the list itself that was picked from. */
const close = () =>
  document
    .getElementById('also')
    ?.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }))

/** Who types fast means the first answer, not what is in the list by chance until it comes. */
function hold(event: KeyboardEvent) {
  if (pending.value) {
    event.preventDefault()
    event.stopPropagation()
    takesFirst = true
  }
}

const kinds = { starters: 'starter', extras: 'extra' } as const

function listed(list: List) {
  const all: Option[] = catalog.value?.[list] ?? []
  const order = ranked.value?.[list]
  const options = order ? order.flatMap((id) => all.find((each) => each.id === id) ?? []) : all
  return options
    .filter((each) => !brief.value[list]?.includes(each.id))
    .map((option) => {
      const offer = check.value?.offers.find((each) => each.kind === kinds[list] && each.id === option.id)
      const category = (option as Starter).category
      return {
        list,
        option,
        possible: offer?.possible ?? true,
        text: offer?.because ?? option.summary,
        group:
          list === 'extras'
            ? 'Beside it'
            : (catalog.value?.categories.find((each) => each.id === category)?.label ?? ''),
      }
    })
}
/** What is called as was typed comes first; for the rest, starters before extras. */
const found = computed(() => {
  const all = [...listed('starters'), ...listed('extras')]
  const typed = query.value.trim().toLowerCase()
  const called = (each: (typeof all)[number]) => each.option.label.toLowerCase().startsWith(typed)
  return ranked.value ? [...all.filter(called), ...all.filter((each) => !called(each))] : all
})
/** Why there is nothing in the list. */
const nothing = computed(() => {
  const picked = (['starters', 'extras'] as const).flatMap((list) =>
    (ranked.value?.[list] ?? [])
      .filter((id) => brief.value[list]?.includes(id))
      .map((id) => catalog.value?.[list].find((each: Option) => each.id === id)?.label ?? id),
  )
  if (picked.length) return `Picked already: ${picked.join(', ')}.`
  return query.value
    ? `Nothing answers to “${query.value}”. Try a product, a standard or a task, such as “queue”.`
    : 'Everything that there is has been picked.'
})
/** By category as long as nothing is asked; an answer is in the order of its rank. */
const headed = (i: number) => !ranked.value && found.value[i]?.group !== found.value[i - 1]?.group

/** What is pointed at; it stays while the pointer goes on to its documentation. */
let last: ReturnType<typeof listed>[number] | undefined
const about = (key: string | null) =>
  (last = found.value.length
    ? (found.value.find((each) => `${each.list} ${each.option.id}` === key) ?? last)
    : undefined)

/** The list is gone before a click on a link in it ends, so the link opens as the click begins. */
const visit = (address: string) => window.open(address, '_blank', 'noreferrer')

function take(key: string | null) {
  const [list, id] = (key ?? '').split(' ') as [List, string?]
  if (id) add(list, id)
  void ask('')
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
  <Combobox
    v-slot="{ open, activeOption }"
    as="div"
    class="relative print:hidden"
    :model-value="null"
    nullable
    @update:model-value="take"
  >
    <div
      class="flex items-center rounded-panel border border-line bg-card px-3 focus-within:border-act"
      @keydown.enter.capture="hold"
    >
      <ComboboxInput
        id="also"
        class="w-full bg-transparent py-2.5 outline-none placeholder:text-soft"
        placeholder="It should also …"
        aria-label="It should also"
        autocomplete="off"
        :display-value="() => query"
        @change="ask($event.target.value)"
      />
      <kbd class="rounded border border-line px-1.5 font-mono text-tiny text-soft">/</kbd>
      <ComboboxButton
        class="-mr-1.5 ml-1.5 rounded-[5px] px-1.5 py-1 text-soft hover:bg-hot"
        title="All there is, by category"
        aria-label="All there is, by category"
        data-part="browse"
      >
        <svg
          viewBox="0 0 12 12"
          class="size-3 fill-none stroke-current"
          stroke-width="1.5"
          aria-hidden="true"
        >
          <path d="M2 4l4 4 4-4" />
        </svg>
      </ComboboxButton>
    </div>
    <div
      v-if="open"
      class="absolute z-20 mt-1 w-full overflow-hidden rounded-panel border border-line bg-card shadow-lg"
    >
      <ComboboxOptions class="max-h-[34vh] overflow-y-auto p-1">
        <p v-if="lost" class="px-3 py-2 text-small text-soft">
          The service does not answer, so nothing is searched.
        </p>
        <p v-else-if="!found.length" class="px-3 py-2 text-small text-soft">
          {{ nothing }}
        </p>
        <template v-for="(each, i) in found" :key="each.list + each.option.id">
          <li
            v-if="headed(i)"
            role="presentation"
            class="px-3 pt-2.5 pb-1 text-tiny font-semibold text-soft first:pt-1.5"
          >
            {{ each.group }}
          </li>
          <ComboboxOption v-slot="{ active }" :value="`${each.list} ${each.option.id}`" as="template">
            <li
              class="flex cursor-pointer gap-2.5 rounded-[5px] px-3 py-1.5"
              :class="active && 'bg-hot'"
              :data-option="each.option.id"
            >
              <Joint class="mt-0.5" :state="each.possible ? 'possible' : 'impossible'" :size="16" />
              <span class="min-w-0 flex-1">
                <span class="block">{{ each.option.label }}</span>
                <span class="block text-small text-soft">{{ each.text }}</span>
                <WayToHave v-if="active && !each.possible" :id="each.option.id" :list="each.list" />
              </span>
              <Foresight v-if="active" :next="() => withOne(brief, each.list, each.option.id)" />
            </li>
          </ComboboxOption>
        </template>
      </ComboboxOptions>
      <div
        v-for="each in [about(activeOption)].filter((one) => !!one)"
        :key="each.option.id"
        class="border-t border-line px-3 py-2 text-small"
      >
        <WhatItBrings v-if="each.possible" :list="each.list" :option="each.option" class="mb-1" />
        <a
          :href="each.option.documentation"
          target="_blank"
          rel="noreferrer"
          class="text-act underline underline-offset-3"
          data-part="documentation"
          @mousedown.prevent="visit(each.option.documentation)"
          @click.prevent
          >{{ each.option.label }}: its documentation</a
        >
      </div>
    </div>
  </Combobox>
</template>
