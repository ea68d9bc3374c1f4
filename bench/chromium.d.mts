export const chromiumOptions: { executablePath: string; args: string[] };
