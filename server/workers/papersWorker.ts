/** In a thread, so that the server answers others meanwhile. */
export { makePapers as default } from '../../papers/makePapers'
