<script setup lang="ts">
import { computed } from 'vue'
import { theWorkbench } from '../workbenchKey'
import NameWord from './NameWord.vue'
import PickWord from './PickWord.vue'
import { chosen, type Choice } from './choice'

const { brief, catalog, check, shown } = theWorkbench()

const offered = (kind: string, id: string) =>
  check.value?.offers.find((each) => each.kind === kind && each.id === id)
const choice = (kind: string, id: string, label: string, hint: string): Choice => ({
  id,
  label,
  hint,
  possible: offered(kind, id)?.possible ?? true,
  because: offered(kind, id)?.because ?? null,
})

/** What can be checked already, but not be taken home yet. */
const later = (option: { planned: boolean }) => (option.planned ? 'checked, not written yet' : '')

const builds = computed(
  () => catalog.value?.builds.map((b) => choice('build', b.id, b.label, later(b) || b.summary)) ?? [],
)
const levels = computed(
  () =>
    catalog.value?.languages.flatMap((l) => [
      ...l.levels.map((v) =>
        choice('language', `${l.id}@${v.level}`, `${l.label} ${v.level}`, v.longTerm ? 'long-term' : ''),
      ),
      ...l.versions.map((v) => choice('language', `${l.id}@${v}`, `${l.label} ${v}`, later(l))),
    ]) ?? [],
)
const frameworks = computed(
  () =>
    catalog.value?.frameworks.flatMap((f) =>
      f.lines.length
        ? f.lines.map((l) =>
            choice(
              'framework',
              `${f.id}@${l.line}`,
              `${f.label} ${l.line}`,
              `${l.standing}, newest ${l.newest}`,
            ),
          )
        : [choice('framework', f.id, f.label, later(f))],
    ) ?? [],
)
const options = (kind: 'packagings' | 'samples' | 'layouts', word: string) =>
  catalog.value?.[kind].map((o) => choice(word, o.id, o.label, later(o) || o.summary)) ?? []

const labelOf = (choices: Choice[], pick: unknown) =>
  chosen(choices, pick)?.label ?? String(pick ?? 'whatever fits')
</script>

<template>
  <div class="relative font-display text-large leading-[1.5]">
    A service called
    <NameWord
      pointer="/project/name"
      :value="String(brief.project.name ?? '')"
      label="Name"
      hint="Small letters, digits and dashes. Packages, classes and the database are named after it."
    />
    by
    <span class="whitespace-nowrap"
      ><NameWord
        pointer="/project/group"
        :value="String(brief.project.group ?? shown.project.group ?? '')"
        label="Domain or group"
        hint="A domain or a reversed one; it keeps your packages unique."
      />,</span
    >
    built with
    <PickWord pointer="/build" :choices="builds" :text="labelOf(builds, shown.build)" label="Build system" />
    in
    <PickWord
      pointer="/language"
      :choices="levels"
      :text="labelOf(levels, shown.language ?? 'Java')"
      label="Language"
    />
    on
    <span class="whitespace-nowrap"
      ><PickWord
        pointer="/framework"
        :choices="frameworks"
        :text="labelOf(frameworks, shown.framework ?? 'Spring Boot')"
        label="Framework"
      />,</span
    >
    packed as a
    <span class="whitespace-nowrap"
      ><PickWord
        pointer="/packaging"
        :choices="options('packagings', 'packaging')"
        :text="String(shown.packaging ?? 'jar')"
        label="Packaging"
      />,</span
    >
    with
    <span class="whitespace-nowrap"
      ><PickWord
        pointer="/sample"
        :choices="options('samples', 'sample')"
        :text="labelOf(options('samples', 'sample'), shown.sample ?? 'endpoint').toLowerCase()"
        label="Sample code"
      />,</span
    >
    sorted
    <span class="whitespace-nowrap"
      ><PickWord
        pointer="/layout"
        :choices="options('layouts', 'layout')"
        :text="labelOf(options('layouts', 'layout'), shown.layout ?? 'by-feature').toLowerCase()"
        label="Layout"
      />.</span
    >
  </div>
</template>
