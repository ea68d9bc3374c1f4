import type { ESLint } from 'eslint';

declare const plugin: ESLint.Plugin;
export default plugin;
