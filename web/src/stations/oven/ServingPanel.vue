<script setup lang="ts">
import CautionList from '../../components/CautionList.vue'
import { t } from '../../messages/say'
import { clock } from '../../messages/time'
import { useRunning } from '../../stores/running'
import CarvingSteps from './CarvingSteps.vue'
import type { Busy } from './ovenSide'
import VerdictForm from './VerdictForm.vue'

/** It is done: carved step by step, or judged. */
defineProps<{ side: Busy }>()

const running = useRunning()
</script>

<template>
  <div class="serving-panel">
    <header class="serving">
      <div>
        <p class="what">
          {{ t('ui.oven.out-at', { title: side.bake.title, outAt: clock(new Date(side.bake.outAt!)) }) }}
        </p>
        <h1 aria-live="assertive">
          {{ side.judging || !side.carves ? side.moment.say : t('ui.oven.carve-it') }}
        </h1>
      </div>
      <div v-if="side.carves" class="choose" role="group" :aria-label="t('ui.oven.carve-or-judge')">
        <button :aria-pressed="!side.judging" :class="{ on: !side.judging }" @click="side.judge(false)">
          {{ t('ui.oven.carve') }}
        </button>
        <button :aria-pressed="side.judging" :class="{ on: side.judging }" @click="side.judge(true)">
          {{ t('ui.oven.how-was-it') }}
        </button>
      </div>
    </header>
    <div class="plate">
      <CautionList
        v-if="side.cautions.length"
        class="care"
        :cautions="side.cautions"
        :aria-label="t('ui.oven.take-care')"
      />
      <CarvingSteps
        v-if="!side.judging && side.carves"
        :key="side.bake.id"
        :bake="side.bake"
        @lifted="(count) => running.tap(side.bake, 'PORTIONS', t('ui.tap.helpings'), { number: count })"
      />
      <VerdictForm
        v-else
        :key="side.bake.id"
        :bake-id="side.bake.id"
        :busy="false"
        :target-c="side.bake.targetC"
        @log="side.log"
        @begun="side.type"
      />
      <div class="more">
        <button class="quiet-action" @click="side.undo">
          {{ t('ui.oven.undo', { lastTap: side.lastTap }) }} <kbd>z</kbd>
        </button>
        <button class="quiet-action" @click="side.goBack('GLASSY')">
          {{ t('ui.oven.it-is-raw-inside-back') }}
        </button>
      </div>
    </div>
  </div>
</template>

<style scoped>
.serving-panel {
  display: contents;
}
.what {
  margin: 0;
  color: var(--ink-soft);
}
.serving {
  display: flex;
  justify-content: space-between;
  align-items: end;
  gap: 8px 24px;
  padding: 12px 24px 0;
}
.choose {
  display: flex;
}
.choose button {
  min-height: 72px;
  padding: 0 24px;
  border: 2px solid var(--ink);
  background: none;
  font-size: 20px;
  font-weight: 700;
}
.choose button:last-child {
  border-left: 0;
}
.choose .on {
  background: var(--ink);
  color: #fff;
}
.plate {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 10px 24px 16px;
}
.plate > .more {
  align-self: start;
  margin-top: auto;
}
@media (max-width: 900px) {
  .serving {
    flex-direction: column;
    align-items: stretch;
  }
  .choose button {
    flex: 1;
  }
}
@media (max-width: 600px) {
  .serving,
  .plate {
    padding: 10px 14px;
  }
}
</style>
