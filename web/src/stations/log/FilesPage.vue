<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { api } from '../../api/client'
import type { ArchiveHow, ArchivePreview } from '../../api/types'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'
import { useMe } from '../../stores/me'
import LogBelow from './LogBelow.vue'

/** The kitchen's files: all of it out, and in again after a look at what that would come to; its log as a table. */
const me = useMe()
const { problem, tried } = useTried()
const file = ref<File | null>(null)
const field = useTemplateRef<HTMLInputElement>('field')
const preview = ref<ArchivePreview | null>(null)
const taken = ref<ArchivePreview | null>(null)
const busy = ref(false)
/** To put all that is here away has to be said twice. */
const replaces = ref(false)
const mayHere = computed(() => !me.guest || me.owns)
const LISTS: Record<string, string> = {
  ovens: t('ui.files.list.ovens'),
  people: t('ui.files.list.people'),
  fish: t('ui.files.list.fish'),
  vessels: t('ui.files.list.vessels'),
  notes: t('ui.files.list.notes'),
  habitsOff: t('ui.files.list.habits-off'),
  recipes: t('ui.files.list.recipes'),
  bakes: t('ui.files.list.bakes'),
  taps: t('ui.files.list.taps'),
  probes: t('ui.files.list.probes'),
  photos: t('ui.files.list.photos'),
  evenings: t('ui.files.list.evenings'),
  moves: t('ui.files.list.moves'),
  rounds: t('ui.files.list.rounds'),
  readings: t('ui.files.list.readings'),
}
const rows = computed(() => preview.value?.lists.filter((one) => one.there > 0 || one.here > 0) ?? [])
const fresh = computed(() => preview.value?.lists.reduce((sum, one) => sum + one.fresh, 0) ?? 0)
const came = computed(() => taken.value?.lists.reduce((sum, one) => sum + one.fresh, 0) ?? 0)

async function working(what: () => Promise<void>) {
  busy.value = true
  await tried(what)
  busy.value = false
}
async function look(event: Event) {
  file.value = (event.target as HTMLInputElement).files?.[0] ?? null
  preview.value = taken.value = null
  replaces.value = false
  const chosen = file.value
  if (chosen) await working(async () => void (preview.value = await api.lookIntoArchive(chosen)))
}
const take = (how: ArchiveHow) =>
  working(async () => {
    taken.value = await api.takeArchive(file.value!, how)
    preview.value = null
    replaces.value = false
    // The same file can be chosen once more.
    if (field.value) field.value.value = ''
  })
</script>

<template>
  <LogBelow :trouble="null">
    <h1>{{ t('ui.files.title') }}</h1>
    <section :aria-label="t('ui.files.out')">
      <h2>{{ t('ui.files.out') }}</h2>
      <p v-if="mayHere">
        <a :href="api.archive" download>{{ t('ui.files.all') }}</a> {{ t('ui.files.all-what') }}
      </p>
      <p>
        <a :href="api.logTable" download>{{ t('ui.files.table') }}</a> {{ t('ui.files.table-what') }}
      </p>
    </section>
    <section v-if="mayHere" :aria-label="t('ui.files.in')">
      <h2>{{ t('ui.files.in') }}</h2>
      <label class="file">
        {{ t('ui.files.choose') }}
        <input
          id="archive"
          ref="field"
          type="file"
          accept=".zip,application/zip"
          :disabled="busy"
          @change="look"
        />
      </label>
      <p v-if="busy" role="status">{{ t('ui.files.busy') }}</p>
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <p v-if="taken" role="status">{{ t('ui.files.taken', { came }) }}</p>
      <template v-if="preview">
        <table class="lines">
          <caption>
            {{
              t('ui.files.preview', { fresh })
            }}
          </caption>
          <thead>
            <tr>
              <th scope="col">{{ t('ui.files.what') }}</th>
              <th scope="col">{{ t('ui.files.there') }}</th>
              <th scope="col">{{ t('ui.files.fresh') }}</th>
              <th scope="col">{{ t('ui.files.here') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in rows" :key="one.list">
              <th scope="row">{{ LISTS[one.list] ?? one.list }}</th>
              <td>{{ one.there }}</td>
              <td>{{ one.fresh }}</td>
              <td>{{ one.here }}</td>
            </tr>
          </tbody>
        </table>
        <div v-if="!busy" class="doing">
          <button class="second-action" @click="take('MERGE')">{{ t('ui.files.merge') }}</button>
          <button v-if="!replaces" class="quiet-action" @click="replaces = true">
            {{ t('ui.files.replace') }}
          </button>
          <template v-else>
            <p class="wrong">{{ t('ui.files.replace-sure') }}</p>
            <button class="second-action" @click="take('REPLACE')">{{ t('ui.files.replace-now') }}</button>
            <button class="quiet-action" @click="replaces = false">{{ t('ui.files.leave') }}</button>
          </template>
        </div>
      </template>
    </section>
  </LogBelow>
</template>

<style scoped>
h2 {
  margin: 20px 0 6px;
  font-size: 20px;
}
p {
  max-width: 76ch;
  margin: 0 0 8px;
}
a {
  display: flex;
  align-items: center;
  width: fit-content;
  min-height: 44px;
  font-weight: 700;
  color: inherit;
}
.file {
  display: block;
  margin-bottom: 8px;
}
.file input {
  display: block;
  min-height: 44px;
  margin-top: 4px;
}
table {
  max-width: 640px;
}
caption {
  padding: 4px 0 8px;
  text-align: left;
  font-weight: 700;
}
.doing {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 18px;
  margin-top: 10px;
}
.wrong {
  color: var(--danger);
}
</style>
