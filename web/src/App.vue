<script setup lang="ts">
import { t } from './messages/say'
import { ElConfigProvider, ElDialog } from 'element-plus'
import 'element-plus/es/components/dialog/style/css'
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useIntervalFn } from '@vueuse/core'
import { useRoute, useRouter } from 'vue-router'
import { DOOR, personWanted } from './api/client'
import { useMe } from './stores/me'
import { useRunning } from './stores/running'
import { KEY_LIST, useKeys } from './composables/keys'
import { useUnits } from './messages/units'
import { forgetKnown } from './composables/recall'
import { useVersion } from './composables/version'

const route = useRoute()
const router = useRouter()
const units = useUnits()
const running = useRunning()
const me = useMe()
const showKeys = ref(false)
const version = useVersion()
const WhoPad = defineAsyncComponent(() => import('./stations/people/WhoPad.vue'))
/** Opened by whoever taps their name, or because something waits for one. */
const asksWho = ref(false)
watch(personWanted, (wanted) => (asksWho.value ||= wanted))
/** Put away it stays so until somebody taps again: what waits is tried again by itself. */
watch(
  () => running.waiting.length,
  (now, before) => {
    if (now > before && personWanted.value) asksWho.value = true
  },
)
async function nextHands() {
  if (me.person) await me.signOut().catch(() => undefined)
  asksWho.value = true
}

/** What Element Plus says by itself. */
const ELEMENT = {
  name: 'olla',
  el: {
    dialog: { close: t('ui.element.close') },
    tag: { close: t('ui.element.leave-out') },
    select: {
      noMatch: t('ui.element.none'),
      noData: t('ui.element.empty'),
      placeholder: t('ui.element.choose'),
      loading: t('ui.element.loading'),
    },
  },
}

/** In the order of the work. */
const STOPS = [
  { name: t('ui.app.counter'), path: '/counter' },
  { name: t('ui.app.bench'), path: '/bench' },
  { name: t('ui.app.run-sheet'), path: '/sheet' },
  { name: t('ui.app.oven-side'), path: '/oven' },
  { name: t('ui.app.log'), path: '/log' },
]

const here = computed(() => STOPS.findIndex((s) => route.path.startsWith(s.path)))
/** How far tonight's bake has come: inked up to here. */
const reached = computed(() => Math.max(here.value, running.bakes.length ? 3 : 1))

/** Who only watches, or stands before the door, has one page. */
const goTo = (path: string) => () => {
  if (!me.outside && !me.watches) void router.push(path)
}
useKeys({
  '1': goTo('/counter'),
  '2': goTo('/bench'),
  '3': goTo('/sheet'),
  '4': goTo('/oven'),
  '5': goTo('/log'),
  '?': () => (showKeys.value = !showKeys.value),
})

/** So often a screen that was let in asks whether it still is, ms. */
const STILL_IN_MS = 20_000

onMounted(async () => {
  const free = me.asked
  if (free) running.follow()
  await me.open()
  if (me.outside) {
    forgetKnown()
    // Who stands there already may have come with a code in the address, which is not to be lost.
    if (location.pathname !== DOOR) await router.replace(DOOR)
  } else if (me.watches) await router.replace('/plates')
  else if (!free) running.follow()
})
useIntervalFn(async () => {
  if (!me.guest) return
  await me.open()
  if (me.outside) location.assign(DOOR)
}, STILL_IN_MS)
</script>

<template>
  <ElConfigProvider :locale="ELEMENT">
    <div class="house">
      <header>
        <RouterLink to="/bench" class="name">Olla</RouterLink>
        <nav v-if="!me.outside && !me.watches" :aria-label="t('ui.app.stations')">
          <ol>
            <li
              v-for="(stop, i) in STOPS"
              :key="stop.name"
              :class="{ here: i === here, inked: i <= reached }"
            >
              <RouterLink :to="stop.path" :aria-current="i === here ? 'page' : undefined">
                <span class="dot" />{{ stop.name }}
                <span v-if="i === 3 && running.bakes.length" class="count">{{ running.bakes.length }}</span>
              </RouterLink>
            </li>
          </ol>
        </nav>
        <div class="aside">
          <RouterLink v-if="!me.outside && !me.watches" class="plain" to="/notes">
            {{ t('ui.notes.title') }}
          </RouterLink>
          <RouterLink v-if="!me.outside && !me.watches" class="plain" to="/drill">
            {{ t('ui.drill.title') }}
          </RouterLink>
          <RouterLink v-if="me.owns && me.who?.network" class="plain" to="/screens">
            {{ t('ui.app.screens') }}
          </RouterLink>
          <button v-if="me.shared" class="plain hands" :class="{ wanted: personWanted }" @click="nextHands">
            {{ me.person ?? t('ui.app.who') }}
          </button>
          <button class="plain" :title="t('ui.app.keys')" @click="showKeys = true">
            {{ t('ui.app.keys-2') }}
          </button>
          <button class="plain units" :title="t('ui.app.change-the-units')" @click="units.toggle()">
            {{ units.label.value }}
          </button>
        </div>
      </header>
      <p v-if="version.newer.value" class="newer" role="status">
        {{ running.bakes.length ? t('ui.app.newer-later') : t('ui.app.newer') }}
        <button class="quiet-action" @click="version.takeOver">{{ t('ui.app.take-over') }}</button>
      </p>
      <RouterView v-if="me.asked" />
      <WhoPad v-if="me.shared" v-model="asksWho" />
      <ElDialog v-model="showKeys" :title="t('ui.app.keys-2')" width="min(420px, 94vw)">
        <dl class="keys">
          <template v-for="[keys, what] in KEY_LIST" :key="keys">
            <dt>
              <kbd v-for="key in keys.split('  ')" :key="key">{{ key }}</kbd>
            </dt>
            <dd>{{ what }}</dd>
          </template>
        </dl>
      </ElDialog>
    </div>
  </ElConfigProvider>
</template>

<style scoped>
.house {
  min-height: 100%;
  display: flex;
  flex-direction: column;
}
header {
  display: grid;
  /* What stands aside keeps its lines; the stations give way to it. */
  grid-template-columns: minmax(80px, 1fr) minmax(0, 620px) minmax(max-content, 1fr);
  align-items: center;
  height: 58px;
  padding: 0 24px;
  border-bottom: 1px solid var(--rule);
}
.name {
  color: var(--clay);
  font-size: 24px;
  font-weight: 800;
  text-decoration: none;
}
ol {
  display: flex;
  max-width: 620px;
  margin: 0 auto;
  padding: 0;
  list-style: none;
}
li {
  position: relative;
  flex: 1;
}
li:not(:first-child)::before {
  content: '';
  position: absolute;
  top: 13px;
  left: -50%;
  width: 100%;
  border-top: 2px solid var(--rule);
}
li.inked:not(:first-child)::before {
  border-color: var(--ink);
}
li a {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: end;
  height: 50px;
  padding-bottom: 4px;
  color: var(--ink);
  font-size: 14px;
  text-decoration: none;
}
.dot {
  position: relative;
  z-index: 1;
  width: 15px;
  height: 15px;
  flex: none;
  margin-bottom: 5px;
  border: 2px solid #8d958f;
  border-radius: 50%;
  background: var(--salt);
}
li.inked .dot {
  border-color: var(--ink);
  background: var(--ink);
}
li.here .dot {
  border-color: var(--clay);
  background: var(--clay);
  box-shadow: 0 0 0 4px var(--clay-wash);
}
li.here a {
  font-weight: 700;
}
.count {
  position: absolute;
  z-index: 2;
  top: 0;
  left: calc(50% + 12px);
  min-width: 18px;
  border-radius: 9px;
  background: var(--clay);
  color: #fff;
  font: 700 12px/18px var(--figures);
  text-align: center;
}
.aside {
  display: flex;
  justify-content: end;
  gap: 8px;
  white-space: nowrap;
}
.plain {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  color: inherit;
  text-decoration: none;
  padding: 0 8px;
  border: 0;
  background: none;
  font-size: 14px;
}
.units,
.hands {
  font-weight: 700;
}
.newer {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 16px;
  margin: 0;
  padding: 0 24px;
  border-bottom: 1px solid var(--rule);
  background: var(--clay-wash);
}
.wanted {
  color: var(--clay);
}
.hands {
  max-width: 12ch;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.keys {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 8px 12px;
  margin: 0;
}
.keys dt {
  display: flex;
  gap: 4px;
}
/* Elsewhere a screen without a mouse shows none; who asks for the list gets it. */
.keys kbd {
  display: inline-block;
}
.keys dd {
  margin: 0;
}
@media (max-width: 900px) {
  header {
    grid-template-columns: 1fr auto;
    height: auto;
    padding: 4px 14px 0;
  }
  .aside {
    flex-wrap: wrap;
    gap: 0;
  }
  nav {
    grid-row: 2;
    grid-column: 1 / 3;
  }
  li a {
    font-size: 13px;
  }
}
@media print {
  header {
    display: none;
  }
}
</style>
