export interface Command { id: string, name: string, icon: string, keys?: string, run: () => void }

interface Doings { id: Ref<string>, onLook: () => void, onHelp: () => void, onVersions: () => void, onSave: () => void }

/** Everything that can be done from anywhere, for the finder. */
export function useQuiltCommands({ id, onLook, onHelp, onVersions, onSave }: Doings): ComputedRef<Command[]> {
  const store = useQuilt()
  const settings = useSettings()
  const colorMode = useColorMode()
  return computed(() => [
    ...STATIONS.map((station, i): Command => ({ id: station.id, name: `Go to ${station.name}`, icon: 'i-lucide-arrow-right', keys: `g ${i + 1}`, run: () => void navigateTo(`/q/${id.value}/${station.id}`) })),
    { id: 'cut-steps', name: 'Cut step by step', icon: 'i-lucide-maximize', run: () => void navigateTo(`/q/${id.value}/cut?steps`) },
    { id: 'piece-steps', name: 'Sew step by step', icon: 'i-lucide-maximize', run: () => void navigateTo(`/q/${id.value}/piece?steps`) },
    { id: 'look', name: 'Second look', icon: 'i-lucide-eye', run: onLook },
    { id: 'undo', name: store.past.length > 0 ? `Undo: ${store.past.at(-1)!.name}` : 'Undo', icon: 'i-lucide-undo-2', keys: 'Ctrl Z', run: store.undo },
    { id: 'redo', name: 'Redo', icon: 'i-lucide-redo-2', keys: 'Ctrl Shift Z', run: store.redo },
    { id: 'save', name: 'Save a copy as a file', icon: 'i-lucide-download', run: onSave },
    { id: 'versions', name: 'Earlier versions', icon: 'i-lucide-history', run: onVersions },
    { id: 'units', name: settings.units === 'in' ? 'Show centimetres' : 'Show inches', icon: 'i-lucide-ruler', run: () => settings.lengths = settings.units === 'in' ? 'cm' : 'in' },
    { id: 'light', name: colorMode.value === 'dark' ? 'Day light' : 'Evening light', icon: 'i-lucide-moon', run: () => colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark' },
    { id: 'print', name: 'Print this station', icon: 'i-lucide-printer', run: () => window.print() },
    { id: 'shelf', name: 'To the shelf', icon: 'i-lucide-library', run: () => void navigateTo('/') },
    { id: 'keys', name: 'Keys', icon: 'i-lucide-keyboard', keys: '?', run: onHelp },
  ])
}
