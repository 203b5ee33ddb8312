<script setup lang="ts">
import { computed } from 'vue'
import { choicesOf, inShort } from '../choices'
import { wordOf } from '../entity'
import { valueAt } from '../nextBrief'
import { theWorkbench } from '../workbenchKey'
import EntityWord from './EntityWord.vue'
import NameWord from './NameWord.vue'
import PickWord from './PickWord.vue'
import { chosen, type Choice } from './choice'

const { brief, catalog, check, pinned, shown } = theWorkbench()

/** As people read it; the service has the exact rule for what it writes. */
const article = computed(() => (/^[aeiou]/i.test(wordOf(shown.value.entity)) ? 'an' : 'a'))

const all = (pointer: string) => choicesOf(pointer, catalog.value, check.value)
const short = (pointer: string) => computed(() => inShort(all(pointer)))
const builds = short('/build')
const levels = short('/language')
const frameworks = short('/framework')
const packagings = short('/packaging')
const samples = short('/sample')
const layouts = short('/layout')

/** Where nothing is picked and nothing filled in, what comes first in the catalog. */
const labelOf = (choices: Choice[], pick: unknown) =>
  chosen(choices, pick)?.label ?? String(pick ?? choices[0]?.label ?? 'whatever fits')
/** A version that the user picked is said in full; of one that was filled in, its line is enough. */
function versioned(pointer: string, choices: Choice[]) {
  if (pinned(pointer)) return labelOf(all(pointer), valueAt(brief.value, pointer))
  const filledIn = valueAt(shown.value, pointer)
  return filledIn === undefined ? labelOf(all(pointer), undefined) : labelOf(choices, filledIn)
}
</script>

<template>
  <div class="relative font-display text-large leading-[1.5]">
    A project called
    <NameWord
      pointer="/project/name"
      :text="String(brief.project.name ?? '')"
      label="Name"
      hint="Small letters, digits and dashes. Packages, classes and the database are named after it."
    />
    by
    <span class="whitespace-nowrap"
      ><NameWord
        pointer="/project/group"
        :text="String(brief.project.group ?? shown.project.group ?? '')"
        label="Domain or group"
        hint="A domain or a reversed one; it keeps your packages unique."
        back="Back to filled in"
      />,</span
    >
    built with
    <PickWord pointer="/build" :choices="builds" :text="versioned('/build', builds)" label="Build system" />
    in
    <PickWord pointer="/language" :choices="levels" :text="versioned('/language', levels)" label="Language" />
    on
    <span class="whitespace-nowrap"
      ><PickWord
        pointer="/framework"
        :choices="frameworks"
        :text="versioned('/framework', frameworks)"
        label="Framework"
      />,</span
    >
    packed as a
    <span class="whitespace-nowrap"
      ><PickWord
        pointer="/packaging"
        :choices="packagings"
        :text="String(shown.packaging ?? packagings[0]?.id ?? 'whatever fits')"
        label="Packaging"
      />,</span
    >
    with
    <span class="whitespace-nowrap"
      ><PickWord
        pointer="/sample"
        :choices="samples"
        :text="labelOf(samples, shown.sample).toLowerCase()"
        label="Sample code"
      /><template v-if="!shown.entity">,</template></span
    >
    <template v-if="shown.entity">
      about {{ article }}
      <span class="whitespace-nowrap"><EntityWord />,</span>
    </template>
    sorted
    <span class="whitespace-nowrap"
      ><PickWord
        pointer="/layout"
        :choices="layouts"
        :text="labelOf(layouts, shown.layout).toLowerCase()"
        label="Layout"
      />.</span
    >
  </div>
</template>
