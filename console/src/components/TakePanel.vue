<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { addressOf, picksOf, queryOf } from '../address'
import { asYaml } from '../briefFile'
import { fetchArchive } from '../api/service'
import type { Brief } from '../api/types'
import { theWorkbench } from '../workbenchKey'
import ClientDownloads from './ClientDownloads.vue'

const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const { brief, check, outline, variant, whole } = theWorkbench()
const said = ref('')

const picks = computed(() => picksOf(brief.value))
// What is sent to others pins what answers now, so that they get the same later.
const edition = computed(() => {
  const answered = check.value
  const served = answered ? answered.edition + (answered.reach ? `+${answered.reach}` : '') : undefined
  return brief.value.edition ?? served
})
const link = computed(
  () =>
    location.origin +
    location.pathname +
    addressOf({ ...whole.value, edition: whole.value.edition ?? edition.value }, variant.value),
)
const quoted = (text: string) => (/^[\w@.,:/+=-]+$/.test(text) ? text : `'${text.replaceAll("'", "'\\''")}'`)
const json = computed(() => JSON.stringify(whole.value, null, 2))
const yaml = ref('')
watch(
  [() => props.open, brief],
  async ([open]) => {
    // Where the writer cannot be fetched, JSON says the same.
    if (open) yaml.value = await asYaml(whole.value).catch(() => '')
  },
  { immediate: true },
)
const name = computed(() => outline.value?.root ?? 'project')
const command = computed(() =>
  [
    'vivid take',
    ...picks.value.map(([key, value]) =>
      key === 'starter' || key === 'extra' ? quoted(`+${value}`) : quoted(`${key}=${value}`),
    ),
    `--into ${name.value}`,
  ].join(' '),
)
const curl = computed(
  () =>
    `curl --fail -o ${name.value}.zip '${location.origin}/api/v1/archives?format=zip&` +
    `${queryOf({ ...brief.value, edition: edition.value })}'`,
)
const ways = computed(() => [
  { title: 'The same on the command line', text: command.value },
  { title: 'The same with curl', text: curl.value },
  { title: 'A link to this page as it is', text: link.value },
  {
    title: 'The brief as YAML: a file that you can keep, drop on this page, or give to vivid take',
    text: yaml.value,
  },
  ...(variant.value || whole.value.variants
    ? [
        {
          title: 'All its variants at once, from that file, each into a directory of its own',
          text: `vivid take brief.yaml --all --into ${name.value}-variants`,
        },
      ]
    : []),
  { title: 'The brief as JSON', text: json.value },
])

async function download(format: string) {
  said.value = 'Packing …'
  try {
    const blob = await fetchArchive(brief.value as Brief, format)
    const anchor = document.createElement('a')
    anchor.href = URL.createObjectURL(blob)
    anchor.download = `${name.value}.${format}`
    anchor.click()
    setTimeout(() => URL.revokeObjectURL(anchor.href), 10_000)
    said.value = `${anchor.download} is on its way to your downloads.`
  } catch (e) {
    said.value = e instanceof Error ? e.message : String(e)
  }
}

async function copy(text: string) {
  try {
    await navigator.clipboard.writeText(text)
    said.value = 'Copied.'
  } catch {
    said.value = 'The browser did not allow copying; select the text instead.'
  }
}
</script>

<template>
  <Dialog :open="open" class="relative z-30" @close="emit('close')">
    <div class="fixed inset-0 bg-veil" aria-hidden="true" />
    <div class="fixed inset-0 flex justify-end">
      <DialogPanel
        class="flex w-full max-w-[480px] flex-col gap-5 overflow-y-auto border-l border-line bg-paper p-6"
      >
        <div class="flex items-start justify-between gap-4">
          <div>
            <DialogTitle class="font-display text-large font-semibold"
              >Take {{ name }} home<span v-if="variant" class="text-soft"
                >, as {{ variant }}</span
              ></DialogTitle
            >
            <p class="mt-0.5 text-small text-soft">
              {{ outline?.files.length }} files in one directory. It builds with nothing but a JDK on the
              machine.
            </p>
          </div>
          <button
            type="button"
            class="rounded px-2 py-0.5 text-soft hover:bg-hot"
            aria-label="Close"
            @click="emit('close')"
          >
            ✕
          </button>
        </div>
        <div class="flex gap-2.5">
          <button
            type="button"
            class="flex-1 rounded-panel bg-act px-4 py-2.5 font-semibold text-on-act"
            data-format="zip"
            @click="download('zip')"
          >
            Download zip
          </button>
          <button
            type="button"
            class="flex-1 rounded-panel border border-line bg-card px-4 py-2.5 font-semibold hover:border-act"
            data-format="tar.gz"
            @click="download('tar.gz')"
          >
            Download tar.gz
          </button>
        </div>
        <p role="status" class="-mt-2 min-h-5 text-small text-soft">{{ said }}</p>
        <section v-for="way in ways" :key="way.title">
          <div class="flex items-center justify-between">
            <h3 class="text-tiny font-semibold text-soft">{{ way.title }}</h3>
            <button
              type="button"
              class="rounded px-2 py-0.5 text-small font-semibold text-act hover:bg-hot"
              @click="copy(way.text)"
            >
              Copy
            </button>
          </div>
          <pre
            class="mt-1 rounded-panel border border-line bg-card p-3 font-mono text-small break-words whitespace-pre-wrap"
            >{{ way.text }}</pre>
          <ClientDownloads v-if="way.text === command" class="mt-1.5" />
        </section>
      </DialogPanel>
    </div>
  </Dialog>
</template>
