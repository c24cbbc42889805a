import { readDesign } from '~~/core/drafting/blockJson'
import { blockFromSvg } from '~~/core/drafting/blockSvg'

/** A block as it was saved begins with a bracket; anything else is taken for a drawing. */
const IS_JSON = /^\uFEFF?\s*[{[]/

// a stranger's drawing is read where it can hold up nothing
addEventListener('message', ({ data }: MessageEvent<string>) =>
  postMessage(IS_JSON.test(data.slice(0, 200)) ? readDesign(data) : blockFromSvg(data)),
)
