<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { newId } from '../../api/id'
import { ElInput } from 'element-plus'
import 'element-plus/es/components/input/style/css'
import ChoiceField from '../../components/ChoiceField.vue'
import NumberField from '../../components/NumberField.vue'
import * as labels from '../../messages/labels'
import { useTried } from '../../composables/tried'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useKitchen } from '../../stores/kitchen'
import { choices, useWay } from './way'

/** What it all stands in, how large that is inside, whether it is hot already, and whether they all go in. */
const bench = useBench()
const kitchen = useKitchen()
const { way, number } = useWay()
onMounted(kitchen.open)

/** The kitchen's own first, by their names; then what a vessel can be of. */
const OWN = 'own:'
const vessels = computed(() => [
  ...kitchen.vessels.map((v) => ({ value: OWN + v.id, words: v.name })),
  ...choices(labels.VESSELS),
])
const ware = computed(() => way.value.vessel ?? 'SHEET_TRAY')
const mine = computed(() =>
  kitchen.vessels.find(
    (v) =>
      v.ware === ware.value &&
      v.lengthMm === way.value.vesselLengthMm &&
      v.widthMm === way.value.vesselWidthMm,
  ),
)
function standIn(value: string) {
  const one = kitchen.vessels.find((v) => OWN + v.id === value)
  if (one) bench.say({ vessel: one.ware, vesselLengthMm: one.lengthMm, vesselWidthMm: one.widthMm })
  else bench.say({ vessel: value as typeof ware.value, vesselLengthMm: null, vesselWidthMm: null })
}

/** The one that stands there is kept under a name; its id is the same until that is answered. */
const naming = ref(false)
const name = ref('')
const { problem, tried } = useTried()
let id = newId()
async function keep() {
  const { vesselLengthMm: lengthMm, vesselWidthMm: widthMm } = way.value
  if (lengthMm === undefined || widthMm === undefined) return
  await tried(async () => {
    await kitchen.noteVessel({ id, name: name.value, ware: ware.value, lengthMm, widthMm })
    id = newId()
    naming.value = false
  })
}
</script>

<template>
  <ChoiceField
    :label="t('ui.dress.stands-in')"
    class="wide"
    :choices="vessels"
    :chosen="mine ? OWN + mine.id : ware"
    @choose="standIn"
  />
  <NumberField
    :label="t('ui.dress.vessel-long')"
    kind="length"
    :model-value="way.vesselLengthMm ?? null"
    :refusal="bench.refusal('vesselLengthMm')"
    @update:model-value="(mm) => number('vesselLengthMm', mm)"
  />
  <NumberField
    :label="t('ui.dress.and-wide')"
    kind="length"
    :model-value="way.vesselWidthMm ?? null"
    :refusal="bench.refusal('vesselWidthMm')"
    @update:model-value="(mm) => number('vesselWidthMm', mm)"
  />
  <NumberField
    :label="t('ui.dress.heated-to')"
    kind="heat"
    :model-value="way.preheatedC ?? null"
    :refusal="bench.refusal('preheatedC')"
    @update:model-value="(c) => number('preheatedC', c)"
  />
  <p v-if="bench.answer?.fit" class="fit" :class="{ short: !bench.answer.fit.enough }" role="status">
    {{ bench.answer.fit.words }}
  </p>
  <button v-if="mine" class="quiet-action" @click="tried(() => kitchen.strikeVessel(mine!.id))">
    {{ t('ui.vessel.strike-out', { name: mine.name }) }}
  </button>
  <template v-else-if="way.vesselLengthMm && way.vesselWidthMm">
    <button v-if="!naming" class="quiet-action" @click="naming = true">{{ t('ui.vessel.keep') }}</button>
    <form v-else novalidate @submit.prevent="keep">
      <label
        >{{ t('ui.vessel.name') }}
        <ElInput v-model="name" :maxlength="bench.limits?.longest.ovenName" />
      </label>
      <button class="quiet-action">{{ t('ui.vessel.note') }}</button>
    </form>
  </template>
  <p v-if="problem" class="fit short" role="alert">{{ problem }}</p>
</template>

<style scoped>
.fit {
  flex: 1 1 100%;
  margin: 0;
  color: var(--kelp);
  font-size: 14px;
}
.short {
  color: var(--danger);
}
form {
  display: flex;
  align-items: end;
  gap: 10px;
}
form label {
  color: var(--ink-soft);
  font-size: 13px;
}
.quiet-action {
  min-height: 44px;
}
</style>
