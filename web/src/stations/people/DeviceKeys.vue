<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api } from '../../api/client'
import { newId } from '../../api/id'
import type { DeviceKey } from '../../api/types'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'

/** Which thermometers may push readings from the network, each with a key that is shown once. */
const devices = ref<DeviceKey[]>([])
const name = ref('')
const given = ref<DeviceKey | null>(null)
const { problem, tried } = useTried()

const look = async () => void (devices.value = await api.deviceKeys())
const give = () =>
  tried(async () => {
    given.value = await api.giveKey(newId(), name.value.trim())
    name.value = ''
    await look()
  })
const take = (device: DeviceKey) =>
  tried(async () => {
    await api.takeKey(device.id)
    await look()
  })
onMounted(() => tried(look))
</script>

<template>
  <section>
    <h2>{{ t('ui.devices.title') }}</h2>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <ul>
      <li v-for="device in devices" :key="device.id">
        <b>{{ device.device }}</b>
        <button
          class="quiet-action"
          :aria-label="t('ui.devices.take-of', { name: device.device })"
          @click="take(device)"
        >
          {{ t('ui.devices.take') }}
        </button>
      </li>
    </ul>
    <form @submit.prevent="give">
      <label for="device">{{ t('ui.devices.name') }}</label>
      <input id="device" v-model="name" maxlength="40" spellcheck="false" autocapitalize="off" />
      <button class="quiet-action" :disabled="!name.trim()">{{ t('ui.devices.give') }}</button>
    </form>
    <p v-if="given" aria-live="polite">
      {{ t('ui.devices.given', { name: given.device }) }} <code>{{ given.key }}</code>
    </p>
  </section>
</template>

<style scoped src="./listed.css"></style>
<style scoped>
section {
  margin-top: 32px;
}
form {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
}
input {
  min-height: 44px;
  padding: 0 10px;
  border: 1px solid var(--ink-soft);
  border-radius: 4px;
  font: inherit;
}
code {
  overflow-wrap: anywhere;
}
</style>
