/** Bytes as the body of a call: the description of the interface knows them as a string; they go out as they are. */
export const rawBody = (
    bytes: ArrayBuffer,
): { body: string; headers: Record<string, string>; bodySerializer: () => ArrayBuffer } => ({
    body: '',
    headers: { 'Content-Type': 'application/octet-stream' },
    bodySerializer: () => bytes,
});
