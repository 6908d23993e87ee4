<script setup lang="ts">
import { computed } from 'vue'
import NumberField from '../../components/NumberField.vue'
import ChoiceField from '../../components/ChoiceField.vue'
import { EGGS, SALTS } from '../../messages/labels'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { choices, useWay, YES_NO } from './way'

/** The questions of a salt crust. */
const bench = useBench()
const { way, number } = useWay()
const schools = computed(
  () => bench.catalogue?.schools.map((s) => ({ value: s.school, words: s.words })) ?? [],
)
const school = computed(
  () => bench.catalogue?.schools.find((s) => s.school === way.value.school) ?? bench.catalogue?.schools[0],
)

/** Another school has its own usual thickness and cover. */
function setSchool(chosen: NonNullable<typeof way.value.school>) {
  bench.say({ school: chosen, coatMm: null, headAndTail: null })
}
</script>

<template>
  <ChoiceField
    :label="t('ui.dress.school')"
    class="asked"
    :choices="schools"
    :chosen="way.school ?? 'WET_SAND'"
    :refusal="bench.refusal('kind')"
    @choose="setSchool"
  />
  <p class="what">{{ t(`damping.${way.school ?? 'WET_SAND'}.what`) }}</p>
  <NumberField
    :label="t('ui.dress.how-thick')"
    kind="length"
    :usual="school?.usualCoatMm"
    :model-value="way.coatMm ?? null"
    :refusal="bench.refusal('coatMm')"
    @update:model-value="(mm) => number('coatMm', mm)"
  />
  <ChoiceField
    :label="t('ui.dress.salt')"
    :choices="choices(SALTS)"
    :chosen="way.salt ?? 'COARSE'"
    @choose="(salt) => bench.say({ salt })"
  />
  <ChoiceField
    v-if="school?.eggs"
    :label="t('ui.dress.eggs')"
    class="small"
    :choices="choices(EGGS)"
    :chosen="way.eggs ?? 'MEDIUM'"
    @choose="(eggs) => bench.say({ eggs })"
  />
  <ChoiceField
    :label="t('ui.dress.head-and-tail')"
    :choices="[
      { value: 'yes', words: t('ui.dress.covered') },
      { value: 'no', words: t('ui.dress.bare') },
    ]"
    :chosen="(way.headAndTail ?? school?.buries) ? 'yes' : 'no'"
    @choose="(v) => bench.say({ headAndTail: v === 'yes' })"
  />
  <ChoiceField
    :label="t('ui.dress.scales-on')"
    class="small"
    :choices="YES_NO"
    :chosen="way.scalesOn === false ? 'no' : 'yes'"
    @choose="(v) => bench.say({ scalesOn: v === 'yes' })"
  />
</template>

<style scoped>
.what {
  align-self: end;
  max-width: 30ch;
  margin: 0 0 6px;
  color: var(--ink-soft);
  font-size: 14px;
}
</style>
