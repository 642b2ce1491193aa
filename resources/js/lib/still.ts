import { withText } from './png';

/** px that a picture for print is wide. */
export const STILL_WIDTH = 1500;

/** px under it for the settings. */
const CAPTION = 64;

interface Still {
  readonly width: number;
  readonly height: number;
  /** Fills red, green, blue and opacity of every pixel. */
  readonly develop: (into: Uint8ClampedArray) => void;
  readonly settings: string;
  /** "drag.png" */
  readonly file: string;
}

/** A picture with its settings below and in its text, as a file for print. */
export async function saveStill({ width, height, develop, settings, file }: Still): Promise<void> {
  const canvas = new OffscreenCanvas(width, height + CAPTION);
  const context = canvas.getContext('2d');
  if (context === null) return;
  const image = context.createImageData(width, height);
  develop(image.data);
  context.fillStyle = '#fffefb';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.putImageData(image, 0, 0);
  context.fillStyle = '#1e1c19';
  context.font = '30px "Public Sans Variable", sans-serif';
  context.fillText(settings, 20, height + 42);
  const link = document.createElement('a');
  const png = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer());
  link.href = URL.createObjectURL(new Blob([withText(png, 'Description', settings)], { type: 'image/png' }));
  link.download = file;
  link.click();
  URL.revokeObjectURL(link.href);
}
