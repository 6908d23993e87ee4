<script setup lang="ts">
import { TARGETS } from '../../messages/labels'
import { t } from '../../messages/say'
import { minutesInWords } from '../../messages/time'
import { useRunning } from '../../stores/running'
import LookPanel from './LookPanel.vue'
import type { Busy } from './ovenSide'
import VerdictForm from './VerdictForm.vue'

/** What can be tapped now: the one main thing first, then the look, the oven, undo; beside it the cues or how it was. */
defineProps<{ side: Busy }>()
const emit = defineEmits<{ oven: [] }>()

const running = useRunning()
</script>

<template>
  <section class="taps" :class="[{ checking: side.checking }, side.moment.phase.toLowerCase()]">
    <div class="first" :class="{ out: side.isOut }">
      <button v-if="side.phase === 'WAIT'" class="main-action knuckle" @click="side.goIn">
        {{ t('ui.oven.it-goes-in-now') }} <kbd>{{ t('ui.oven.enter') }}</kbd>
      </button>
      <button v-else-if="side.phase === 'STEP'" class="main-action knuckle" @click="side.stepDone">
        {{ t('ui.oven.done') }} <kbd>{{ t('ui.oven.enter') }}</kbd>
      </button>
      <button v-else-if="side.phase === 'CRACK'" class="main-action knuckle" @click="side.crack">
        {{ t('ui.oven.it-is-cracked') }} <kbd>{{ t('ui.oven.enter') }}</kbd>
      </button>
      <template v-else-if="side.phase === 'PUT_BACK'">
        <button class="main-action knuckle" @click="side.goBack()">
          {{ t('ui.oven.it-is-back-in') }} <kbd>{{ t('ui.oven.enter') }}</kbd>
        </button>
        <button
          v-for="target in side.bake.lacks?.lower"
          :key="target"
          class="plain knuckle"
          @click="side.lower(target)"
        >
          {{ t('ui.oven.serve-it', { target: TARGETS[target] }) }}
        </button>
      </template>
      <button v-else-if="side.phase === 'FORGOTTEN'" class="main-action knuckle" @click="side.close">
        {{ t('ui.oven.close-it-forgotten') }} <kbd v-if="!side.isOut">{{ t('ui.oven.enter') }}</kbd>
      </button>
      <button
        v-if="!side.isOut && side.phase !== 'WAIT'"
        class="main-action knuckle"
        :class="{ second: ['SHUT', 'STEP', 'FORGOTTEN'].includes(side.moment.phase) }"
        @click="side.takeOut"
      >
        {{ t('moment.take-out') }}
        <kbd v-if="side.phase !== 'STEP' && side.phase !== 'FORGOTTEN'">{{ t('ui.oven.enter') }}</kbd>
      </button>
      <button
        v-if="side.phase === 'REST' && side.bake.moments.some((m) => m.phase === 'CRACK')"
        class="plain knuckle"
        @click="side.crack"
      >
        {{ t('ui.oven.crack-it-already') }}
      </button>
      <button v-if="side.layout === 'REST'" class="plain knuckle" @click="side.goBack('GLASSY')">
        {{ t('ui.oven.it-is-raw-back-in') }}
      </button>
      <button v-if="side.phase === 'SERVE' && side.carves" class="plain knuckle" @click="side.carve">
        {{ t('ui.oven.carve-it') }}
      </button>
      <button v-if="side.phase === 'REST' && !side.judging" class="plain knuckle" @click="side.judge(true)">
        {{ t('ui.oven.how-was-it') }}
      </button>
      <div class="more">
        <button v-if="!side.isOut && !side.bake.held && !side.checking" class="plain" @click="side.look()">
          {{ t('ui.oven.look-now') }} <kbd>l</kbd>
        </button>
        <button
          v-if="!side.isOut && !side.bake.held && side.stillIn > 1"
          class="plain"
          @click="side.takeOneOut"
        >
          {{ t('ui.oven.one-piece-out') }}
        </button>
        <button v-if="!side.isOut && !side.bake.held" class="plain" @click="emit('oven')">
          {{ t('ui.oven.the-oven') }}
        </button>
        <button v-if="side.phase === 'PUT_BACK'" class="plain" @click="side.judge(!side.judging)">
          {{ side.judging ? t('ui.oven.what-do-you-see') : t('ui.oven.it-stays-out') }}
        </button>
        <button class="quiet-action" @click="side.undo">
          {{
            side.lastTap ? t('ui.oven.undo', { lastTap: side.lastTap }) : t('ui.oven.it-never-went-in-undo')
          }}
          <kbd>z</kbd>
        </button>
      </div>
    </div>
    <LookPanel
      v-if="side.checking || (side.phase === 'PUT_BACK' && !side.judging)"
      :bake="side.bake"
      @seen="(cue) => running.tap(side.bake, 'CUE', t('label.tap.CUE'), { cue })"
      @read="(celsius) => running.tap(side.bake, 'READ', t('ui.tap.reading'), { celsius })"
    />
    <VerdictForm
      v-else-if="
        ((side.layout === 'REST' || side.layout === 'PUT_BACK') && side.judging) ||
        (side.phase === 'FORGOTTEN' && side.isOut)
      "
      :key="side.bake.id"
      :bake-id="side.bake.id"
      :busy="false"
      :target-c="side.bake.targetC"
      @log="side.log"
      @begun="side.type"
    />
    <p v-else-if="!side.isOut && !side.bake.held && side.phase !== 'FORGOTTEN'" class="advice">
      {{ t('ui.oven.check-from-min-an-early', { checkFrom: minutesInWords(side.bake.window.checkFromMin) }) }}
    </p>
  </section>
</template>

<style scoped>
.taps {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  align-items: start;
  gap: 6px 24px;
  padding: 12px 24px 16px;
  border-top: 1px solid var(--rule);
}
.taps.checking,
.taps.put_back {
  grid-template-columns: 320px minmax(0, 1fr);
}
.first {
  display: grid;
  gap: 8px;
}
.second {
  min-height: 72px;
  background: none;
  border: 2px solid var(--clay);
  color: var(--clay);
}
.second kbd {
  border-color: currentcolor;
  color: inherit;
}
.second:hover {
  color: #fff;
}
.first.out {
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
}
.first.out .main-action {
  grid-column: 1 / -1;
}
.advice {
  margin: 0;
  color: var(--ink-soft);
}
@media (max-width: 900px) {
  .taps,
  .taps.checking,
  .taps.put_back {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 600px) {
  .taps.checking:not(.take_out) .first {
    order: 1;
  }
  .taps {
    padding: 10px 14px;
  }
}
</style>
