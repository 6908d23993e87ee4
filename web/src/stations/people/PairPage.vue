<script setup lang="ts">
import { ref } from 'vue'
import { api } from '../../api/client'
import { newId } from '../../api/id'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'

/** A screen out on the network is let in by a code; one that was made a picture of is typed already. */
const code = ref(decodeURIComponent(location.hash.slice(1)))
const name = ref('')
const { problem: wrong, tried } = useTried()
const busy = ref(false)
const overTls = location.protocol === 'https:'
/** One wish has one id: where the answer is lost, the same screen asks again. */
const id = newId()

async function enter() {
  busy.value = true
  await tried(async () => {
    await api.me()
    await api.letIn(id, code.value, name.value.trim() || t('ui.pair.usual'))
    location.assign('/')
  })
  busy.value = false
}
</script>

<template>
  <main>
    <h1>{{ t('ui.pair.title') }}</h1>
    <p>{{ t('ui.pair.how') }}</p>
    <form @submit.prevent="enter">
      <label for="code">{{ t('ui.pair.code') }}</label>
      <input
        id="code"
        v-model="code"
        class="code"
        autocomplete="one-time-code"
        autocapitalize="characters"
        spellcheck="false"
        maxlength="12"
        :aria-invalid="Boolean(wrong)"
        :aria-describedby="wrong ? 'wrong' : undefined"
      />
      <label for="name">{{ t('ui.pair.name') }}</label>
      <input id="name" v-model="name" maxlength="60" :placeholder="t('ui.pair.usual')" />
      <p v-if="wrong" id="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <button class="main-action" :disabled="busy || code.trim().length < 8">{{ t('ui.pair.go') }}</button>
    </form>
    <p v-if="overTls">
      <a href="/kitchen.crt">{{ t('ui.pair.trust') }}</a>
    </p>
  </main>
</template>

<style scoped>
main {
  width: min(440px, 100% - 32px);
  margin: 40px auto;
}
form {
  display: grid;
  gap: 6px;
}
input {
  min-height: 52px;
  padding: 0 12px;
  border: 1px solid var(--ink-soft);
  border-radius: 4px;
  font: inherit;
  font-size: 18px;
}
.code {
  font-size: 28px;
  letter-spacing: 0.14em;
  text-transform: uppercase;
}
a {
  color: inherit;
}
.wrong {
  margin: 4px 0;
  padding: 8px 12px;
  border-left: 4px solid var(--danger);
}
.main-action {
  min-height: 72px;
  margin-top: 12px;
}
</style>
