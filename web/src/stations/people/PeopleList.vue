<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api } from '../../api/client'
import { newId } from '../../api/id'
import type { Person, Role } from '../../api/types'
import ChoiceRow from '../../components/ChoiceRow.vue'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'

/** Who taps at screens that several hands use. */
const props = defineProps<{ roles: Record<Role, string> }>()
const people = defineModel<Person[]>({ required: true })

const { problem, tried } = useTried()
/** Who is written: somebody new, or somebody on the list who gets another PIN. */
const person = ref<Person>(nobody())
const pin = ref('')
const choices = Object.entries(props.roles).map(([value, words]) => ({ value, words }))

function nobody(): Person {
  return { id: newId(), name: '', role: 'COOK' }
}

const look = async () => void (people.value = await api.people())
const write = () =>
  tried(async () => {
    await api.writePerson({ ...person.value, name: person.value.name.trim() }, pin.value || undefined)
    person.value = nobody()
    pin.value = ''
    await look()
  })
const remove = (one: Person) =>
  tried(async () => {
    await api.removePerson(one.id)
    await look()
  })
const known = () => people.value.some((one) => one.id === person.value.id)
onMounted(() => tried(look))
</script>

<template>
  <section>
    <h2>{{ t('ui.people.title') }}</h2>
    <p class="soft">{{ t('ui.people.why') }}</p>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <ul>
      <li v-for="one in people" :key="one.id">
        <span>
          <b>{{ one.name }}</b>
          <small>{{ roles[one.role] }}</small>
        </span>
        <span>
          <button
            class="quiet-action"
            :aria-label="t('ui.people.change-of', { name: one.name })"
            @click="person = { ...one }"
          >
            {{ t('ui.people.change') }}
          </button>
          <button
            class="quiet-action"
            :aria-label="t('ui.people.remove-of', { name: one.name })"
            @click="remove(one)"
          >
            {{ t('ui.people.remove') }}
          </button>
        </span>
      </li>
    </ul>
    <form @submit.prevent="write">
      <label for="person">{{ t('ui.people.name') }}</label>
      <input id="person" v-model="person.name" maxlength="60" autocomplete="off" />
      <label for="pin">{{ known() ? t('ui.people.another-pin') : t('ui.people.pin') }}</label>
      <input
        id="pin"
        v-model="pin"
        class="pin"
        type="password"
        inputmode="numeric"
        maxlength="4"
        autocomplete="new-password"
      />
      <ChoiceRow
        :name="t('ui.people.may')"
        :choices="choices"
        :chosen="person.role"
        @choose="(value) => (person.role = value as Role)"
      />
      <button class="quiet-action" :disabled="!person.name.trim() || (!known() && pin.length < 4)">
        {{ known() ? t('ui.people.keep') : t('ui.people.add') }}
      </button>
    </form>
  </section>
</template>

<style scoped src="./listed.css"></style>
<style scoped>
section {
  margin-top: 32px;
}
li span:last-child {
  display: flex;
  gap: 8px;
}
.soft {
  max-width: 60ch;
  margin: 0 0 8px;
  color: var(--ink-soft);
}
form {
  display: grid;
  gap: 6px;
  justify-items: start;
}
input {
  width: min(440px, 100%);
  min-height: 48px;
  padding: 0 12px;
  border: 1px solid var(--ink-soft);
  border-radius: 4px;
  font: inherit;
  font-size: 18px;
}
.pin {
  width: 8em;
  letter-spacing: 0.3em;
}
</style>
