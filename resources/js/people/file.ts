/** As much as the server reads. */
export const MOST_KILOBYTES = 256;

const AT_A_TIME = 8192;

/** A file as it is, byte by byte: what its letters mean is told by the server. */
export async function inBase64(file: File): Promise<string> {
    const bytes = new Uint8Array(await file.arrayBuffer());
    let text = '';
    for (let from = 0; from < bytes.length; from += AT_A_TIME) {
        text += String.fromCharCode(...bytes.subarray(from, from + AT_A_TIME));
    }
    return btoa(text);
}
