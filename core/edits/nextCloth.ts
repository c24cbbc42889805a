import { colourDistance } from '../measure/lightness'

/** A cloth as it is first written down. */
export interface FreshCloth {
  name: string
  colour: string
}

/** Cloths to begin with, of the small railway's stores: dark and light, warm and cool. */
const STORES: readonly FreshCloth[] = [
  { name: 'Soot', colour: '#26282b' },
  { name: 'Timetable cream', colour: '#f3e7cd' },
  { name: 'Signal red', colour: '#a8402c' },
  { name: 'Brass', colour: '#c9973a' },
  { name: 'Verge green', colour: '#5b744c' },
  { name: 'Night mail', colour: '#2f4470' },
  { name: 'Platform grey', colour: '#8d8d8f' },
  { name: 'Steam', colour: '#dfe3e4' },
  { name: 'Ticket pink', colour: '#d98f8a' },
  { name: 'Lineside heather', colour: '#7f5f86' },
  { name: 'Carriage teal', colour: '#2f6f73' },
  { name: 'Lamp glow', colour: '#eec25f' },
  { name: 'Sleeper brown', colour: '#6b4a35' },
  { name: 'Cutting sky', colour: '#8fb3cc' },
  { name: 'Bramble', colour: '#5a2a3c' },
  { name: 'Young bracken', colour: '#a9b665' },
]

/** Of cloths whose name nobody bears yet the one that looks least like those there. */
export function nextCloth(cloths: readonly FreshCloth[]): FreshCloth {
  const taken = new Set(cloths.map(({ name }) => name.toLowerCase()))
  const free = STORES.filter(({ name }) => !taken.has(name.toLowerCase()))
  const apart = ({ colour }: FreshCloth) =>
    Math.min(Infinity, ...cloths.map(other => colourDistance(colour, other.colour)))
  const best = (free.length > 0 ? free : STORES).reduce((a, b) => (apart(b) > apart(a) ? b : a))
  return free.length > 0 ? best : { ...best, name: `Cloth ${cloths.length + 1}` }
}
