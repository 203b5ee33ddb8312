import { applyPatch, deepClone, type Operation as PatchOperation } from 'fast-json-patch'
import { computed, ref, shallowRef } from 'vue'
import { fetchCatalog, fetchCheck, fetchLattice, fetchOutline, ServiceLost } from './api/service'
import type { Brief, Catalog, Check, Lattice, Operation, Outline } from './api/types'

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

/**
 * The one state of the page: the brief as the user made it, and what the service said of it last. An
 * answer that a newer question has overtaken is never shown.
 */
export function useWorkbench(options: { retryAfter?: number } = {}) {
  const { retryAfter = 2000 } = options
  const brief = ref<Brief>(deepClone(FIRST))
  const catalog = shallowRef<Catalog | null>(null)
  const check = shallowRef<Check | null>(null)
  const lattice = shallowRef<Lattice | null>(null)
  const outline = shallowRef<Outline | null>(null)
  const lastFit = shallowRef<Brief>(FIRST)
  const trouble = ref<string | null>(null)
  const lit = ref<readonly string[]>([])
  let asked = 0
  let retry: ReturnType<typeof setTimeout> | undefined

  async function refresh() {
    const mine = ++asked
    clearTimeout(retry)
    try {
      catalog.value ??= await fetchCatalog()
      const question = deepClone(brief.value) as Brief
      const [verdict, grid] = await Promise.all([fetchCheck(question), fetchLattice(question)])
      if (mine !== asked) return
      lattice.value = grid
      // What was pointed at may not be on the page any more, and then no one says that it was left.
      if (check.value?.verdict !== verdict.verdict) lit.value = []
      check.value = verdict
      trouble.value = null
      if (verdict.verdict === 'fits') {
        lastFit.value = verdict.brief
        const files = await fetchOutline(question)
        if (mine === asked && files) outline.value = files
      }
    } catch (e) {
      if (mine !== asked) return
      trouble.value = e instanceof Error ? e.message : String(e)
      if (e instanceof ServiceLost) retry = setTimeout(refresh, retryAfter)
    }
  }

  function change(edit: (brief: Brief) => void) {
    const next = deepClone(brief.value) as Brief
    edit(next)
    brief.value = next
    void refresh()
  }

  /** Sets a pick by its pointer, or takes it back when the value is empty. */
  function set(pointer: string, value: string) {
    const [block, key] = pointer.slice(1).split('/') as [string, string?]
    change((next) => {
      const holder = (key ? ((next[block] as object | undefined) ?? (next[block] = {})) : next) as Record<
        string,
        unknown
      >
      if (value === '') delete holder[key ?? block]
      else holder[key ?? block] = value
    })
  }

  /** Picks a framework line and a Java level at once. */
  function setJoint(framework: string, jvm: number, language: string) {
    change((next) => {
      next.framework = framework
      // With Java, the level is the language's own version.
      if (language.startsWith('java')) {
        next.language = `java@${jvm}`
        delete next.jvm
      } else {
        next.jvm = jvm
      }
    })
  }

  function addStarter(id: string) {
    change((next) => {
      const starters = next.starters ?? []
      if (!starters.includes(id)) next.starters = [...starters, id]
    })
  }

  function dropStarter(id: string) {
    change((next) => {
      next.starters = (next.starters ?? []).filter((each) => each !== id)
    })
  }

  function apply(patch: Operation[]) {
    brief.value = applyPatch(deepClone(brief.value), patch as PatchOperation[]).newDocument as Brief
    void refresh()
  }

  const fits = computed(() => check.value?.verdict === 'fits')
  /** What is picked, filled in or not. While blocked, what was filled in last stands in for the rest. */
  const shown = computed<Brief>(() =>
    fits.value && check.value ? check.value.brief : { ...lastFit.value, ...brief.value },
  )
  /** Whether the user made a pick, in the brief as it was sent. */
  const pinned = (pointer: string) => {
    const [block, key] = pointer.slice(1).split('/') as [string, string?]
    const holder = brief.value[block]
    return key ? (holder as Record<string, unknown> | undefined)?.[key] !== undefined : holder !== undefined
  }
  const faulty = (pointer: string) =>
    !!check.value?.findings.some((each) => each.severity === 'blocker' && each.picks.includes(pointer))

  void refresh()
  return {
    brief: computed(() => brief.value),
    catalog: computed(() => catalog.value),
    check: computed(() => check.value),
    lattice: computed(() => lattice.value),
    outline: computed(() => outline.value),
    trouble: computed(() => trouble.value),
    lit,
    fits,
    shown,
    pinned,
    faulty,
    set,
    setJoint,
    addStarter,
    dropStarter,
    apply,
    refresh,
  }
}

export type Workbench = ReturnType<typeof useWorkbench>
