/** Where the first chunk of a PNG, its header, ends. */
const HEADER = 33;

/** A PNG with a text in it that programs for pictures show, as an iTXt chunk after its header. */
export function withText(png: Uint8Array, keyword: string, text: string): Uint8Array<ArrayBuffer> {
  const bytes = new TextEncoder();
  const body = bytes.encode(`iTXt${keyword}\0\0\0\0\0${text}`);
  const chunk = new Uint8Array(body.length + 8);
  const view = new DataView(chunk.buffer);
  view.setUint32(0, body.length - 4);
  chunk.set(body, 4);
  view.setUint32(body.length + 4, crc(body));
  const whole = new Uint8Array(png.length + chunk.length);
  whole.set(png.subarray(0, HEADER));
  whole.set(chunk, HEADER);
  whole.set(png.subarray(HEADER), HEADER + chunk.length);
  return whole;
}

/** The check sum of a chunk, CRC-32 as the format has it. */
function crc(bytes: Uint8Array): number {
  let sum = 0xffffffff;
  for (const byte of bytes) {
    sum ^= byte;
    for (let bit = 0; bit < 8; bit++) sum = sum & 1 ? (sum >>> 1) ^ 0xedb88320 : sum >>> 1;
  }
  return (sum ^ 0xffffffff) >>> 0;
}
