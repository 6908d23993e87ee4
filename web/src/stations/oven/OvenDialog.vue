<script setup lang="ts">
import { t } from '../../messages/say'
import { computed, ref } from 'vue'
import type { Bake, TapDetail, TapKind } from '../../api/types'
import { useUnits } from '../../messages/units'
import SideDialog from '../../components/SideDialog.vue'

/** What the oven did other than planned. One tap each; every one re-times the bake at once. */
const shown = defineModel<boolean>({ required: true })
const props = defineProps<{ bake: Bake; minute: number }>()
const emit = defineEmits<{ tap: [kind: TapKind, words: string, detail: TapDetail] }>()

/** So early somebody may still say that it was not hot, min. */
const EARLY_MIN = 12

const units = useUnits()
const unit = computed(() => units.unit('heat'))
const dial = ref(props.bake.dialC)
const air = ref(150)
const step = (celsius: number, by: number) => unit.value.to(unit.value.from(celsius) + by * unit.value.step)

function say(kind: TapKind, words: string, detail: TapDetail = {}) {
  emit('tap', kind, words, detail)
  shown.value = false
}
</script>

<template>
  <SideDialog
    v-model="shown"
    :title="t('ui.oven-dialog.what-happened', { ovenName: bake.ovenName })"
    :widest="560"
  >
    <div class="rows">
      <section>
        <p>
          <b>{{ t('ui.oven-dialog.the-door-was-open') }}</b>
        </p>
        <div class="choices">
          <button @click="say('DOOR', t('ui.oven.door-open'), { number: 15 })">
            {{ t('ui.oven-dialog.a-look') }}
          </button>
          <button @click="say('DOOR', t('ui.oven.door-open'), { number: 30 })">
            {{ t('ui.oven-dialog.half-a-minute') }}
          </button>
          <button @click="say('DOOR', t('ui.oven.door-open'), { number: 120 })">
            {{ t('ui.oven-dialog.two-minutes') }}
          </button>
        </div>
      </section>
      <section>
        <p>
          <b>{{ t('ui.oven-dialog.the-dial-was-turned') }}</b> {{ t('ui.oven-dialog.to') }}
        </p>
        <div class="choices">
          <button :aria-label="t('ui.oven-dialog.lower')" @click="dial = units.turned(dial, -1)">−</button>
          <output>{{ units.dial(dial) }}</output>
          <button :aria-label="t('ui.oven-dialog.higher')" @click="dial = units.turned(dial, 1)">+</button>
          <button
            class="go"
            :disabled="Math.round(dial) === Math.round(bake.dialC)"
            @click="say('DIAL', t('ui.oven.dial-turned'), { celsius: dial })"
          >
            {{ t('ui.oven-dialog.turned') }}
          </button>
        </div>
      </section>
      <section v-if="minute < EARLY_MIN">
        <p>
          <b>{{ t('ui.oven-dialog.it-was-not-hot-yet') }}</b> {{ t('ui.oven-dialog.when-the-fish-went-in') }}
        </p>
        <div class="choices">
          <button :aria-label="t('ui.oven-dialog.colder')" @click="air = step(air, -2)">−</button>
          <output>{{ units.degrees(air) }}</output>
          <button :aria-label="t('ui.oven-dialog.warmer')" @click="air = step(air, 2)">+</button>
          <button class="go" @click="say('NOT_HOT', t('ui.tap.not-hot'), { celsius: air })">
            {{ t('ui.oven-dialog.re-time-it') }}
          </button>
        </div>
        <button class="wait" @click="say('HELD', t('ui.oven.waits-outside'))">
          {{ t('ui.oven-dialog.it-waits-outside-until-the') }}
        </button>
      </section>
    </div>
  </SideDialog>
</template>

<style scoped>
.rows {
  display: grid;
  gap: 14px;
}
p {
  margin: 0 0 6px;
  font-size: 17px;
}
.choices {
  display: flex;
  align-items: center;
  gap: 10px;
}
button {
  min-width: 72px;
  min-height: 72px;
  padding: 0 14px;
  border: 2px solid #a9a695;
  border-radius: 6px;
  background: #fff;
  font-size: 18px;
  font-weight: 700;
}
.choices button:not([aria-label]) {
  flex: 1;
}
.go {
  border-color: var(--clay) !important;
  background: var(--clay);
  color: #fff;
}
.go:disabled {
  border-color: #6d7376 !important;
  background: #6d7376;
}
.wait {
  width: 100%;
  margin-top: 10px;
}
output {
  min-width: 84px;
  font: 700 28px var(--figures);
  text-align: center;
}
</style>
