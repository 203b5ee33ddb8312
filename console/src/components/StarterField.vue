<script setup lang="ts">
import { Combobox, ComboboxButton, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, onMounted, onUnmounted, ref, shallowRef, watch } from 'vue'
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

/** A click into the empty field opens all there is, as its arrow does. */
function browse() {
  const isOpen = document.getElementById('also')?.getAttribute('aria-expanded') === 'true'
  if (!isOpen) field.value?.querySelector<HTMLElement>('[data-part=browse]')?.click()
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

const BESIDE = 'Beside it'
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
            ? BESIDE
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
/** By category as long as nothing is asked; an answer is one group, in the order of its rank. */
const groups = computed(() => {
  if (ranked.value) return [{ title: '', options: found.value }]
  const titles = [...(catalog.value?.categories ?? []).map((each) => each.label), BESIDE]
  return titles
    .map((title) => ({ title, options: found.value.filter((each) => each.group === title) }))
    .filter((group) => group.options.length)
})

/**
 * Where the list lies: an answer below the field, all there is beside it, over the other columns,
 * where there is most room.
 */
const place = ref({ top: '0', left: '0', width: '0', maxHeight: '0' })
const field = ref<HTMLElement | null>(null)
const [EDGE, TOP, GAP] = [20, 64, 12]
const [WIDEST, WIDEST_ANSWER, SIDE_BY_SIDE] = [1000, 560, 1024]
function lie() {
  const box = field.value?.getBoundingClientRect()
  if (!box) return
  const beside = !ranked.value && innerWidth >= SIDE_BY_SIDE
  const [top, left] = beside ? [TOP, box.right + GAP] : [box.bottom + 4, box.left]
  const room = Math.min(beside ? WIDEST : WIDEST_ANSWER, innerWidth - left - EDGE)
  const px = (n: number) => `${Math.round(n)}px`
  place.value = {
    top: px(top),
    left: px(left),
    width: px(beside ? room : Math.max(box.width, room)),
    maxHeight: px(Math.max(220, innerHeight - top - EDGE)),
  }
}
watch(ranked, lie)

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
    browse()
  }
}
onMounted(() => {
  window.addEventListener('keydown', slash)
  window.addEventListener('resize', lie)
  window.addEventListener('scroll', lie, true)
})
onUnmounted(() => {
  window.removeEventListener('keydown', slash)
  window.removeEventListener('resize', lie)
  window.removeEventListener('scroll', lie, true)
})
</script>

<template>
  <Combobox
    v-slot="{ open, activeOption }"
    as="div"
    class="print:hidden"
    :model-value="null"
    nullable
    @update:model-value="take"
  >
    <div
      ref="field"
      class="flex items-center rounded-panel border border-line bg-card px-3 focus-within:border-act"
      @keydown.enter.capture="hold"
      @focusin="lie"
      @click="lie"
    >
      <ComboboxInput
        id="also"
        class="w-full bg-transparent py-2.5 outline-none placeholder:text-soft"
        placeholder="It should also …"
        aria-label="It should also"
        autocomplete="off"
        :display-value="() => query"
        @change="ask($event.target.value)"
        @click="browse"
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
      class="fixed z-20 flex flex-col overflow-hidden rounded-panel border border-line bg-card shadow-lg"
      :style="place"
    >
      <ComboboxOptions
        as="div"
        class="min-h-0 flex-1 overflow-y-auto p-1"
        :class="!ranked && 'gap-x-2 p-2 sm:columns-2 lg:columns-3 xl:columns-4'"
      >
        <p v-if="lost" class="px-3 py-2 text-small text-soft">
          The service does not answer, so nothing is searched.
        </p>
        <p v-else-if="!found.length" class="px-3 py-2 text-small text-soft">
          {{ nothing }}
        </p>
        <div
          v-for="group in groups"
          :key="group.title"
          role="group"
          :aria-label="group.title || 'What was found'"
          class="mb-1.5"
        >
          <p v-if="group.title" class="break-after-avoid px-2 pt-1 pb-0.5 text-tiny font-semibold text-soft">
            {{ group.title }}
          </p>
          <ComboboxOption
            v-for="each in group.options"
            :key="each.list + each.option.id"
            v-slot="{ active }"
            :value="`${each.list} ${each.option.id}`"
            as="template"
          >
            <div
              class="flex cursor-pointer break-inside-avoid rounded-[5px]"
              :class="[active && 'bg-hot', ranked ? 'gap-2.5 px-3 py-1.5' : 'gap-2 px-2 py-[1.5px]']"
              :data-option="each.option.id"
            >
              <Joint
                class="mt-0.5"
                :state="each.possible ? 'possible' : 'impossible'"
                :size="ranked ? 16 : 14"
              />
              <span class="min-w-0 flex-1">
                <span class="block" :class="!ranked && 'truncate'">{{ each.option.label }}</span>
                <template v-if="ranked">
                  <span class="block text-small text-soft">{{ each.text }}</span>
                  <WayToHave v-if="active && !each.possible" :id="each.option.id" :list="each.list" />
                </template>
              </span>
              <Foresight v-if="active" :next="() => withOne(brief, each.list, each.option.id)" />
            </div>
          </ComboboxOption>
        </div>
      </ComboboxOptions>
      <div
        v-if="found.length"
        class="shrink-0 border-t border-line px-3 py-2 text-small"
        :class="!ranked && 'min-h-[92px]'"
      >
        <template v-for="each in [about(activeOption)].filter((one) => !!one)" :key="each.option.id">
          <p v-if="!ranked" class="mb-1">
            <strong class="font-semibold">{{ each.option.label }}</strong>
            <span class="text-soft"> · {{ each.text }}</span>
            <WayToHave v-if="!each.possible" :id="each.option.id" :list="each.list" />
          </p>
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
        </template>
        <p v-if="!about(activeOption)" class="text-soft">
          Point at one to see what it does and brings, or type a product, a standard or a task.
        </p>
      </div>
    </div>
  </Combobox>
</template>
