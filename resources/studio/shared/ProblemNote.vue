<template>
    <ElAlert class="problem" type="error" :closable="false" role="alert"><slot /></ElAlert>
</template>
