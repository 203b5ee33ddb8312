<script setup lang="ts">
import { computed } from 'vue'
import { grouped, headOf, nameOf } from '../grid'
import { theWorkbench } from '../workbenchKey'
import Joint from './Joint.vue'

/** The other face of the lattice: what is picked, across the framework lines. */
const { brief, catalog, lattice, lit, onlyFramework } = theWorkbench()

const groups = computed(() => grouped(lattice.value?.columns ?? [], onlyFramework.value))
const columns = computed(() => groups.value.flatMap((group) => group.columns))
const strips = computed(() =>
  (lattice.value?.starters ?? []).map((strip) => ({
    ...strip,
    label: catalog.value?.starters.find((each) => each.id === strip.starter)?.label ?? strip.starter,
    pointer: `/starters/${(brief.value.starters ?? []).indexOf(strip.starter)}`,
  })),
)
/** More lines than this stand close. */
const MANY = 9
/** With more lines than this, a framework without lines needs room of its own for its name. */
const SOME = 6
</script>

<template>
  <section v-if="strips.length" aria-labelledby="across">
    <div class="flex items-baseline justify-between pb-1.5">
      <h2 id="across" class="text-tiny font-semibold tracking-wide text-soft">What each line can give</h2>
      <span class="text-tiny text-soft">each starter by itself</span>
    </div>
    <table class="w-full table-fixed border-collapse" data-part="across">
      <colgroup>
        <col :class="columns.length > MANY ? 'w-[24%]' : columns.length > SOME ? 'w-[35%]' : 'w-[36%]'" />
        <col
          v-for="{ column, at } in columns"
          :key="at"
          :class="
            columns.length > SOME && !column.line && (columns.length > MANY ? 'w-[2.9rem]' : 'w-[3.3rem]')
          "
        />
      </colgroup>
      <thead>
        <tr
          v-if="groups.length > 2"
          class="text-soft"
          :class="columns.length > SOME ? 'text-[10px]' : 'text-tiny'"
        >
          <td></td>
          <th
            v-for="group in groups"
            :key="group.framework"
            scope="colgroup"
            :colspan="group.columns.length"
            :title="group.label"
            class="px-0.5 text-center font-semibold"
          >
            <!-- The name of one with few lines may reach over its neighbours' edges: theirs stand far from there. -->
            <span class="block truncate" :class="group.columns.length < 3 && '-mx-3.5'">
              {{ group.columns[0]!.column.line ? group.label : '' }}
            </span>
          </th>
        </tr>
        <tr class="text-tiny text-soft">
          <th scope="col"><span class="sr-only">Starter</span></th>
          <th
            v-for="{ column } in columns"
            :key="column.framework + column.line"
            scope="col"
            class="pb-1 text-center align-bottom leading-tight font-normal"
            :class="columns.length > MANY ? 'text-[9px]' : !column.line && 'text-[10px]'"
          >
            {{ headOf(column).join(' ') }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="strip in strips"
          :key="strip.starter"
          class="border-t border-line"
          :class="lit.includes(strip.pointer) && 'bg-hot'"
          @mouseenter="lit = [strip.pointer]"
          @mouseleave="lit = []"
        >
          <th scope="row" class="py-1 pr-2 text-left text-small font-normal">{{ strip.label }}</th>
          <td
            v-for="{ column, at } in columns"
            :key="at"
            class="py-1 text-center"
            :title="`${strip.label} ${strip.possible[at] ? 'can' : 'cannot'} be had on ${nameOf(column)}`"
          >
            <Joint class="inline-block" :state="strip.possible[at] ? 'possible' : 'impossible'" :size="14" />
            <span class="sr-only">{{ strip.possible[at] ? 'possible' : 'not possible' }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
