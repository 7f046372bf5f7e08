const listed = <T extends string>(words: Record<T, string>): { value: T; label: string }[] =>
    (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }));

/** What an axle, a drive or a door may be; units and equipment are told by the server. */
export const choices = {
    drive: listed({ belt: 'by belt', gear: 'by gear' }),
    transmission: listed({ manual: 'manual', automatic: 'automatic' }),
    doors: listed({ swing: 'swing doors', 'roll-up': 'roll-up door', none: 'no rear doors' }),
    group: listed({ steer: 'steer', drive: 'drive', trailer: 'trailer' }),
    suspension: listed({ spring: 'springs', air: 'air bags' }),
    brakes: listed({ drum: 'drum', disc: 'disc' }),
    wheels: listed({ single: 'single', dual: 'dual' }),
    hub: listed({ 'hub-seal': 'hub seal', 'axle-seal': 'axle seal' }),
};
