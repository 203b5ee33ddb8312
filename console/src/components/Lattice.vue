<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { fitting, grouped, headOf, nameOf, wordOf } from '../grid'
import { withJoint } from '../nextBrief'
import { theWorkbench } from '../workbenchKey'
import LatticeCard from './LatticeCard.vue'

/**
 * The trellis: framework lines across, Java levels down, a joint where they cross. Shape tells what
 * can be had, colour only supports it. A joint picks both.
 */
const { brief, catalog, foresee, lattice, onlyFramework, shown, setJoint } = theWorkbench()

const width = 408
const groups = computed(() => grouped(lattice.value?.columns ?? [], onlyFramework.value))
const columns = computed(() => groups.value.flatMap((group) => group.columns.map((each) => each.column)))
/** The names of frameworks stand over their lines, where there is more than one that has lines. */
const named = computed(() => groups.value.filter((group) => group.columns[0]?.column.line).length > 1)
const heads = computed(() => (named.value ? 18 : 0))
/** There is room for the standing of a line only where lines stand well apart. */
const roomy = computed(() => columnGap.value >= 56)
const narrow = computed(() => columnGap.value < 30)
const top = computed(() => heads.value + (roomy.value ? 46 : 34))
/** Many lines take some of the room of what stands beside and between them. */
const many = computed(() => columns.value.length > 12)
const left = computed(() => (many.value ? 66 : 74))
/** Between two frameworks there is room for so much of a column. */
const apart = computed(() => (many.value ? 0.35 : 0.5))
const rows = computed(() => lattice.value?.rows ?? [])
const cells = computed(() => lattice.value?.cells ?? [])
const rowGap = computed(() => (rows.value.length > 4 ? 38 : 46))
/** The name of a framework without lines stands over its one column, and is wider. */
const right = computed(() => (columns.value.length > 1 && !columns.value.at(-1)?.line ? 10 : 0))
const columnGap = computed(
  () =>
    (width - left.value - right.value) /
    Math.max(1, columns.value.length + apart.value * (groups.value.length - 1)),
)
/** Joints shrink where many lines stand side by side. */
const scale = computed(() => Math.min(1, columnGap.value / 36))
/** How far to both sides a joint can be pointed at: no joint lies over its neighbour. */
const reach = computed(() => Math.min(34, columnGap.value))
/** For each column, how many frameworks stand before its own. */
const before = computed(() => groups.value.flatMap((group, g) => group.columns.map(() => g)))
const x = (i: number) => left.value + (i + 0.5 + apart.value * (before.value[i] ?? 0)) * columnGap.value
const y = (i: number) => top.value + (i + 0.5) * rowGap.value
const height = computed(() => top.value + rows.value.length * rowGap.value)
/** Over the lines of a framework: from where to where, and as much of its name as fits. */
const names = computed(() => {
  let first = 0
  return groups.value.map((group) => {
    const from = x(first) - columnGap.value / 2
    first += group.columns.length
    const to = x(first - 1) + columnGap.value / 2
    const room = to - from + apart.value * columnGap.value
    return { ...group, from, to, text: group.columns[0]!.column.line ? fitting(group.label, room) : '' }
  })
})

/** The standing in one word, which is all there is room for. */
const short = (standing: string) =>
  standing === 'in support' ? 'supported' : standing === 'past support' ? 'past' : standing

const joints = computed(() =>
  cells.value.flatMap((cell) => {
    const i = columns.value.findIndex((c) => c.framework === cell.framework && c.line === cell.line)
    const j = rows.value.findIndex((r) => r.jvm === cell.jvm)
    return i < 0 ? [] : [{ cell, column: columns.value[i]!, i, j, x: x(i), y: y(j) }]
  }),
)
const picked = computed(() => joints.value.find((joint) => joint.cell.picked))
type Joint = (typeof joints.value)[number]

/** Read aloud in full; the card shows the same. */
function label(joint: Joint): string {
  const { cell } = joint
  const parts = [`${nameOf(joint.column)} on Java ${cell.jvm}: ${cell.state}.`, cell.because ?? '']
  const gain = [...cell.gain.lines, ...cell.gain.starters]
  const lose = [...cell.lose.lines, ...cell.lose.starters]
  if (gain.length) parts.push(`Gains ${gain.join(', ')}.`)
  if (lose.length) parts.push(`Loses ${lose.join(', ')}.`)
  return parts.filter(Boolean).join(' ')
}

/** The joint whose card is shown, by its key. */
const at = ref('')
const keyOf = (joint: Joint) => `${wordOf(joint.column)} ${joint.cell.jvm}`
const shownAt = computed(() => joints.value.find((joint) => keyOf(joint) === at.value))
/** The language of the brief, or the one that comes first, if its version is the level. */
const levelled = computed(() => {
  const languages = catalog.value?.languages ?? []
  const id = String(shown.value.language ?? languages[0]?.id ?? '').replace(/@.*/, '')
  return languages.find((each) => each.id === id)?.levels.length ? id : null
})
const picksOf = (joint: Joint) => [wordOf(joint.column), joint.cell.jvm, levelled.value] as const
const pick = (joint: Joint) => setJoint(...picksOf(joint))
watch(shownAt, (joint) => joint && foresee(withJoint(brief.value, ...picksOf(joint))))
/** A finger cannot hover: the first tap shows the card, the second one picks. */
let touched = ''
function tap(joint: Joint, event: MouseEvent) {
  const key = keyOf(joint)
  if ((event as PointerEvent).pointerType === 'touch' && touched !== key) {
    touched = at.value = key
    return
  }
  pick(joint)
}

/** Joints whose state has changed light up one after the other, from the picked one outwards. */
const root = ref<HTMLElement | null>(null)
watch(joints, async (now, old) => {
  if (!old.length || matchMedia('(prefers-reduced-motion: reduce)').matches) return
  const before = new Map(old.map((joint) => [keyOf(joint), joint.cell.state]))
  const from = picked.value ?? { i: 0, j: 0 }
  await nextTick()
  for (const joint of now) {
    if ((before.get(keyOf(joint)) ?? joint.cell.state) === joint.cell.state) continue
    const away = Math.abs(joint.i - from.i) + Math.abs(joint.j - from.j)
    root.value?.querySelector(`[data-joint="${keyOf(joint)}"] .sign`)?.animate(
      [
        { opacity: 0.1, transform: `scale(${scale.value / 2})` },
        { opacity: 1, transform: `scale(${scale.value})` },
      ],
      {
        duration: 120,
        delay: away * 15,
        fill: 'backwards',
      },
    )
  }
})
</script>

<template>
  <div ref="root" class="relative" @mouseleave="at = ''">
    <svg
      :viewBox="`0 0 ${width} ${height}`"
      class="w-full overflow-visible select-none"
      role="group"
      aria-label="Framework lines by Java levels"
      data-part="lattice"
    >
      <g stroke-linecap="round" stroke-width="3">
        <path
          v-for="(column, i) in columns"
          :key="wordOf(column)"
          :d="`M${x(i)} ${top}V${height - 4}`"
          :class="picked?.i === i ? 'stroke-act/70' : 'stroke-strip'"
        />
        <path
          v-for="(row, j) in rows"
          :key="row.jvm"
          :d="`M${left} ${y(j)}H${width - 4}`"
          :class="picked?.j === j ? 'stroke-act/70' : 'stroke-strip'"
        />
      </g>
      <g
        v-for="head in named ? names : []"
        :key="'of' + head.framework"
        aria-hidden="true"
        data-part="framework"
      >
        <title>{{ head.label }}</title>
        <text
          v-if="head.text"
          :x="(head.from + head.to) / 2"
          y="12"
          text-anchor="middle"
          class="fill-soft text-tiny font-semibold"
        >
          {{ head.text }}
        </text>
        <path
          v-if="head.text"
          :d="`M${head.from + 5} 20H${head.to - 5}`"
          class="stroke-strip"
          stroke-width="1.5"
        />
      </g>
      <g
        v-for="(column, i) in columns"
        :key="'head' + wordOf(column)"
        :transform="`translate(0 ${heads})`"
        aria-hidden="true"
      >
        <title>{{ nameOf(column) }}: {{ column.standing }}</title>
        <text
          :x="x(i)"
          y="15"
          text-anchor="middle"
          class="font-semibold"
          :class="[
            picked?.i === i ? 'fill-act' : 'fill-ink',
            many ? 'text-[9px]' : narrow ? 'text-[10px]' : 'text-small',
          ]"
        >
          {{ headOf(column)[0] }}
        </text>
        <text
          v-if="roomy || !column.line"
          :x="x(i)"
          y="30"
          text-anchor="middle"
          class="fill-soft"
          :class="narrow ? 'text-[9px]' : 'text-tiny'"
        >
          {{ column.line ? short(column.standing) : headOf(column)[1] }}
        </text>
      </g>
      <g v-for="(row, j) in rows" :key="'row' + row.jvm" aria-hidden="true">
        <text
          :x="left - (many ? 10 : 14)"
          :y="y(j) + (row.standing === 'long-term' ? -1 : 4)"
          text-anchor="end"
          class="text-small font-semibold"
          :class="picked?.j === j ? 'fill-act' : 'fill-ink'"
        >
          Java {{ row.jvm }}
        </text>
        <text
          v-if="row.standing === 'long-term'"
          :x="left - (many ? 10 : 14)"
          :y="y(j) + 12"
          text-anchor="end"
          class="fill-soft text-tiny"
        >
          long-term
        </text>
      </g>
      <g
        v-for="joint in joints"
        :key="wordOf(joint.column) + joint.cell.jvm"
        :transform="`translate(${joint.x} ${joint.y})`"
        class="joint cursor-pointer"
        role="button"
        tabindex="0"
        :aria-pressed="joint.cell.picked"
        :aria-label="label(joint)"
        :data-joint="keyOf(joint)"
        :data-state="joint.cell.state"
        @click="tap(joint, $event)"
        @mouseenter="at = keyOf(joint)"
        @focus="at = keyOf(joint)"
        @blur="at = ''"
        @keydown.esc="at = ''"
        @keydown.enter.space.prevent="pick(joint)"
      >
        <rect :x="-reach / 2" y="-17" :width="reach" height="34" fill="transparent" />
        <g class="sign" :transform="`scale(${scale})`">
          <path
            v-if="joint.cell.picked"
            d="M0-17 17 0 0 17-17 0z"
            class="fill-card"
            :class="joint.cell.state === 'impossible' ? 'stroke-fault' : 'stroke-act'"
            stroke-width="2"
          />
          <path
            v-if="joint.cell.state === 'impossible'"
            d="M0-6 6 0 0 6-6 0z"
            class="fill-card"
            :class="joint.cell.picked ? 'stroke-fault' : 'stroke-soft'"
            stroke-width="1.5"
          />
          <g v-else stroke-width="1.5">
            <path
              d="M0-10 10 0 0 10-10 0z"
              :class="[
                joint.cell.picked ? 'stroke-act' : 'stroke-lit-rim',
                joint.cell.state === 'caution' ? 'fill-card' : joint.cell.picked ? 'fill-act' : 'fill-lit',
              ]"
            />
            <path
              v-if="joint.cell.state === 'caution'"
              d="M-10 0H10L0 10z"
              :class="joint.cell.picked ? 'fill-act' : 'fill-lit'"
            />
          </g>
        </g>
      </g>
    </svg>
    <LatticeCard
      v-if="shownAt"
      :cell="shownAt.cell"
      :name="nameOf(shownAt.column)"
      class="pointer-events-none absolute inset-x-0 top-full z-10 mt-1"
    />
  </div>
</template>
