<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { useLoad } from '@/shared/useLoad';
import { readChoices } from './api';
import StartForm from './StartForm.vue';

const { loaded, again } = useLoad(readChoices);
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <StartForm :choices="data" />
        </template>
    </LoadState>
</template>
