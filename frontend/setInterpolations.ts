import { createCompoundExpression, createSimpleExpression, NodeTypes, type NodeTransform } from '@vue/compiler-core'

/** Numbers of parts, names, and what somebody typed: no figures, though they may hold a point. */
const asTyped = /(^|[.?\s])(number|serial|model|bin|id|username|name|phone|version|note|complaint|address|email)\s*$/

/**
 * Everything that a screen shows is set in the figures of the shop's country: `{{ x }}` is `{{ $shown(x) }}`. That it is
 * an expression of its own keeps the compiler from taking it for something constant.
 */
export const setInterpolations: NodeTransform = (node) => {
  if (node.type === NodeTypes.INTERPOLATION && !asTyped.test(node.content.loc.source)) {
    node.content = createCompoundExpression([createSimpleExpression('_ctx.$shown(', false), node.content, ')'])
  }
}
