import type { StageInput } from '../../api/types'
import { ADDED } from '../../messages/labels'
import { t } from '../../messages/say'

/** What a stage is called. */
export function stageWords(stage: StageInput): string {
  switch (stage.stage) {
    case 'BAKE':
      return t('ui.stages.bake')
    case 'GRILL':
      return t('ui.stages.grill')
    case 'HOB':
      return t('ui.stages.hob')
    case 'UNCOVER':
      return t('ui.stages.uncover')
    case 'ADD':
      return ADDED[stage.what!]
    default:
      return t('ui.stages.turn')
  }
}
