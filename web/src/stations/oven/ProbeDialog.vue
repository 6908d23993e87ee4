<script setup lang="ts">
import { t } from '../../messages/say'
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, Problem } from '../../api/client'
import type { Bake, DeviceReading } from '../../api/types'
import { useUnits } from '../../messages/units'
import SideDialog from '../../components/SideDialog.vue'

/** Which of the thermometers that are heard sits in this fish, and which hangs in this oven. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ bake: Bake }>()
const emit = defineEmits<{ changed: [bake: Bake] }>()

const LOOK_MS = 1500

const units = useUnits()
const devices = ref<DeviceReading[]>([])
const problem = ref<Problem | null>(null)
const tips = computed(() => devices.value.filter((d) => d.channel === 'TIP'))
const airs = computed(() => devices.value.filter((d) => d.channel === 'AIR'))
const here = computed(() => (props.bake.probe?.until === undefined ? props.bake.probe?.device : undefined))

async function attempt<T>(action: () => Promise<T>) {
  try {
    problem.value = null
    return await action()
  } catch (failure) {
    if (!(failure instanceof Problem)) throw failure
    problem.value = failure
  }
}
const look = () => shown.value && void attempt(async () => (devices.value = await api.devices()))
useIntervalFn(look, LOOK_MS, { immediateCallback: true })

async function take(device: string) {
  const bake = await attempt(() => api.probe(props.bake.id, device))
  if (!bake) return
  emit('changed', bake)
  shown.value = false
}
async function pull() {
  const bake = await attempt(() => api.unprobe(props.bake.id))
  if (bake) emit('changed', bake)
}
async function hang(device: string | null) {
  await attempt(async () => {
    const oven = (await api.ovens()).find((o) => o.id === props.bake.ovenId)!
    const falls = oven.calibration.fallsCPerHour
    await api.describeOven(oven, {
      ...(device === null ? {} : { device }),
      ...(falls === undefined ? {} : { fallsCPerHour: falls }),
    })
  })
  const bake = await attempt(() => api.bake(props.bake.id))
  if (bake) emit('changed', bake)
}
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.probe-dialog.probes')" :widest="560">
    <p v-if="problem" class="wrong" role="alert">{{ problem.message }}</p>
    <p>
      <b>{{ t('ui.probe-dialog.in-this-fish') }}</b> {{ bake.checking.where }}
    </p>
    <p v-if="!tips.length" class="none">{{ t('ui.probe-dialog.no-probe-is-heard-switch') }}</p>
    <ul>
      <li v-for="tip in tips" :key="tip.device">
        <button :class="{ here: tip.device === here }" @click="take(tip.device)">
          <b data-typed>{{ tip.device }}</b>
          <span>
            {{ units.degrees(tip.celsius)
            }}<template v-if="tip.battery !== undefined">
              {{ ' ' }}{{ t('ui.probe-dialog.battery', { battery: tip.battery }) }}</template
            ><template v-if="tip.device === here">
              {{ ' ' }}{{ t('ui.probe-dialog.in-this-fish-2') }}</template
            >
          </span>
        </button>
      </li>
    </ul>
    <button v-if="here" class="quiet" @click="pull">{{ t('ui.probe-dialog.it-was-pulled-out') }}</button>
    <template v-if="airs.length">
      <p>
        <b>{{ t('ui.probe-dialog.in-the', { ovenName: bake.ovenName }) }}</b>
        {{ t('ui.probe-dialog.a-thermometer-that-tells-when') }}
      </p>
      <ul>
        <li v-for="air in airs" :key="air.device">
          <button :class="{ here: air.device === bake.air?.device }" @click="hang(air.device)">
            <b data-typed>{{ air.device }}</b>
            <span>
              {{ units.degrees(air.celsius)
              }}<template v-if="air.device === bake.air?.device">
                {{ ' ' }}{{ t('ui.probe-dialog.hangs-here') }}</template
              >
            </span>
          </button>
        </li>
      </ul>
      <button v-if="bake.air" class="quiet" @click="hang(null)">
        {{ t('ui.probe-dialog.none-hangs-here') }}
      </button>
    </template>
  </SideDialog>
</template>

<style scoped>
p {
  margin: 0 0 8px;
}
ul {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}
button {
  width: 100%;
  min-height: 72px;
  padding: 6px 14px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  text-align: left;
}
button.here {
  border-color: var(--kelp);
  border-width: 3px;
}
button b {
  display: block;
  font-size: 18px;
}
button span {
  color: var(--ink-soft);
}
.quiet {
  margin-bottom: 14px;
  text-align: center;
}
.none {
  color: var(--ink-soft);
}
.wrong {
  padding-left: 8px;
  border-left: 3px solid var(--danger);
  color: var(--danger);
}
@media (max-width: 500px) {
  ul {
    grid-template-columns: 1fr;
  }
}
</style>
