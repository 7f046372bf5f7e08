/** Where the warning on low air has to come at the latest, unless the checklist has it otherwise: 49 CFR 393.51. */
export const LOW_AIR_PSI = 55;
