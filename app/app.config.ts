// The parts of the kit as Wren wears them; what `button`, `field` and the like look like stands in assets/wren.css.
export default defineAppConfig({
  ui: {
    button: {
      slots: { base: 'button', label: 'whitespace-normal' },
      variants: {
        variant: { solid: 'act', ghost: 'quiet' },
        size: { xl: { base: 'big' } },
        square: { true: 'icon' },
      },
      defaultVariants: { color: 'neutral', variant: 'outline' },
    },
    input: { slots: { root: 'w-full', base: 'field' }, defaultVariants: { color: 'neutral' } },
    textarea: { slots: { root: 'w-full', base: 'field lines' }, defaultVariants: { color: 'neutral' } },
    checkbox: {
      slots: {
        root: 'min-h-11 items-center',
        base: 'rounded-[6px] ring-2 ring-soft bg-paper cursor-pointer',
        indicator: 'bg-madder text-(--on-madder)',
        label: 'font-normal text-ink cursor-pointer',
      },
      variants: { size: { md: { container: 'h-6', base: 'size-6', icon: 'size-5', wrapper: 'text-base' } } },
      defaultVariants: { color: 'neutral' },
    },
    radioGroup: {
      slots: {
        item: 'min-h-11 items-center cursor-pointer',
        base: 'bg-paper ring-2 ring-soft cursor-pointer',
        label: 'font-normal text-ink cursor-pointer',
      },
      variants: {
        color: { neutral: { indicator: 'bg-madder' } },
        variant: { card: { fieldset: 'grid grid-cols-2 gap-1.5', item: 'radio-card' } },
        orientation: { horizontal: { fieldset: 'gap-x-5' } },
        indicator: { hidden: { wrapper: 'items-start text-start' } },
        size: {
          md: {
            legend: 'label text-base font-semibold',
            item: 'text-base',
            base: 'size-6',
            indicator: 'after:size-2.5',
          },
        },
        disabled: { true: { item: 'text-soft' } },
      },
      defaultVariants: { color: 'neutral' },
    },
    tabs: {
      slots: { root: 'items-start', label: 'whitespace-normal text-start' },
      variants: {
        variant: {
          pill: {
            list: 'flex-wrap gap-2 rounded-none bg-transparent p-0',
            trigger: 'button tab grow-0 text-ink data-[state=inactive]:text-ink',
            indicator: 'hidden',
          },
        },
        size: { md: { trigger: 'px-3 text-base gap-2' } },
      },
      defaultVariants: { color: 'neutral' },
    },
    dropdownMenu: {
      slots: {
        content: 'z-[60] min-w-48 border border-line bg-paper text-ink shadow-(--shade) ring-0',
        item: 'min-h-11 items-center gap-3 rounded-md px-3 text-base cursor-pointer data-highlighted:before:bg-linen',
        itemLeadingIcon: 'size-5 text-ink',
        itemLabel: 'text-ink',
      },
      variants: { size: { md: { item: 'px-3 text-base', itemLeadingIcon: 'size-5' } } },
    },
    commandPalette: {
      slots: {
        root: 'divide-y-0 gap-2',
        input: 'sticky top-0 z-10 bg-paper py-1',
        content: 'overflow-visible',
        viewport: 'overflow-visible',
        item: 'min-h-12 items-center gap-3 px-3 text-base cursor-pointer data-highlighted:before:bg-linen',
        itemLeadingIcon: 'size-5 text-ink',
        itemLabel: 'whitespace-normal text-ink',
        itemLabelBase: 'text-ink',
        itemTrailingKbds: 'inline-flex',
        empty: 'p-4 text-base text-soft',
      },
      variants: { size: { md: { item: 'text-base' } } },
    },
    kbd: { base: 'note h-auto min-w-0 bg-transparent px-1 font-sans text-base ring-0' },
    select: {
      slots: {
        base: 'field list',
        content: 'z-[60] max-h-80 border border-line bg-paper text-ink shadow-(--shade) ring-0',
        item: 'min-h-11 items-center rounded-md px-3 text-base data-highlighted:before:bg-linen',
        itemLabel: 'whitespace-normal',
        value: 'block truncate text-ink',
        placeholder: 'block truncate text-soft',
      },
      variants: { size: { md: { item: 'px-3 text-base' } } },
      defaultVariants: { color: 'neutral' },
    },
  },
})
