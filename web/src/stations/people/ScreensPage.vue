<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api } from '../../api/client'
import { newId } from '../../api/id'
import type { Invitation, LetInScreen, Person, Role } from '../../api/types'
import { useTried } from '../../composables/tried'
import ChoiceRow from '../../components/ChoiceRow.vue'
import { t } from '../../messages/say'
import { clock, day } from '../../messages/time'
import DeviceKeys from './DeviceKeys.vue'
import PeopleList from './PeopleList.vue'
import { useMe } from '../../stores/me'

/** Which screens may come in from the network, and how another is let in. */
const ROLES: Record<Role, string> = {
  COOK: t('ui.screens.role.COOK'),
  WATCHER: t('ui.screens.role.WATCHER'),
  OWNER: t('ui.screens.role.OWNER'),
}
const CHOICES = Object.entries(ROLES).map(([value, words]) => ({ value, words }))
const AGAIN_MS = 4000

const me = useMe()
const screens = ref<LetInScreen[]>([])
const role = ref<Role>('COOK')
const shared = ref(false)
const people = ref<Person[]>([])
const invitation = ref<Invitation | null>(null)

/** What is looked at again and again says nothing over what somebody has done. */
const { problem: unseen, tried: looked } = useTried()
const { problem: wrong, tried } = useTried()
const look = () => looked(async () => void (screens.value = await api.screens()))
const invite = () =>
  tried(async () => void (invitation.value = await api.invite(newId(), role.value, shared.value)))
const showOut = (screen: LetInScreen) =>
  tried(async () => {
    await api.showOut(screen.id)
    await look()
  })
onMounted(look)
useIntervalFn(look, AGAIN_MS)

const spaced = computed(() => invitation.value?.code.replace(/^(.{4})/, '$1 ') ?? '')
const when = (moment: string) => `${day(new Date(moment))}, ${clock(new Date(moment))}`
</script>

<template>
  <main>
    <h1>{{ t('ui.screens.title') }}</h1>
    <p v-if="wrong || unseen" class="wrong" role="alert">{{ wrong || unseen }}</p>
    <p v-if="me.who && !me.who.network">{{ t('ui.screens.shut') }}</p>
    <p v-else-if="screens.length === 0">{{ t('ui.screens.none') }}</p>
    <ul>
      <li v-for="screen in screens" :key="screen.id">
        <span>
          <b>{{ screen.name }}</b>
          <small>
            {{ ROLES[screen.role] }}{{ screen.shared ? t('ui.screens.by-many') : '' }},
            {{ t('ui.screens.seen', { time: when(screen.seenAt) }) }}
          </small>
        </span>
        <button
          class="quiet-action"
          :aria-label="t('ui.screens.show-out-of', { name: screen.name })"
          @click="showOut(screen)"
        >
          {{ t('ui.screens.show-out') }}
        </button>
      </li>
    </ul>
    <section v-if="me.who?.network" class="in">
      <h2>{{ t('ui.screens.as') }}</h2>
      <ChoiceRow
        :name="t('ui.screens.as')"
        :choices="CHOICES"
        :chosen="role"
        @choose="(value) => (role = value as Role)"
      />
      <label v-if="people.length" class="many">
        <input v-model="shared" type="checkbox" />
        {{ t('ui.screens.shared') }}
      </label>
      <button class="main-action" @click="invite">{{ t('ui.screens.let-in') }}</button>
      <div v-if="invitation" class="code" aria-live="polite">
        <svg
          v-if="invitation.picture"
          role="img"
          :aria-label="t('ui.screens.picture')"
          :viewBox="`0 0 ${invitation.picture.size} ${invitation.picture.size}`"
        >
          <path :d="invitation.picture.path" />
        </svg>
        <div>
          <p>{{ t('ui.screens.code') }}</p>
          <p class="signs">{{ spaced }}</p>
          <p v-for="address in invitation.addresses" :key="address">
            {{ t('ui.screens.at', { address: address + '/pair' }) }}
          </p>
          <p>{{ t('ui.screens.until', { time: clock(new Date(invitation.until)) }) }}</p>
          <p class="soft">
            {{ t('ui.screens.trust', { address: invitation.addresses[0] + '/kitchen.crt' }) }}
          </p>
        </div>
      </div>
    </section>
    <PeopleList v-if="me.who?.network" v-model="people" :roles="ROLES" />
    <DeviceKeys v-if="me.who?.network" />
  </main>
</template>

<style scoped src="./listed.css"></style>
<style scoped>
main {
  width: min(720px, 100% - 32px);
  margin: 24px auto;
}
.many {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 48px;
}
.many input {
  width: 24px;
  height: 24px;
}
.in {
  display: grid;
  margin-top: 24px;
  gap: 12px;
}
.code {
  display: flex;
  flex-wrap: wrap;
  gap: 24px;
}
.code p {
  margin: 0 0 6px;
}
svg {
  width: 260px;
  background: #fff;
}
.signs {
  font-size: 40px;
  font-weight: 700;
  letter-spacing: 0.08em;
}
.soft {
  max-width: 36ch;
  color: var(--ink-soft);
}
</style>
