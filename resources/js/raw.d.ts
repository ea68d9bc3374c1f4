/** Texts of the repository that the interface shows as they are. */
declare module '*.md?raw' {
    const text: string;
    export default text;
}
