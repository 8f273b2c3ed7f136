/** Custom properties a drawing uses; a picture taken out of the page must carry their values. */
const VARIABLE = /var\((--[a-z0-9-]+)\)/g;

/** A drawing as a file of its own: colours written out, nothing left that only the page knows. */
export function svgText(svg: SVGSVGElement): string {
  const style = getComputedStyle(svg);
  const copy = svg.cloneNode(true) as SVGSVGElement;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(svg.clientWidth));
  copy.setAttribute('height', String(svg.clientHeight));
  return new XMLSerializer()
    .serializeToString(copy)
    .replace(VARIABLE, (_, name: string) => resolved(style.getPropertyValue(name).trim(), svg));
}

/** A colour as the browser computes it: mixes of colours are not for other programs. */
function resolved(value: string, near: Element): string {
  if (!value.startsWith('color-mix')) return value.replace(/"/g, "'");
  const probe = document.createElement('span');
  probe.style.color = value;
  near.parentElement?.append(probe);
  const colour = getComputedStyle(probe).color;
  probe.remove();
  return colour;
}

const PNG_SCALE = 2;

/** The drawing as a PNG, on the colour of the page. */
export async function pngOf(svg: SVGSVGElement): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(svg))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [svg.clientWidth * PNG_SCALE, svg.clientHeight * PNG_SCALE];
  const context = canvas.getContext('2d')!;
  context.fillStyle = getComputedStyle(svg).getPropertyValue('--sheet') || '#fff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) =>
    canvas.toBlob((blob) => (blob ? done(blob) : failed(new Error('no picture'))), 'image/png'),
  );
}
