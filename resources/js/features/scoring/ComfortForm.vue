<script setup lang="ts">
import { useLight } from '@/shared/light/useLight';
import { computed } from 'vue';
import type { Comfort } from './useComfort';

/* How this user wants the screen on this device. */
const props = defineProps<{ comfort: Comfort }>();
const emit = defineEmits<{ change: [change: Partial<Comfort>] }>();
const { light, turn } = useLight();

const switches = computed(() => [
    {
        id: 'hand',
        label: props.comfort.hand === 'left' ? 'Left-handed' : 'Right-handed',
        act: (): void => emit('change', { hand: props.comfort.hand === 'left' ? 'right' : 'left' }),
    },
    {
        id: 'size',
        label: props.comfort.size === 'big' ? 'Large' : 'Normal size',
        act: (): void => emit('change', { size: props.comfort.size === 'big' ? 'usual' : 'big' }),
    },
    {
        id: 'shake',
        label: props.comfort.shake ? 'Vibration on' : 'Vibration off',
        act: (): void => emit('change', { shake: !props.comfort.shake }),
    },
    {
        id: 'tick',
        label: props.comfort.tick ? 'Sound on' : 'Sound off',
        act: (): void => emit('change', { tick: !props.comfort.tick }),
    },
    { id: 'light', label: light.value === 'day' ? 'Day mode' : 'Night mode', act: turn },
]);
</script>

<template>
    <div class="switches" aria-label="How the screen is set">
        <button v-for="one in switches" :key="one.id" type="button" :data-comfort="one.id" @click="one.act">
            {{ one.label }}
        </button>
    </div>
</template>

<style scoped>
.switches {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-3);
}
button {
    min-height: 48px;
    padding: 0 var(--space-5);
    background: none;
    border: 2px dashed var(--quiet);
    border-radius: var(--round-middle);
    cursor: pointer;
}
</style>
