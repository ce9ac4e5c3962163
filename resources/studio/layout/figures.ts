export const percent = (share: number): string => `${Math.round(100 * share)} %`;

export const kilobytes = (bytes: number): string => (bytes < 1_000_000 ? `${Math.round(bytes / 1000)} KB` : `${(bytes / 1_000_000).toFixed(1)} MB`);
