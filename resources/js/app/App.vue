<script setup lang="ts">
import { NConfigProvider } from 'naive-ui';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import TopBar from './TopBar.vue';
import { naiveOverrides } from '@/shared/light/theme';
import { useLight } from '@/shared/light/useLight';

const route = useRoute();
const { light } = useLight();
const overrides = computed(() => naiveOverrides(light.value));
</script>

<template>
    <NConfigProvider :theme-overrides="overrides" preflight-style-disabled>
        <TopBar v-if="route.meta.bare !== true" />
        <RouterView />
    </NConfigProvider>
</template>
