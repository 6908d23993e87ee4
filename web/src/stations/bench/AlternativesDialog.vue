<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, onMounted, ref } from 'vue'
import { api, Problem } from '../../api/client'
import type { Alternatives } from '../../api/types'
import { fleshColour } from '../../drawing/flesh'
import { TARGETS } from '../../messages/labels'
import { minutesInWords } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useBench } from '../../stores/bench'
import SideDialog from '../../components/SideDialog.vue'

/** The same fish to each target and in a gentle, a middling and a hot oven: what it costs and what it saves. */
const shown = defineModel<boolean>({ required: true })

const bench = useBench()
const units = useUnits()
const found = ref<Alternatives | null>(null)
const problem = ref<string | null>(null)

/** From where flesh is dry. */
const dry = computed(() => {
  const band = bench.catalogue?.bands.find((b) => b.band === 'DRY')
  return band ? units.degrees(band.fromC) : ''
})
const percent = (share: number) => `${Math.round(100 * share)} %`
const peak = (doneness: string) => bench.catalogue?.targets.find((t) => t.doneness === doneness)?.peakC ?? 50

function take(tempC: number) {
  bench.setDial(tempC)
  shown.value = false
}

onMounted(async () => {
  if (!bench.question) return
  try {
    found.value = await api.alternatives(bench.question)
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    problem.value = failure.message
  }
})
</script>

<template>
  <SideDialog
    v-model="shown"
    :title="t('ui.alternatives-dialog.the-same-fish-otherwise')"
    :widest="760"
    top="6vh"
  >
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <p v-else-if="!found" class="waiting" role="status">
      {{ t('ui.alternatives-dialog.reckoning-eight-bakes') }}
    </p>
    <template v-else>
      <h2>{{ t('ui.alternatives-dialog.hot-or-gentle') }}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('ui.alternatives-dialog.oven') }}</th>
            <th scope="col">{{ t('ui.alternatives-dialog.in-the-oven') }}</th>
            <th scope="col">{{ t('ui.alternatives-dialog.flaking-to-dry') }}</th>
            <th scope="col">{{ t('ui.alternatives-dialog.past', { dry }) }}</th>
            <th scope="col">{{ t('ui.alternatives-dialog.juice-lost') }}</th>
            <td></td>
          </tr>
        </thead>
        <tbody>
          <tr v-for="dial in found.dials" :key="dial.tempC" :class="{ chosen: dial.chosen }">
            <th scope="row">{{ units.degrees(dial.tempC) }}</th>
            <td>{{ t('ui.min', { n: minutesInWords(dial.minutes) }) }}</td>
            <td>{{ t('ui.min', { n: minutesInWords(dial.marginMin) }) }}</td>
            <td>{{ percent(dial.dryShare) }}</td>
            <td>{{ units.amount('mass', dial.lostG) }}</td>
            <td>
              <button class="quiet-action" @click="take(dial.tempC)">
                {{ t('ui.alternatives-dialog.set-it')
                }}<span class="unseen">
                  {{ ' ' }}{{ t('ui.alternatives-dialog.to', { temp: units.degrees(dial.tempC) }) }}</span
                >
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="why">{{ found.why }}</p>
      <h2>{{ t('ui.alternatives-dialog.how-far-to-take-it', { temp: units.degrees(bench.on.tempC) }) }}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('ui.alternatives-dialog.target') }}</th>
            <th scope="col">{{ t('ui.alternatives-dialog.inside') }}</th>
            <th scope="col">{{ t('ui.alternatives-dialog.in-the-oven') }}</th>
            <th scope="col">{{ t('ui.alternatives-dialog.its-top') }}</th>
            <th scope="col">{{ t('ui.alternatives-dialog.past', { dry }) }}</th>
            <th scope="col">{{ t('ui.alternatives-dialog.juice-lost') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="to in found.targets"
            :key="to.target"
            :class="{ chosen: to.target === bench.on.doneness }"
          >
            <th scope="row">
              <i :style="{ background: fleshColour(peak(to.target)) }" />{{ TARGETS[to.target] }}
            </th>
            <td>{{ units.degrees(peak(to.target)) }}</td>
            <td>{{ t('ui.min', { n: minutesInWords(to.minutes) }) }}</td>
            <td>{{ units.degrees(to.outerC) }}</td>
            <td>{{ percent(to.dryShare) }}</td>
            <td>{{ units.amount('mass', to.lostG) }}</td>
          </tr>
        </tbody>
      </table>
      <template v-if="found.stuffed.length">
        <h2>{{ t('ui.alternatives-dialog.the-stuffing-otherwise') }}</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">{{ t('ui.alternatives-dialog.the-stuffing') }}</th>
              <th scope="col">{{ t('ui.alternatives-dialog.in-the-oven') }}</th>
              <th scope="col">{{ t('ui.alternatives-dialog.the-flesh-comes-to') }}</th>
              <th scope="col">{{ t('ui.alternatives-dialog.past', { dry }) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in found.stuffed" :key="one.way" :class="{ chosen: one.way === 'AS_IT_IS' }">
              <th scope="row">{{ one.words }}</th>
              <td>{{ t('ui.min', { n: minutesInWords(one.minutes) }) }}</td>
              <td>{{ units.degrees(one.fleshPeakC) }}</td>
              <td>{{ percent(one.dryShare) }}</td>
            </tr>
          </tbody>
        </table>
      </template>
      <p v-if="found.touching" class="why">{{ found.touching }}</p>
      <p v-if="bench.answer" class="lethal">{{ bench.answer.lethalityWords }}</p>
    </template>
  </SideDialog>
</template>

<style scoped>
h2 {
  margin: 10px 0 2px;
  font-size: 16px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 4px 6px;
  border-bottom: 1px solid var(--rule);
  text-align: right;
  font-family: var(--figures);
  font-weight: 400;
}
thead th {
  color: var(--ink-soft);
  font: 13px var(--text);
}
th:first-child {
  text-align: left;
}
.chosen th,
.chosen td {
  font-weight: 700;
  background: #fff;
}
.chosen th:first-child {
  box-shadow: inset 3px 0 var(--clay);
}
tbody th i {
  display: inline-block;
  width: 16px;
  height: 16px;
  margin-right: 8px;
  border-radius: 3px;
  vertical-align: -3px;
}
.why {
  padding-left: 10px;
  border-left: 3px solid var(--kelp);
}
.lethal,
.waiting {
  color: var(--ink-soft);
  font-size: 14px;
}
.wrong {
  color: var(--danger);
}
@media (max-width: 760px) {
  th,
  td {
    padding: 4px 2px;
    font-size: 13px;
  }
  tbody th,
  td {
    white-space: nowrap;
  }
  tbody th i {
    margin-right: 3px;
  }
  td .quiet-action {
    padding: 0;
  }
}
</style>
