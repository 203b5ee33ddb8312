import { deepClone } from 'fast-json-patch'
import { computed, ref, shallowRef } from 'vue'
import { addressOf, briefOf, lookedAt } from './address'
import { fetchCatalog, fetchCheck, fetchComparison, fetchOutline, ServiceLost } from './api/service'
import type { Brief, Catalog, Check, Difference, Lattice, Names, Operation, Outline } from './api/types'
import { useJoints } from './joints'
import { type List, patched, valueAt, withJoint, withOne, withoutOne, withPick } from './nextBrief'
import { isMeant, merged, namesOf, variant as variantOf, withVariant } from './variants'

/** What a first visitor finds: a project that is there already. */
const FIRST: Brief = {
  brief: 1,
  project: {
    name: 'berth-booking',
    group: 'saltmarsh.example',
    summary: 'Books berths for arriving ferries',
  },
  starters: ['http-api', 'validation', 'sql-orm', 'postgresql', 'migrations-flyway', 'health-metrics'],
}

/** From so many milliseconds on, the page says that it is still asking. */
const SLOW = 700

/** How many steps can be taken back. */
const MOST_STEPS = 50

/** Typing goes on in one step until it rests for so long. */
const ONE_STEP = 900

const contents = (outline: Outline) => new Map(outline.files.map((file) => [file.path, file.content]))

/** A brief with its variants, and which of them is worked on; empty for the brief itself. */
interface Desk {
  whole: Brief
  variant: string
}

const isSame = (one: Desk, other: Desk) =>
  addressOf(one.whole, one.variant) === addressOf(other.whole, other.variant)

function deskAt(hash: string): Desk | null {
  const whole = briefOf(hash)
  return whole && { whole, variant: lookedAt(hash, whole) }
}

/**
 * The one state of the page: the brief as the user made it, and what the service said of it last. An
 * answer that a newer question has overtaken is never shown.
 */
export function useWorkbench(options: { retryAfter?: number } = {}) {
  const { retryAfter = 2000 } = options
  const desk = shallowRef<Desk>(deskAt(location.hash) ?? { whole: deepClone(FIRST) as Brief, variant: '' })
  /** What is worked on: the brief itself, or one of its variants with the differences applied. */
  const brief = computed(() => variantOf(desk.value.whole, desk.value.variant))
  const past = shallowRef<readonly Desk[]>([])
  const catalog = shallowRef<Catalog | null>(null)
  const check = shallowRef<Check | null>(null)
  const lattice = shallowRef<Lattice | null>(null)
  const outline = shallowRef<Outline | null>(null)
  /** The contents of before the last change, by path; null as long as there was none. */
  const before = shallowRef<ReadonlyMap<string, string> | null>(null)
  const lastFit = shallowRef<Brief>(FIRST)
  const trouble = ref<string | null>(null)
  const slow = ref(false)
  const lit = ref<readonly string[]>([])
  /** The one framework whose lines the lattice shows; empty for all of them. */
  const onlyFramework = ref('')
  const names = shallowRef<Names | null>(null)
  /** The path of the file that is looked at; empty as long as none was chosen. */
  const looked = ref('')
  /** Whether the result has the page for itself. */
  const wide = ref(false)
  /** A brief that was set aside, to see others beside it. */
  const aside = shallowRef<Brief | null>(null)
  const differences = shallowRef<Difference[] | null>(null)
  const joints = useJoints()
  let asked = 0
  let retry: ReturnType<typeof setTimeout> | undefined
  let patience: ReturnType<typeof setTimeout> | undefined

  async function refresh() {
    const mine = ++asked
    clearTimeout(retry)
    clearTimeout(patience)
    patience = setTimeout(() => (slow.value = true), SLOW)
    try {
      catalog.value ??= await fetchCatalog()
      const question = deepClone(brief.value) as Brief
      // The joints come first: a pick is seen to count when they light up, and two questions at
      // once would keep each other waiting.
      const grid = await joints.of(question)
      if (mine !== asked) return
      lattice.value = grid
      const verdict = await fetchCheck(question)
      if (mine !== asked) return
      // What was pointed at may not be on the page any more, and then no one says that it was left.
      if (check.value?.verdict !== verdict.verdict) lit.value = []
      check.value = verdict
      trouble.value = null
      if (verdict.verdict === 'fits') {
        lastFit.value = verdict.brief
        names.value = verdict.names ?? null
        const [files, beside] = await Promise.all([
          fetchOutline(question),
          aside.value && fetchComparison(aside.value, question),
        ])
        if (mine === asked && files) {
          if (outline.value) before.value = contents(outline.value)
          outline.value = files
          differences.value = beside
        }
      }
    } catch (e) {
      if (mine !== asked) return
      trouble.value = e instanceof Error ? e.message : String(e)
      joints.forget()
      if (e instanceof ServiceLost) retry = setTimeout(refresh, retryAfter)
    } finally {
      if (mine === asked) {
        clearTimeout(patience)
        slow.value = false
      }
    }
  }

  let typed = { pointer: '', at: 0 }

  /** Goes on to another state, which can be taken back; what is typed in one go is one step. */
  function move(next: Desk, pointer = '') {
    const now = Date.now()
    const goesOn = pointer !== '' && pointer === typed.pointer && now - typed.at < ONE_STEP
    typed = { pointer, at: now }
    const address = addressOf(next.whole, next.variant)
    if (goesOn) {
      history.replaceState(null, '', address)
    } else {
      past.value = [...past.value, desk.value].slice(-MOST_STEPS)
      history.pushState(null, '', address)
    }
    desk.value = next
    void refresh()
  }

  /** Goes on to another brief in the place of the one that is worked on. */
  function goTo(next: Brief, pointer = '') {
    const { whole, variant } = desk.value
    move({ whole: withVariant(whole, variant, next), variant }, pointer)
  }

  function undo() {
    const before = past.value[past.value.length - 1]
    if (!before) return
    past.value = past.value.slice(0, -1)
    desk.value = before
    typed = { pointer: '', at: 0 }
    history.pushState(null, '', addressOf(before.whole, before.variant))
    void refresh()
  }

  /** Back, forward, or an address that was put in by hand. */
  function follow() {
    const there = deskAt(location.hash)
    if (there && !isSame(there, desk.value)) {
      past.value = [...past.value, desk.value].slice(-MOST_STEPS)
      desk.value = there
      typed = { pointer: '', at: 0 }
      void refresh()
    }
  }
  window.addEventListener('popstate', follow)
  window.addEventListener('hashchange', follow)

  /** Sets a pick by its pointer, or takes it back when the value is empty. */
  const set = (pointer: string, value: string) =>
    goTo(withPick(brief.value, pointer, value), pointer.lastIndexOf('/') > 0 ? pointer : '')

  /** Picks a framework line and a Java level at once. */
  const setJoint = (framework: string, jvm: number, levelled: string | null) =>
    goTo(withJoint(brief.value, framework, jvm, levelled))

  function add(list: List, id: string) {
    if (!brief.value[list]?.includes(id)) goTo(withOne(brief.value, list, id))
  }

  const drop = (list: List, id: string) => goTo(withoutOne(brief.value, list, id))

  const apply = (patch: Operation[]) => goTo(patched(brief.value, patch))

  /** Opens a brief with its variants, at the one that is meant where none is named. */
  function open(whole: Brief) {
    move({ whole, variant: namesOf(whole).find((name) => isMeant(whole, name)) ?? '' })
  }

  /** Works on another variant, of the same brief or of a changed one. */
  const turnTo = (variant: string, whole = desk.value.whole) => move({ whole, variant })

  /** Keeps a brief to compare others with; `null` lets it go. */
  function setAside(kept: Brief | null = brief.value) {
    aside.value = kept && (deepClone(kept) as Brief)
    differences.value = null
    if (kept) void refresh()
  }

  const fits = computed(() => check.value?.verdict === 'fits')
  /** What is picked, filled in or not. While blocked, what was filled in last stands in for the rest. */
  const shown = computed<Brief>(() =>
    fits.value && check.value ? check.value.brief : (merged(lastFit.value, brief.value) as Brief),
  )
  /** Whether the user made a pick, in the brief as it was sent. */
  const pinned = (pointer: string) => valueAt(brief.value, pointer) !== undefined
  const faulty = (pointer: string) =>
    !!check.value?.findings.some((each) => each.severity === 'blocker' && each.picks.includes(pointer))

  void refresh()
  return {
    brief,
    whole: computed(() => desk.value.whole),
    variant: computed(() => desk.value.variant),
    catalog: computed(() => catalog.value),
    check: computed(() => check.value),
    lattice: computed(() => lattice.value),
    outline: computed(() => outline.value),
    before: computed(() => before.value),
    slow: computed(() => slow.value),
    trouble: computed(() => trouble.value),
    names: computed(() => names.value),
    aside: computed(() => aside.value),
    differences: computed(() => differences.value),
    looked,
    lit,
    onlyFramework,
    fits,
    shown,
    pinned,
    faulty,
    set,
    setJoint,
    add,
    drop,
    apply,
    setAside,
    foresee: joints.foresee,
    open,
    put: (next: Brief) => goTo(next),
    turnTo,
    wide,
    undo,
    canUndo: computed(() => past.value.length > 0),
    refresh,
  }
}

export type Workbench = ReturnType<typeof useWorkbench>
