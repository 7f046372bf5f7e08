import { useKept } from '@/shared/useKept';
import type { RemovableRef } from '@vueuse/core';
import type { AirChoices, AirVehicle, Control, Drill, Help } from './api';

export interface CabChoice {
    vehicle: AirVehicle;
    sequence: AirChoices['sequences'][number];
    /** Sealed by the server. */
    faults: string;
    startPsi: number;
    help: Help;
    /** The part of the sequence that is practiced; null for all of it. */
    drill?: Drill['id'] | null;
    /** The names of its tests in their order; missing in one that an older page left. */
    steps?: string[];
    /** What may be wrong with the truck, where the student is to find out what is; empty where it is known. */
    suspects: AirChoices['faults'];
}

/** A practice under way; kept on the device, so that a reload or an empty battery ends nothing. */
export interface KeptCab {
    /** Under which the server keeps it, once; missing in one that an older page left. */
    id?: string;
    choice: CabChoice;
    /** Real time of climbing in: a device that slept has not stopped the air. */
    began: number;
    controls: Control[];
}

export const useKeptCab = (): RemovableRef<KeptCab | null> => useKept<KeptCab>('cab');
