import { blockFromSvg } from '~~/core/drafting/blockSvg'

// a stranger's drawing is read where it can hold up nothing
addEventListener('message', ({ data }: MessageEvent<string>) => postMessage(blockFromSvg(data)))
