<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../../api/client'
import { newId } from '../../api/id'
import type { Practice, Round, Skill } from '../../api/types'
import { latest } from '../../composables/latest'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import AnswerDrill from './AnswerDrill.vue'
import BakeRound from './BakeRound.vue'
import SkillList from './SkillList.vue'

/** Practice: what to do next, how it goes, and the round that is going on. */
const props = defineProps<{ id?: string }>()

const bench = useBench()
const router = useRouter()
const practice = ref<Practice | null>(null)
const round = ref<Round | null>(null)
const trouble = ref('')
const { problem, tried } = useTried()
const look = latest(
  async (signal) => {
    practice.value = await api.practice(signal)
    trouble.value = ''
  },
  (refusal) => (trouble.value = refusal.message),
)

watch(
  () => props.id,
  (id) => {
    if (id === undefined) {
      round.value = null
      void look()
    } else if (round.value?.id !== id) {
      round.value = null
      void tried(async () => void (round.value = await api.round(id)))
    }
  },
  { immediate: true },
)

function begin(skill: Skill) {
  return tried(async () => {
    round.value = await api.beginRound(newId(), skill)
    await router.push(`/drill/${round.value.id}`)
  })
}
/** Another, by what was just missed. */
const next = () =>
  tried(async () => {
    await look()
    if (practice.value) await begin(practice.value.next)
  })

onMounted(() => void bench.open())
</script>

<template>
  <main class="drill">
    <template v-if="round">
      <header>
        <h1>{{ round.name }}</h1>
        <RouterLink to="/drill">{{ t('ui.drill.all') }}</RouterLink>
        <p>{{ round.about }}</p>
      </header>
      <BakeRound
        v-if="round.slips.length"
        :key="round.id"
        :round="round"
        @gone="round = $event"
        @next="next"
        @again="begin(round.skill)"
      />
      <AnswerDrill
        v-else
        :key="round.id"
        :round="round"
        @gone="round = $event"
        @next="next"
        @again="begin(round.skill)"
      />
    </template>
    <template v-else-if="id === undefined">
      <h1>{{ t('ui.drill.title') }}</h1>
      <p class="about">{{ t('ui.drill.about') }}</p>
      <SkillList v-if="practice" :practice="practice" @begin="begin" />
    </template>
    <p v-if="problem || trouble" class="wrong" role="alert">{{ problem || trouble }}</p>
    <RouterLink v-if="id && !round && problem" to="/drill">{{ t('ui.drill.all') }}</RouterLink>
  </main>
</template>

<style scoped>
.drill {
  flex: 1;
  width: min(1180px, 100%);
  margin: 0 auto;
  padding: 14px 24px 24px;
}
h1 {
  margin: 0;
  font-size: 26px;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 20px;
  margin-bottom: 10px;
}
header p {
  flex-basis: 100%;
  margin: 0;
  color: var(--ink-soft);
}
a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: var(--ink);
}
.about {
  max-width: 70ch;
  margin: 4px 0 14px;
  color: var(--ink-soft);
}
.wrong {
  color: var(--danger);
}
@media (max-width: 600px) {
  .drill {
    padding: 10px 14px 20px;
  }
}
</style>
