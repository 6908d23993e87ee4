<script setup lang="ts">
import { t } from '../../messages/say'
import { computed } from 'vue'
import type { Bake } from '../../api/types'
import { runningClock } from '../../messages/time'
import { useUnits } from '../../messages/units'

/** What the thermometers say, and whether they can be believed. */
const props = defineProps<{ bake: Bake; now: number }>()
defineEmits<{ open: [] }>()

/** A probe that says nothing for so long is silent, s. */
const SILENT_S = 40
const LOW_BATTERY = 15

const units = useUnits()
const probe = computed(() => (props.bake.probe?.until === undefined ? props.bake.probe : undefined))
const silentS = computed(() => (probe.value?.at ? (props.now - Date.parse(probe.value.at)) / 1000 : 0))
const silent = computed(() => silentS.value > SILENT_S)
const doubted = computed(
  () =>
    probe.value?.trust !== undefined && probe.value.trust !== 'STEADY' && probe.value.trust !== 'SETTLING',
)
const low = computed(() => probe.value?.battery !== undefined && probe.value.battery <= LOW_BATTERY)
</script>

<template>
  <div class="probe">
    <button type="button" @click="$emit('open')">
      <template v-if="probe">
        <b data-typed>{{ probe.device }}</b>
        <span v-if="probe.celsius !== undefined" class="degrees">{{ units.degrees(probe.celsius) }}</span>
      </template>
      <b v-else>{{ t('ui.probe-line.put-a-probe-in') }}</b>
      <span v-if="bake.air" class="air">{{
        t('ui.probe-line.oven-of', { celsius: units.degrees(bake.air.celsius), dial: units.dial(bake.dialC) })
      }}</span>
    </button>
    <p v-if="probe" role="status" :class="{ doubted: doubted || silent }">
      <template v-if="silent">{{
        t('ui.probe-line.silent-for-out-of-reach', { silentS: runningClock(silentS) })
      }}</template>
      <template v-else-if="probe.celsius === undefined">{{
        t('ui.probe-line.nothing-heard-from-it-yet')
      }}</template>
      <template v-else>{{ probe.words ?? t('ui.probe-line.listening') }}</template>
      <template v-if="low"> {{ ' ' }}{{ t('ui.probe-line.battery', { battery: probe.battery }) }}</template>
    </p>
  </div>
</template>

<style scoped>
.probe {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
}
button {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 72px;
  padding: 0 18px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  font-size: 18px;
}
.degrees {
  font: 700 30px var(--figures);
}
.air {
  color: var(--ember-text);
}
p {
  flex: 1;
  min-width: 200px;
  margin: 0;
  color: var(--ink-soft);
}
.doubted {
  padding-left: 10px;
  border-left: 5px solid var(--ember);
  color: var(--ember-text);
  font-weight: 700;
}
</style>
