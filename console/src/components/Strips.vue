<script setup lang="ts">
import { computed } from 'vue'
import { theWorkbench } from '../workbenchKey'

/**
 * The strips of the trellis: framework lines across, language levels down, each saying whether it can
 * be had with the other picks. The joint of the present pick is drawn where its strips cross.
 */
const { catalog, check, faulty, fits, set, shown } = theWorkbench()

const left = 74
const top = 44
const width = 408
const rowGap = 46

const offer = (kind: string, id: string) =>
  check.value?.offers.find((each) => each.kind === kind && each.id === id)
const lines = computed(() =>
  (catalog.value?.frameworks ?? []).flatMap((framework) =>
    [...framework.lines].reverse().map((line) => {
      const id = `${framework.id}@${line.line}`
      const picked = String(shown.value.framework ?? '')
      return {
        id,
        label: line.line,
        name: `${framework.label} ${line.line}`,
        hint: line.standing,
        picked: picked === id || picked.startsWith(id + '.'),
        offer: offer('framework', id),
      }
    }),
  ),
)
const levels = computed(() =>
  (catalog.value?.languages ?? []).flatMap((language) =>
    language.levels.map((level) => {
      const id = `${language.id}@${level.level}`
      return {
        id,
        label: `${language.label} ${level.level}`,
        hint: level.longTerm ? 'long-term' : '',
        picked: shown.value.language === id,
        offer: offer('language', id),
      }
    }),
  ),
)
const x = (i: number) => left + ((i + 0.5) * (width - left)) / Math.max(1, lines.value.length)
const y = (i: number) => top + (i + 0.5) * rowGap
const height = computed(() => top + levels.value.length * rowGap)
const joint = computed(() => {
  const column = lines.value.findIndex((each) => each.picked)
  const row = levels.value.findIndex((each) => each.picked)
  return column < 0 || row < 0 ? null : { x: x(column), y: y(row) }
})
const atFault = computed(() => !fits.value && (faulty('/framework') || faulty('/language')))
const why = (each: { offer?: { because: string | null; possible: boolean } }) =>
  each.offer && !each.offer.possible
    ? (each.offer.because ?? 'Not possible with the other picks.')
    : 'Possible'
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${height}`"
    class="w-full select-none"
    role="group"
    aria-label="Framework lines and language levels"
  >
    <g stroke-linecap="round" stroke-width="4">
      <path
        v-for="(line, i) in lines"
        :key="line.id"
        :d="`M${x(i)} ${top}V${height - 4}`"
        :class="line.picked ? 'stroke-act/70' : 'stroke-strip'"
        :stroke-dasharray="line.offer && !line.offer.possible ? '1 8' : undefined"
      />
      <path
        v-for="(level, i) in levels"
        :key="level.id"
        :d="`M${left} ${y(i)}H${width - 4}`"
        :class="level.picked ? 'stroke-act/70' : 'stroke-strip'"
        :stroke-dasharray="level.offer && !level.offer.possible ? '1 8' : undefined"
      />
    </g>
    <g
      v-for="(line, i) in lines"
      :key="'head' + line.id"
      class="cursor-pointer"
      role="button"
      tabindex="0"
      :aria-pressed="line.picked"
      :aria-label="`${line.name}. ${why(line)}`"
      @click="set('/framework', line.id)"
      @keydown.enter.space.prevent="set('/framework', line.id)"
    >
      <title>{{ line.name }}: {{ why(line) }}</title>
      <rect :x="x(i) - 34" y="0" width="68" :height="top - 6" fill="transparent" />
      <text
        :x="x(i)"
        y="15"
        text-anchor="middle"
        class="text-small font-semibold"
        :class="line.picked ? 'fill-act' : 'fill-ink'"
      >
        {{ line.label }}
      </text>
      <text :x="x(i)" y="30" text-anchor="middle" class="fill-soft text-tiny">{{ line.hint }}</text>
    </g>
    <g
      v-for="(level, i) in levels"
      :key="'row' + level.id"
      class="cursor-pointer"
      role="button"
      tabindex="0"
      :aria-pressed="level.picked"
      :aria-label="`${level.label}. ${why(level)}`"
      @click="set('/language', level.id)"
      @keydown.enter.space.prevent="set('/language', level.id)"
    >
      <title>{{ level.label }}: {{ why(level) }}</title>
      <rect x="0" :y="y(i) - 18" :width="left - 6" height="36" fill="transparent" />
      <text
        :x="left - 12"
        :y="y(i) - 1"
        text-anchor="end"
        class="text-small font-semibold"
        :class="level.picked ? 'fill-act' : 'fill-ink'"
      >
        {{ level.label }}
      </text>
      <text :x="left - 12" :y="y(i) + 12" text-anchor="end" class="fill-soft text-tiny">
        {{ level.hint }}
      </text>
    </g>
    <g v-if="joint" :transform="`translate(${joint.x} ${joint.y})`" aria-hidden="true">
      <path
        d="M0-19 19 0 0 19-19 0z"
        class="fill-card"
        :class="atFault ? 'stroke-fault' : 'stroke-act'"
        stroke-width="2"
      />
      <path
        d="M0-11 11 0 0 11-11 0z"
        :class="atFault ? 'fill-card stroke-fault' : 'fill-act stroke-act'"
        stroke-width="2"
      />
    </g>
  </svg>
</template>
