<template>
  <div />
</template>
