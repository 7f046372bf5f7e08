import type { VehicleDocument } from './api';

type Unit = VehicleDocument['units'][number];
type Equipment = NonNullable<VehicleDocument['equipment']>[number];

const listed = <T extends string>(words: Record<T, string>): { value: T; label: string }[] =>
    (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }));

export const kinds = listed<Unit['kind']>({
    'day-cab-tractor': 'Day-cab tractor',
    'sleeper-tractor': 'Sleeper tractor',
    'straight-truck': 'Straight truck',
    bus: 'Bus',
    semitrailer: 'Semitrailer',
});

export const bodies = listed<Unit['body']>({
    none: 'None (a tractor)',
    'container-chassis': 'Container chassis',
    van: 'Van',
    refrigerated: 'Refrigerated van',
    hopper: 'Hopper',
    flatbed: 'Flatbed',
    tanker: 'Tanker',
    bus: 'Bus',
    'stake-bed': 'Stake bed',
});

export const choices = {
    drive: listed({ belt: 'by belt', gear: 'by gear' }),
    transmission: listed({ manual: 'manual', automatic: 'automatic' }),
    doors: listed({ swing: 'swing', 'roll-up': 'roll-up', none: 'none' }),
    group: listed({ steer: 'steer', drive: 'drive', trailer: 'trailer' }),
    suspension: listed({ spring: 'springs', air: 'air' }),
    brakes: listed({ drum: 'drum', disc: 'disc' }),
    wheels: listed({ single: 'single', dual: 'dual' }),
    hub: listed({ 'hub-seal': 'hub seal', 'axle-seal': 'axle seal' }),
};

export const equipment: Record<Equipment, string> = {
    'sliding-fifth-wheel': 'Sliding fifth wheel',
    'sliding-tandem': 'Sliding tandem',
    'air-horn': 'Air horn',
    'hand-valve': 'Trailer hand valve',
    'trailer-abs-lamp': 'Trailer ABS lamp',
    'hood-mirrors': 'Hood mirrors',
    fairings: 'Fairings',
    'exhaust-fluid-tank': 'DEF tank',
    'cab-guard': 'Headache rack',
    catwalk: 'Catwalk',
    'dummy-couplers': 'Dummy couplers',
    'side-doors': 'Side doors',
    'body-gear': 'Body gear',
    'spare-rack': 'Spare tire rack',
};
