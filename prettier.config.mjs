/** One shape for all code: lines of at most 120 characters, as the linter asks. */
export default {
  printWidth: 120,
  semi: false,
  singleQuote: true,
  arrowParens: 'avoid',
  quoteProps: 'consistent',
  experimentalOperatorPosition: 'start',
  htmlWhitespaceSensitivity: 'css',
}
