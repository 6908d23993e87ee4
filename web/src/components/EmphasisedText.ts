import { type FunctionalComponent, h } from 'vue'
import { emphasised } from '../messages/say'

/** A sentence of the catalogue of which something is printed bold, wherever its language has that. */
const EmphasisedText: FunctionalComponent<{ said: string }> = ({ said }) =>
  emphasised(said).map((part, i) => (i % 2 ? h('b', part) : part))
EmphasisedText.props = ['said']

export default EmphasisedText
