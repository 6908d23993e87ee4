<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import CountRow from '../../components/CountRow.vue'
import type { EveningFish, EveningInput, EveningSide } from '../../api/types'
import { newId } from '../../api/id'
import { t } from '../../messages/say'
import { day, clock } from '../../messages/time'
import { useBench } from '../../stores/bench'
import { useEvenings } from '../../stores/evenings'
import { useTray } from '../../stores/tray'
import { dishOf, forGuestsAtRisk, newSide } from './newEvening'
import EveningCourses from './EveningCourses.vue'
import EveningKitchen from './EveningKitchen.vue'
import FishForm from './FishForm.vue'
import FromBook from './FromBook.vue'
import SideForm from './SideForm.vue'

/** What is wanted: when, for how many, which dishes and sides, with which ovens and hands. */
const evenings = useEvenings()
const bench = useBench()
const tray = useTray()
const router = useRouter()
const evening = computed(() => evenings.view!.evening)
const side = ref<EveningSide | null>(null)
const fish = ref<EveningFish | null>(null)
const book = ref(false)
const limits = computed(() => bench.catalogue?.evening)
const full = computed(() => evening.value.fish.length >= (limits.value?.mostFish ?? 0))

const two = (n: number) => String(n).padStart(2, '0')
/** The moment of serving as a field for dates has it, on this screen's clock. */
const local = computed(() => {
  const at = new Date(evening.value.serveAt)
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:${two(at.getMinutes())}`
})
const change = (part: Partial<EveningInput>) => void evenings.change(part)
function serve(text: string) {
  const at = new Date(text)
  if (!Number.isNaN(at.getTime())) change({ serveAt: at.toISOString() })
}
const safe = (fish: EveningFish[], atRisk = evening.value.atRisk) =>
  atRisk ? fish.map(forGuestsAtRisk) : fish
const add = (dishes: EveningFish[]) => change({ fish: [...evening.value.fish, ...safe(dishes)] })
const risk = (atRisk: boolean) => change({ atRisk, fish: safe(evening.value.fish, atRisk) })
function fromBench() {
  const dish = dishOf(bench)
  if (dish) add([dish])
}
const fromTray = () =>
  add(
    tray.aside.map((a) => ({
      key: newId(),
      title: a.title,
      question: JSON.parse(JSON.stringify(a.question)),
    })),
  )
function toBench(dish: EveningFish) {
  const oven = bench.on.ovenId ?? bench.ovens[0]?.id
  if (oven === undefined) return
  bench.lay(dish.question, oven)
  void router.push('/bench')
}
function keepFish(kept: EveningFish) {
  change({ fish: evening.value.fish.map((f) => (f.key === kept.key ? kept : f)) })
  fish.value = null
}
function keepSide(kept: EveningSide) {
  const others = evening.value.sides.filter((s) => s.key !== kept.key)
  change({ sides: [...others, kept] })
  side.value = null
}
const without = (key: string) =>
  change({
    fish: evening.value.fish.filter((f) => f.key !== key),
    sides: evening.value.sides.filter((s) => s.key !== key),
  })
const several = computed(() => (evening.value.coursesMin?.length ?? 1) > 1)
const courseOf = (dish: { course?: number }) =>
  several.value ? t('ui.sheet.course-n', { n: (dish.course ?? 0) + 1 }) : ''
const fishLine = (f: EveningFish) =>
  [courseOf(f), f.frozen ? t('ui.sheet.frozen') : ''].filter(Boolean).join(', ')
const sideLine = (s: EveningSide) => {
  const how =
    s.where === 'COLD'
      ? t('ui.sheet.cold')
      : t('ui.sheet.side-line', {
          where: s.where === 'HOB' ? t('ui.sheet.on-the-hob') : t('ui.sheet.in-the-oven'),
          minutes: s.cookMin,
        })
  return [courseOf(s), how].filter(Boolean).join(', ')
}
const refusals = computed(() => Object.values(evenings.refused))
</script>

<template>
  <section class="evening" :aria-label="t('ui.sheet.wanted')">
    <label v-if="evenings.lines.length > 1" class="which">
      <span class="unseen">{{ t('ui.sheet.which') }}</span>
      <select
        data-typed
        :value="evenings.id ?? ''"
        @change="evenings.id = ($event.target as HTMLSelectElement).value"
      >
        <option v-for="line in evenings.lines" :key="line.id" :value="line.id">
          {{ line.name }}, {{ day(new Date(line.serveAt)) }} {{ clock(new Date(line.serveAt)) }}
        </option>
      </select>
    </label>
    <label class="name">
      <span class="unseen">{{ t('ui.sheet.name') }}</span>
      <input
        :value="evening.name"
        maxlength="120"
        @change="change({ name: ($event.target as HTMLInputElement).value })"
      />
    </label>
    <label class="served">
      <span>{{ t('ui.sheet.served') }}</span>
      <input
        type="datetime-local"
        :value="local"
        @change="serve(($event.target as HTMLInputElement).value)"
      />
    </label>
    <CountRow
      :label="t('ui.sheet.guests')"
      :value="evening.guests"
      :less="t('ui.sheet.guest-less')"
      :more="t('ui.sheet.guest-more')"
      :least="evening.guests <= 1"
      :most="evening.guests >= (bench.limits?.mostGuests ?? 1)"
      @step="(by) => change({ guests: evening.guests + by })"
    />
    <EveningCourses />
    <label class="risk">
      <input
        type="checkbox"
        :checked="evening.atRisk === true"
        @change="risk(($event.target as HTMLInputElement).checked)"
      />
      {{ t('ui.sheet.at-risk') }}
    </label>
    <p v-for="words in refusals" :key="words" class="wrong" role="alert">{{ words }}</p>

    <h2>{{ t('ui.sheet.fish') }}</h2>
    <ul>
      <li v-for="dish in evening.fish" :key="dish.key">
        <button class="title" @click="fish = { ...dish }">
          <span data-typed>{{ dish.title }}</span> <small v-if="fishLine(dish)">{{ fishLine(dish) }}</small>
        </button>
        <button
          class="quiet-action"
          :aria-label="t('ui.sheet.leave-out-this', { dish: dish.title })"
          @click="without(dish.key)"
        >
          {{ t('ui.sheet.leave-out') }}
        </button>
      </li>
    </ul>
    <button class="quiet-action" :disabled="full" @click="fromBench">{{ t('ui.sheet.from-bench') }}</button>
    <button class="quiet-action" :disabled="full" @click="book = true">{{ t('ui.sheet.from-book') }}</button>
    <button v-if="tray.aside.length" class="quiet-action" :disabled="full" @click="fromTray">
      {{ t('ui.sheet.from-tray') }}
    </button>

    <h2>{{ t('ui.sheet.sides') }}</h2>
    <ul>
      <li v-for="s in evening.sides" :key="s.key">
        <button class="title" @click="side = { ...s }">
          <span data-typed>{{ s.title }}</span> <small>{{ sideLine(s) }}</small>
        </button>
        <button
          class="quiet-action"
          :aria-label="t('ui.sheet.leave-out-this', { dish: s.title })"
          @click="without(s.key)"
        >
          {{ t('ui.sheet.leave-out') }}
        </button>
      </li>
    </ul>
    <button
      class="quiet-action"
      :disabled="!limits || evening.sides.length >= limits.mostSides"
      @click="side = newSide(limits!)"
    >
      {{ t('ui.sheet.add-side') }}
    </button>

    <EveningKitchen />
    <button class="quiet-action" @click="evenings.forget()">{{ t('ui.sheet.forget') }}</button>
    <SideForm v-if="side" :side="side" @keep="keepSide" @close="side = null" />
    <FishForm v-if="fish" :fish="fish" @keep="keepFish" @bench="toBench(fish)" @close="fish = null" />
    <FromBook v-if="book" @add="(dish) => (add([dish]), (book = false))" @close="book = false" />
  </section>
</template>

<style scoped>
h2 {
  margin: 14px 0 2px;
  font-size: 14px;
  font-weight: 400;
  color: var(--ink-soft);
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  min-height: 44px;
}
li {
  border-bottom: 1px solid var(--rule);
}
.title {
  flex: 1;
  min-height: 44px;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
}
.title small {
  display: block;
  color: var(--ink-soft);
}
input:not([type='checkbox']),
select {
  min-height: 40px;
  min-width: 0;
  padding: 0 8px;
  border: 1px solid #a9a695;
  border-radius: 4px;
  background: #fff;
  color: var(--ink);
  font-size: 15px;
}
.name input {
  width: 100%;
  border-color: transparent;
  background: none;
  padding: 0;
  font-size: 22px;
  font-weight: 700;
}
.which select,
.served input {
  width: 100%;
}
.served span {
  display: block;
  font-size: 14px;
  color: var(--ink-soft);
}
.risk {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.wrong {
  margin: 4px 0;
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  color: var(--danger);
  font-size: 14px;
}
</style>
