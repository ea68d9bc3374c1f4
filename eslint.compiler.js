import { transformSync } from 'oxc-transform-react';

// What the compiler of React looks for beside what it needs for compiling, as the rules for ESLint that are written in JavaScript
// have it. Those took 54 seconds for all files, these take one.
const options = {
    outputMode: 'lint',
    panicThreshold: 'none',
    reportDiagnostics: true,
    flowSuppressions: false,
    environment: {
        validateRefAccessDuringRender: true,
        validateNoSetStateInRender: true,
        validateNoSetStateInEffects: true,
        validateNoDerivedComputationsInEffects: true,
        validateNoJsxInTryStatements: true,
        validateNoImpureFunctionsInRender: true,
        validateStaticComponents: true,
        validateNoFreezingKnownMutableFunctions: true,
        validateNoVoidUseMemo: true,
        validateNoCapitalizedCalls: [],
        validateHooksUsage: true,
    },
};

/** Reports what the compiler finds wrong in components and hooks, and which of them it leaves as they are. */
const compiles = {
    meta: { type: 'problem', schema: [] },
    create: ({ filename, sourceCode, report }) => ({
        Program() {
            const bytes = Buffer.from(sourceCode.text);
            // The compiler counts in bytes, ESLint in units of UTF-16.
            const place = (at) => sourceCode.getLocFromIndex(bytes.subarray(0, at).toString().length);
            const { errors } = transformSync(filename, sourceCode.text, { reactCompiler: options });
            for (const { message, labels, helpMessage } of errors) {
                const { start, end } = labels?.[0] ?? { start: 0, end: 0 };
                const words = helpMessage ? `${message}. ${helpMessage}` : message;
                report({ loc: { start: place(start), end: place(end) }, message: words });
            }
        },
    }),
};

export default { rules: { compiles } };
