<script setup lang="ts">
import CautionList from '../../components/CautionList.vue'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import { useUnits } from '../../messages/units'
import { useRunning } from '../../stores/running'
import ApartLines from './ApartLines.vue'
import BakeBar from './BakeBar.vue'
import CourseChart from './CourseChart.vue'
import type { Busy } from './ovenSide'
import ProbeLine from './ProbeLine.vue'
import RestingCut from './RestingCut.vue'

/** What to do now and how long until the next thing; beside it what goes on inside. */
defineProps<{ side: Busy }>()
const emit = defineEmits<{ probe: [] }>()

const running = useRunning()
const units = useUnits()
</script>

<template>
  <div class="now" :class="{ checking: side.checking }">
    <section class="doing" :class="side.moment.phase.toLowerCase()">
      <p class="what">
        {{
          t('ui.oven.at', {
            title: side.bake.title,
            ovenName: side.bake.ovenName,
            dial: units.dial(side.bake.dialC),
            since: side.bake.held
              ? t('ui.oven.waits-outside')
              : t('ui.oven.in', { startedAt: clock(new Date(side.bake.startedAt)) }),
          })
        }}
      </p>
      <ApartLines v-if="side.bake.apart.length" :side="side" />
      <h1 aria-live="assertive">{{ side.moment.say }}</h1>
      <p class="hint">{{ side.moment.hint }}</p>
      <p v-if="side.suspected" class="cold" role="status">
        <b>{{ side.suspicion }}</b>
        <button class="plain" @click="side.agree">{{ t('ui.oven.yes') }}</button>
        <button class="plain" @click="side.notSo">{{ t('ui.oven.no') }}</button>
      </p>
      <p v-if="side.coldOven" class="cold" role="status">
        <b>{{ t('ui.oven.the-oven-is-at-only', { celsius: units.degrees(side.bake.air!.celsius) }) }}</b>
        <button class="plain" @click="running.tap(side.bake, 'HELD', t('ui.oven.waits-outside'))">
          {{ t('ui.oven.it-waits-outside') }}
        </button>
        <button
          class="plain"
          @click="running.tap(side.bake, 'NOT_HOT', t('ui.tap.not-hot'), { celsius: side.bake.air!.celsius })"
        >
          {{ t('ui.oven.it-is-in-re-time') }}
        </button>
      </p>
      <p class="clock">
        <span class="big" role="timer">{{ side.big }}</span>
        <span class="beside">{{ side.beside }}</span>
      </p>
      <BakeBar v-if="!side.bake.held" :bake="side.bake" :seconds="side.seconds" />
      <CautionList
        v-if="side.cautions.length"
        class="care"
        :cautions="side.cautions"
        :aria-label="t('ui.oven.take-care')"
      />
    </section>
    <section class="inside" :aria-label="t('ui.oven.what-goes-on-inside')">
      <p v-if="side.bake.revision < 0" class="coming">{{ t('ui.oven.on-its-way-to-the') }}</p>
      <template v-else>
        <ProbeLine :bake="side.bake" :now="running.now" @open="emit('probe')" />
        <p v-if="side.bake.found" class="found" role="status">{{ side.bake.found }}</p>
        <RestingCut
          v-if="side.isOut"
          :key="`rest-${side.bake.id}`"
          :bake="side.bake"
          :seconds="side.seconds"
        />
        <CourseChart
          v-else-if="!side.bake.held"
          :key="side.bake.id"
          :bake="side.bake"
          :seconds="side.seconds"
        />
      </template>
    </section>
  </div>
</template>

<style scoped>
.now {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
}
.found {
  margin: 0;
  color: var(--ember-text);
}
.now.checking .big {
  font-size: 112px;
}
.now.checking .inside :deep(svg) {
  max-height: 270px;
}
.doing {
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding: 12px 24px;
}
.inside {
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding: 12px 24px 12px 12px;
  border-left: 1px solid var(--rule);
}
.what {
  margin: 0;
  color: var(--ink-soft);
}
.hint {
  margin: 6px 0 0;
  font-size: 20px;
  color: var(--ink-soft);
}
.cold {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin: 6px 0 0;
  padding-left: 12px;
  border-left: 6px solid var(--ember);
  font-size: 20px;
}
.clock {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 16px;
  margin: 6px 0 10px;
}
.big {
  font: 700 132px/1.05 var(--figures);
  letter-spacing: -0.04em;
}
.check .big,
.take_out .big,
.take_out h1 {
  color: var(--clay);
}
.put_back h1,
.put_back .big,
.put_back .hint,
.forgotten h1 {
  color: var(--danger);
}
.beside {
  font-size: 22px;
  font-weight: 700;
  color: var(--ink-soft);
}
.coming {
  margin: 0;
  color: var(--ink-soft);
}
@media (max-width: 900px) {
  .now {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto 1fr;
  }
  .inside {
    padding-left: 24px;
    border: 0;
  }
  .inside :deep(svg) {
    max-height: 330px;
  }
  .big {
    font-size: 176px;
  }
}
@media (max-width: 600px) {
  /* The cues come before the curve: hands are wet and the door is open. */
  .now.checking {
    display: contents;
  }
  .now.checking .inside {
    order: 1;
  }
  .doing,
  .inside {
    padding: 10px 14px;
  }
  .big,
  .now.checking .big {
    font-size: 104px;
  }
}
</style>
