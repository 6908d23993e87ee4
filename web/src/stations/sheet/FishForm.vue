<script setup lang="ts">
import { computed, ref } from 'vue'
import type { EveningFish } from '../../api/types'
import { without } from '../../api/without'
import SideDialog from '../../components/SideDialog.vue'
import TitleField from '../../components/TitleField.vue'
import { t } from '../../messages/say'
import { useBench } from '../../stores/bench'
import { useEvenings } from '../../stores/evenings'
import CourseField from './CourseField.vue'

/** A fish dish of an evening: how it is called, with which course it comes, whether it comes frozen, which ovens it may go into. */
const props = defineProps<{ fish: EveningFish }>()
const emit = defineEmits<{ keep: [fish: EveningFish]; bench: []; close: [] }>()
const evenings = useEvenings()
const bench = useBench()
const mine = ref<EveningFish>({ ...props.fish })
const shown = computed({ get: () => true, set: () => emit('close') })

const ovens = computed(() => evenings.view!.evening.ovens.map((o) => o.ovenId))
const ovenName = (id: number) => bench.allOvens.find((o) => o.id === id)?.name ?? ''
/** None named is any. */
const goes = (id: number) => !mine.value.ovenIds?.length || mine.value.ovenIds.includes(id)
function oven(id: number, it: boolean) {
  const into = ovens.value.filter((o) => (o === id ? it : goes(o)))
  if (!into.length) return
  mine.value =
    into.length === ovens.value.length ? without(mine.value, 'ovenIds') : { ...mine.value, ovenIds: into }
}
</script>

<template>
  <SideDialog v-model="shown" :title="t('ui.sheet.a-fish')" :widest="420">
    <TitleField v-model="mine.title" />
    <CourseField :course="mine.course ?? 0" @choose="(course) => (mine = { ...mine, course })" />
    <label class="tick">
      <input v-model="mine.frozen" type="checkbox" />
      {{ t('ui.sheet.comes-frozen') }}
    </label>
    <fieldset v-if="ovens.length > 1">
      <legend>{{ t('ui.sheet.goes-into') }}</legend>
      <label v-for="id in ovens" :key="id" class="tick">
        <input
          type="checkbox"
          :checked="goes(id)"
          @change="oven(id, ($event.target as HTMLInputElement).checked)"
        />
        <span data-typed>{{ ovenName(id) }}</span>
      </label>
    </fieldset>
    <div class="ends">
      <button class="main-action" :disabled="!mine.title.trim()" @click="emit('keep', mine)">
        {{ t('ui.sheet.keep') }}
      </button>
      <button class="quiet-action" @click="emit('bench')">{{ t('ui.sheet.look-on-bench') }}</button>
    </div>
  </SideDialog>
</template>

<style scoped>
.tick {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
fieldset {
  margin: 4px 0 10px;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
  color: var(--ink-soft);
  font-size: 13px;
}
.ends {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
</style>
