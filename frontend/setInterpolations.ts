import {
  createCompoundExpression,
  createSimpleExpression,
  NodeTypes,
  type NodeTransform,
  type SourceLocation,
} from '@vue/compiler-core'

/** Numbers of parts, names, and what somebody typed: no figures, though they may hold a point. */
const asTyped = /(^|[.?\s])(number|serial|model|bin|id|username|name|phone|version|note|complaint|address|email)\s*$/

/** Words of a template that are spelt otherwise in some countries; `src/shared/figures.ts` has them. */
const speltOtherwise = /colour|grey|centre|litre|neighbour|labour|catalogue|cancelled|labelled/i

/** Attributes that are read to people who don't see the screen, or shown on pointing at something. */
const readAloud = new Set(['aria-label', 'title', 'placeholder', 'alt'])

/**
 * Everything that a screen shows or has read is set in the figures of the shop's country: `{{ x }}` is `{{ $shown(x) }}`, and a
 * sentence of a template that holds such a word is `{{ $spelt('…') }}`. That the name of the function is an expression of
 * its own keeps the compiler from taking the whole for something constant.
 */
export const setInterpolations: NodeTransform = (node, context) => {
  if (node.type === NodeTypes.INTERPOLATION && !asTyped.test(node.content.loc.source)) {
    node.content = createCompoundExpression([createSimpleExpression('_ctx.$shown(', false), node.content, ')'])
  }
  if (node.type === NodeTypes.ELEMENT) {
    for (const prop of node.props) {
      const isRead =
        prop.type === NodeTypes.DIRECTIVE &&
        prop.name === 'bind' &&
        prop.arg?.type === NodeTypes.SIMPLE_EXPRESSION &&
        readAloud.has(prop.arg.content)
      if (isRead && prop.exp && !asTyped.test(prop.exp.loc.source)) {
        prop.exp = createCompoundExpression([createSimpleExpression('_ctx.$shown(', false), prop.exp, ')'])
      }
    }
  }
  if (node.type === NodeTypes.TEXT && speltOtherwise.test(node.content)) {
    context.replaceNode(spelt(node.content, node.loc))
  }
}

function spelt(words: string, loc: SourceLocation) {
  const call = createCompoundExpression([createSimpleExpression('_ctx.$spelt(', false), `${JSON.stringify(words)})`])
  return { type: NodeTypes.INTERPOLATION as const, content: call, loc }
}
