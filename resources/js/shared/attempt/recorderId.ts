import { useSessionStorage } from '@vueuse/core';
import { v4 } from 'uuid';
import type { Ref } from 'vue';

/** Tells this page's marks and sound from another's: one clock, one order. */
export const useRecorderId = (): Ref<string> => useSessionStorage('pasada-recorder', v4());
