<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import {
  freeName,
  isMeant,
  itself,
  MOST,
  NAME,
  namesOf,
  renamed,
  variant as variantOf,
  withMeant,
  withoutVariant,
  withVariant,
} from '../variants'
import { theWorkbench } from '../workbenchKey'

/** The brief itself and its variants as tabs; the one in front is worked on, taken and compared. */
const { setAside, turnTo, variant, whole } = theWorkbench()

const names = computed(() => namesOf(whole.value))
const name = ref(variant.value)
watch(variant, (now) => (name.value = now))
const fault = computed(() => {
  if (name.value === variant.value) return ''
  if (!NAME.test(name.value)) return 'Small letters, digits and dashes, at most 30: it names a directory.'
  return names.value.includes(name.value) ? 'There is a variant of that name.' : ''
})

/** A new variant begins as what is in front. */
function add() {
  const called = freeName(whole.value)
  turnTo(called, withVariant(whole.value, called, variantOf(whole.value, variant.value)))
}
function rename() {
  if (!fault.value && name.value !== variant.value)
    turnTo(name.value, renamed(whole.value, variant.value, name.value))
}
const mean = (meant: boolean) => turnTo(variant.value, withMeant(whole.value, meant ? variant.value : ''))
const remove = () => turnTo('', withoutVariant(whole.value, variant.value))
</script>

<template>
  <div
    class="relative flex flex-wrap items-center gap-x-1 gap-y-1 text-small print:hidden"
    data-part="variants"
  >
    <div v-if="names.length" role="tablist" aria-label="Variants of the brief" class="contents">
      <button
        v-for="each in ['', ...names]"
        :key="each"
        type="button"
        role="tab"
        class="rounded-[6px] border px-2 py-0.5"
        :class="
          each === variant ? 'border-act bg-card font-semibold' : 'border-transparent text-soft hover:bg-hot'
        "
        :aria-selected="each === variant"
        :data-variant="each"
        @click="turnTo(each)"
      >
        {{ each || 'the brief'
        }}<span v-if="each && isMeant(whole, each)" class="ml-1 text-tiny text-soft">meant</span>
      </button>
    </div>
    <button
      v-if="names.length < MOST"
      type="button"
      class="rounded-[6px] px-2 py-0.5 text-soft hover:bg-hot hover:text-ink"
      title="Keeps another form of this brief beside it: what you then change holds for that one alone"
      :aria-label="names.length ? 'Another variant' : undefined"
      data-part="add-variant"
      @click="add"
    >
      {{ names.length ? '+' : '+ another variant of it' }}
    </button>
    <Popover v-if="variant" as="div" class="ml-auto">
      <PopoverButton
        class="rounded-[6px] px-2 py-0.5 text-soft hover:bg-hot hover:text-ink"
        :aria-label="`Name, meaning and removal of the variant ${variant}`"
        data-part="variant-menu"
        >…</PopoverButton
      >
      <PopoverPanel
        v-slot="{ close }"
        class="absolute left-0 z-20 mt-1 w-full rounded-panel border border-line bg-card p-4 text-base shadow-lg"
      >
        <label class="block text-tiny font-semibold text-soft" for="variant-name">Name of this variant</label>
        <input
          id="variant-name"
          v-model="name"
          class="mt-1 w-full rounded-[5px] border border-line bg-paper px-2.5 py-1.5 font-mono text-small"
          spellcheck="false"
          autocomplete="off"
          :aria-invalid="!!fault"
          @change="rename"
          @keydown.enter="close()"
        />
        <p v-if="fault" class="mt-1 text-small text-fault">{{ fault }}</p>
        <label class="mt-3 flex items-start gap-2 text-small">
          <input
            type="checkbox"
            class="mt-0.5 accent-act"
            :checked="isMeant(whole, variant)"
            @change="mean(($event.target as HTMLInputElement).checked)"
          />
          It is the one that is meant where none is named.
        </label>
        <div class="mt-3 flex flex-wrap gap-2 text-small whitespace-nowrap">
          <button
            type="button"
            class="rounded-[6px] border border-line px-2.5 py-1 font-semibold hover:border-act"
            data-part="compare-variant"
            @click="
              () => {
                setAside(itself(whole))
                close()
              }
            "
          >
            Compare with the brief
          </button>
          <button
            type="button"
            class="rounded-[6px] border border-line px-2.5 py-1 font-semibold hover:border-fault"
            data-part="remove-variant"
            @click="
              () => {
                close()
                remove()
              }
            "
          >
            Remove
          </button>
        </div>
      </PopoverPanel>
    </Popover>
  </div>
</template>
