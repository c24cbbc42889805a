/** Cautions, short, where they matter. Makers' instructions and local rules come first. */
export const CAUTIONS = {
  blade:
    "Close the blade each time it leaves your hand. Cut away from yourself, fingers off the ruler's edge; "
    + "turn the mat, not your arm. Used blades go into a closed box. The maker's instructions come first.",
  iron:
    'The iron, its plate and its steam burn; mind the cord, and never leave it on. '
    + "The maker's instructions come first.",
  needle:
    'Fingers away from the needle; foot off the pedal when you thread it or set it over a gauge. Whenever the '
    + 'needle is moved sideways use the zigzag plate, or it strikes the plate. Count your pins back.',
  spray: 'Spray adhesive only outdoors or well aired, away from any flame; follow the can.',
  weight: 'A heavy quilt wants a table under all of it. Rest wrists, shoulders and eyes.',
  children:
    'For babies and toddlers: no buttons, beads or ties, '
    + "and follow your country's safe-sleep guidance for soft bedding.",
} as const
