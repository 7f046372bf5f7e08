import { useStorage } from '@vueuse/core';
import { watch, type Ref } from 'vue';
import { applyTokens, type Light } from './theme';

const light = useStorage<Light>('pasada-light', 'day');

watch(light, (now) => applyTokens(now === 'dusk' ? 'dusk' : 'day', document.documentElement), { immediate: true });

/** The light level the page is set for, kept on this device. */
export function useLight(): { light: Ref<Light>; turn: () => void } {
    return { light, turn: () => (light.value = light.value === 'day' ? 'dusk' : 'day') };
}
