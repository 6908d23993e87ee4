<script setup lang="ts">
import { computed } from 'vue'
import { api } from '../../api/client'
import { t } from '../../messages/say'
import { clock, day } from '../../messages/time'
import HowItWent from '../oven/HowItWent.vue'
import LogBelow from './LogBelow.vue'
import BakeBarOfLog from './BakeBarOfLog.vue'
import FactList from './FactList.vue'
import { useAgain, useLogged } from './logged'
import OvenBelief from './OvenBelief.vue'

/** One bake of the log, whole: the ticket as it was, how it went, how it was, and what its oven turned out to be. */
const props = defineProps<{ id: string }>()

const { bake: logged, trouble } = useLogged(() => props.id)
const { again, reopen } = useAgain()
const print = () => window.print()
const line = computed(() => logged.value?.line)
const started = computed(() => (line.value ? new Date(line.value.startedAt) : null))
</script>

<template>
  <LogBelow :trouble="trouble">
    <template v-if="logged && line && started">
      <header>
        <div>
          <h1>{{ line.title }}</h1>
          <p>
            {{ t('ui.log.when', { day: day(started), time: clock(started) })
            }}<template v-if="logged.bake.by">{{ t('ui.log.put-in-by', { name: logged.bake.by }) }}</template>
          </p>
        </div>
        <div class="doing">
          <button class="main-action" @click="again(line)">{{ t('ui.log.again-tonight') }}</button>
          <RouterLink class="quiet-action" :to="{ path: '/log', query: { beside: line.id } }">
            {{ t('ui.log.lay-another-beside') }}
          </RouterLink>
          <button class="quiet-action" @click="print">{{ t('ui.ticket.print') }}</button>
          <a class="quiet-action" :href="api.readingsTable(line.id)" download>{{ t('ui.log.readings') }}</a>
          <button v-if="!line.verdict" class="quiet-action" @click="reopen(line)">
            {{ t('ui.log.open-it-again') }}
          </button>
        </div>
      </header>
      <div class="columns">
        <section :aria-label="t('ui.log.what-came-of-it')">
          <h2>{{ t('ui.log.what-came-of-it') }}</h2>
          <BakeBarOfLog :bake="line" />
          <p v-if="line.note" class="note">“{{ line.note }}”</p>
          <p v-if="logged.bake.saidBy" class="soft">
            {{ t('ui.log.said-by', { name: logged.bake.saidBy }) }}
          </p>
          <HowItWent v-if="line.actualMin !== undefined" :bake="logged.bake" all />
        </section>
        <section :aria-label="t('ui.log.ticket-as-it-was')">
          <h2>{{ t('ui.log.ticket-as-it-was') }}</h2>
          <FactList :line="line" />
          <h2>{{ t('ui.log.what-was-believed', { oven: line.ovenName }) }}</h2>
          <OvenBelief :oven="line.ovenName" :before="logged.before" :after="logged.after" />
          <img
            v-if="line.hasPhoto"
            :src="api.photo(line.id)"
            :alt="t('ui.log.as-it-was-served', { title: line.title })"
          />
        </section>
      </div>
    </template>
  </LogBelow>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 8px 24px;
  margin-bottom: 12px;
}
h1 {
  margin: 0;
  font-size: 26px;
}
header p,
.soft {
  margin: 0;
  color: var(--ink-soft);
}
h2 {
  margin: 0 0 6px;
  color: var(--ink-soft);
  font-size: 15px;
  font-weight: 400;
}
.doing {
  display: flex;
  align-items: center;
  gap: 8px;
}
.doing .main-action {
  width: auto;
  padding: 0 24px;
}
.doing a {
  display: inline-flex;
  align-items: center;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 12px 40px;
}
.columns section > section {
  display: block;
  margin-top: 12px;
}
.columns section > section :deep(svg) {
  max-height: 330px;
}
.columns img {
  display: block;
  max-width: 100%;
  max-height: 220px;
  margin: 8px 0;
}
.columns h2:not(:first-child) {
  margin-top: 12px;
}
.note {
  margin: 6px 0 0;
}
@media print {
  .doing {
    display: none;
  }
  .columns {
    gap: 6px 24px;
    font-size: 13px;
  }
  .columns section > section :deep(svg) {
    max-height: 220px;
  }
  .columns img {
    max-height: 150px;
  }
}
@media screen and (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
