import { withText } from './png';
import { develop, makePainter, type Picture } from './painter';

/** px of a picture for print. */
const WIDTH = 1500;

/** px under it for the settings. */
const CAPTION = 64;

/** The finished picture with its settings below and in its text, as a file for print. */
export async function saveStill(picture: Picture, share: number, settings: string): Promise<void> {
  const light = makePainter(picture, WIDTH)(share / 100, 1);
  const canvas = new OffscreenCanvas(light.width, light.height + CAPTION);
  const context = canvas.getContext('2d');
  if (context === null) return;
  const image = context.createImageData(light.width, light.height);
  develop(light, image.data);
  context.fillStyle = '#fffefb';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.putImageData(image, 0, 0);
  context.fillStyle = '#1e1c19';
  context.font = '30px "Public Sans Variable", sans-serif';
  context.fillText(settings, 20, light.height + 42);
  const link = document.createElement('a');
  const png = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer());
  link.href = URL.createObjectURL(new Blob([withText(png, 'Description', settings)], { type: 'image/png' }));
  link.download = 'drag.png';
  link.click();
  URL.revokeObjectURL(link.href);
}
