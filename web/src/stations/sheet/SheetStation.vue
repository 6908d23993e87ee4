<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useKeys } from '../../composables/keys'
import { api } from '../../api/client'
import { asked } from '../../messages/asked'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useEvenings } from '../../stores/evenings'
import ShoppingDialog from '../../components/ShoppingDialog.vue'
import DialStrip from './DialStrip.vue'
import EveningWhat from './EveningWhat.vue'
import SheetWord from './SheetWord.vue'
import StepList from './StepList.vue'
import TimeLanes from './TimeLanes.vue'
import { newEvening } from './newEvening'

/** The evening, backward from the plate: what is wanted, when each thing happens, what comes next. */
const evenings = useEvenings()
const bench = useBench()
const view = computed(() => evenings.view)
const opened = ref(false)
const shopping = ref(false)

onMounted(async () => {
  await Promise.all([bench.open(), evenings.open()])
  opened.value = true
})
const entry = computed(() => bench.catalogue?.evening)
const begin = () => entry.value && void evenings.begin(newEvening(bench, entry.value))
const print = () => window.print()
useKeys({ z: () => void evenings.undo() })
</script>

<template>
  <main class="sheet">
    <p v-if="evenings.trouble" class="trouble" role="alert">{{ evenings.trouble }}</p>
    <div v-if="opened && !evenings.id" class="none">
      <h1>{{ t('ui.sheet.no-evening') }}</h1>
      <p>{{ t('ui.sheet.no-evening-how') }}</p>
      <button class="main-action" :disabled="!entry" @click="begin">{{ t('ui.sheet.plan-one') }}</button>
    </div>
    <template v-else-if="view">
      <h1 class="unseen" data-typed>{{ view.evening.name }}</h1>
      <EveningWhat class="what" />
      <section class="when">
        <SheetWord />
        <TimeLanes v-if="view.sheet" />
        <DialStrip v-if="view.sheet" />
      </section>
      <section class="steps">
        <StepList v-if="view.sheet" />
        <div class="out">
          <button class="quiet-action" :disabled="!evenings.undos.length" @click="evenings.undo()">
            {{ t('ui.sheet.undo') }} <kbd>z</kbd>
          </button>
          <a class="quiet-action" :href="asked(api.calendar(view.id))" download="evening.ics">{{
            t('ui.sheet.calendar')
          }}</a>
          <button class="quiet-action" @click="shopping = true">{{ t('ui.sheet.shopping') }}</button>
          <button class="quiet-action" @click="print">{{ t('ui.sheet.print') }}</button>
          <button class="quiet-action" :disabled="!opened || !entry" @click="begin">
            {{ t('ui.sheet.another') }}
          </button>
        </div>
      </section>
      <ShoppingDialog v-if="shopping" v-model="shopping" :ask="() => api.eveningShopping(view!.id)" />
    </template>
  </main>
</template>

<style scoped>
.sheet {
  display: grid;
  width: 100%;
  flex: 1;
  align-content: start;
  grid-template-columns: 280px minmax(0, 1fr) 320px;
}
.trouble {
  grid-column: 1 / -1;
  margin: 8px 24px 0;
  padding: 8px 14px;
  border-left: 6px solid var(--danger);
  background: #fff;
}
.none {
  grid-column: 1 / -1;
  max-width: 460px;
  margin: 16vh auto 0;
  padding: 0 18px;
}
.none h1 {
  margin: 0;
  font-size: 26px;
}
.what {
  padding: 12px 18px 24px 24px;
  border-right: 1px solid var(--rule);
}
.when {
  min-width: 0;
  padding: 12px 18px 24px;
}
.steps {
  padding: 12px 24px 24px 18px;
  border-left: 1px solid var(--rule);
}
.out {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
}
.out a {
  display: inline-flex;
  align-items: center;
}
@media (max-width: 1100px) {
  .sheet {
    grid-template-columns: minmax(0, 1fr) 320px;
  }
  .what {
    grid-row: 3;
    grid-column: 1 / -1;
    border-right: 0;
  }
}
@media (max-width: 760px) {
  .sheet {
    grid-template-columns: minmax(0, 1fr);
  }
  .steps {
    grid-row: 1;
    border-left: 0;
    padding: 10px 14px;
  }
  .when,
  .what {
    padding: 10px 14px;
  }
}
@media print {
  .sheet {
    display: block;
  }
  .what,
  .out {
    display: none;
  }
}
</style>
