import { ref, type Ref } from 'vue';

const shown = ref<string>();

/** Since when what is on the page may be old, as an ISO time; undefined while it is fresh. */
export const useAsOf = (): Readonly<Ref<string | undefined>> => shown;

/** What is on the page came from this device, which heard it last at that time; undefined: it is fresh. */
export const showAsOf = (at: string | undefined): void => void (shown.value = at);
