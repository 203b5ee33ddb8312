<script setup lang="ts">
import { computed } from 'vue'
import { choicesOf } from '../choices'
import { textAt } from '../nextBrief'
import { theWorkbench } from '../workbenchKey'
import PickWord from './PickWord.vue'
import TextWord from './TextWord.vue'

/**
 * Everything of the brief that is one value, filled in or not, each as a word that opens in place.
 * Only the name is not among them: it is never filled in.
 */
const { catalog, check, lit, pinned, set, shown } = theWorkbench()

interface Row {
  pointer: string
  label: string
  hint?: string
  /** What stands there while there is nothing. */
  nothing?: string
}
const GROUPS: { title: string; rows: Row[] }[] = [
  {
    title: 'What it is called',
    rows: [
      { pointer: '/project/group', label: 'Group', hint: 'A domain or a reversed one.' },
      {
        pointer: '/project/title',
        label: 'Title',
        hint: 'For people: in the readme, on pages, in the build file.',
      },
      {
        pointer: '/project/package',
        label: 'Package',
        hint: 'Small letters, digits and underscores, between dots.',
      },
      { pointer: '/project/entry', label: 'Entry class', hint: 'A capital, then letters and digits.' },
      {
        pointer: '/project/database',
        label: 'Database',
        hint: 'The local database and its account: small letters, digits and underscores.',
      },
      { pointer: '/project/version', label: 'Version', hint: 'The project’s own, such as 0.1.0.' },
      {
        pointer: '/project/summary',
        label: 'Summary',
        hint: 'What it is for, in one line.',
        nothing: 'not said',
      },
    ],
  },
  {
    title: 'Whose it is',
    rows: [
      {
        pointer: '/project/organisation',
        label: 'Organisation',
        hint: 'Who holds the rights to it.',
        nothing: 'not said',
      },
      {
        pointer: '/project/licence',
        label: 'Licence',
        hint: 'An SPDX id. The extra “Licence file” brings the text of those that are suggested.',
        nothing: 'none',
      },
      { pointer: '/project/year', label: 'Year', hint: 'Stands in the licence and the build file.' },
    ],
  },
  {
    title: 'What it is made with',
    rows: [
      { pointer: '/build', label: 'Build system' },
      { pointer: '/framework', label: 'Framework' },
      { pointer: '/language', label: 'Language' },
      { pointer: '/jvm', label: 'Java level', hint: 'Compiled for and run on.' },
      { pointer: '/jdk', label: 'JDK', hint: 'Builds and runs it.' },
      { pointer: '/alongside', label: 'Alongside', nothing: 'no second language' },
      { pointer: '/packaging', label: 'Packaging' },
      {
        pointer: '/settings/mirror',
        label: 'Mirror',
        hint: 'A repository that stands in for the public one: an address with https, without an account in it.',
        nothing: 'none',
      },
      { pointer: '/edition', label: 'Edition' },
    ],
  },
  {
    title: 'What it begins with',
    rows: [
      { pointer: '/sample', label: 'Sample code' },
      {
        pointer: '/entity',
        label: 'About',
        hint: 'What the walk through is about: a name, a colon, and fields, as in Berth: label text..80.',
        nothing: 'nothing of your own',
      },
      { pointer: '/layout', label: 'Layout' },
      { pointer: '/settings/format', label: 'Settings' },
      { pointer: '/settings/port', label: 'Port', hint: 'From 1 to 65535.' },
      {
        pointer: '/settings/managementPort',
        label: 'Management port',
        hint: 'Where health and figures answer, if not on the port of the rest.',
        nothing: 'the same port',
      },
      { pointer: '/settings/threads', label: 'Threads', hint: 'What serves requests.', nothing: 'platform' },
    ],
  },
]

const groups = computed(() =>
  GROUPS.map((group) => ({
    title: group.title,
    rows: group.rows.map((row) => {
      const choices = choicesOf(row.pointer, catalog.value, check.value)
      const filled = check.value?.filledIn.find((each) => each.pick === row.pointer)
      return {
        ...row,
        choices,
        text: textAt(shown.value, row.pointer),
        pinned: pinned(row.pointer),
        because: filled?.because ?? '',
        suggestions: row.pointer === '/project/licence' ? (catalog.value?.licences ?? []) : undefined,
        back: row.nothing ? 'Leave it out' : 'Back to filled in',
      }
    }),
  })),
)
const serving = computed(() => check.value?.serving)
</script>

<template>
  <section v-if="catalog" aria-labelledby="values" data-part="values">
    <div class="flex items-baseline justify-between pb-1.5">
      <h2 id="values" class="text-tiny font-semibold tracking-wide text-soft">Every value</h2>
      <span class="text-tiny text-soft print:hidden">dotted: filled in; click one to change it</span>
    </div>
    <div v-for="group in groups" :key="group.title" class="mb-3">
      <h3 class="border-t border-line pt-1.5 pb-0.5 text-tiny text-soft">{{ group.title }}</h3>
      <dl>
        <div
          v-for="row in group.rows"
          :key="row.pointer"
          class="relative grid grid-cols-[88px_minmax(0,1fr)_auto] gap-x-3 rounded-[5px] py-1"
          :class="lit.includes(row.pointer) && 'bg-hot'"
          @mouseenter="lit = [row.pointer]"
          @mouseleave="lit = []"
        >
          <dt class="text-small text-soft">{{ row.label }}</dt>
          <dd class="min-w-0 font-mono text-small">
            <PickWord
              v-if="row.choices.length"
              :pointer="row.pointer"
              :choices="row.choices"
              :text="row.text || (row.nothing ?? '…')"
              :label="row.label"
              :back="row.back"
            />
            <TextWord
              v-else
              :pointer="row.pointer"
              :text="row.text"
              :label="row.label"
              :hint="row.hint ?? ''"
              :suggestions="row.suggestions"
              :back="row.back"
              >{{ row.text || row.nothing }}</TextWord
            >
          </dd>
          <dd v-if="row.pinned" class="text-tiny print:hidden">
            <button
              type="button"
              class="rounded-[4px] px-1 text-soft underline decoration-line underline-offset-3 hover:decoration-act"
              :aria-label="`${row.back}: ${row.label}`"
              :data-back="row.pointer"
              @click="set(row.pointer, '')"
            >
              {{ row.back.toLowerCase() }}
            </button>
          </dd>
          <dd v-if="row.because" class="col-span-2 col-start-2 text-tiny text-soft">{{ row.because }}</dd>
        </div>
      </dl>
    </div>
    <p
      v-if="serving"
      class="border-t border-line py-1.5 text-small text-soft"
      :class="serving.picks.some((pick) => lit.includes(pick)) && 'bg-hot'"
      @mouseenter="lit = serving.picks"
      @mouseleave="lit = []"
    >
      It answers HTTP <span class="font-mono text-ink">{{ serving.stack }}</span>, {{ serving.label }}.
    </p>
  </section>
</template>
