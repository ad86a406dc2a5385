import './picture-view.css';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';

export interface PictureViewProps {
  /** Bytes of the picture, or where they are fetched. */
  source: Blob | string;
  /** Tells one picture from another: bytes alone cannot be compared. */
  id: string;
  name: string;
}

const SIDE = 320;
const BINS = 64;
const CHANNELS = ['all', 'r', 'g', 'b', 'a'] as const;
type ShownChannel = (typeof CHANNELS)[number];

const WORDS: Record<ShownChannel, string> = { all: 'all', r: 'red', g: 'green', b: 'blue', a: 'alpha' };

/** A picture with its channels one by one, and how its brightness is spread. */
export function PictureView({ source, id, name }: PictureViewProps) {
  const [channel, setChannel] = useState<ShownChannel>('all');
  const pixels = useQuery({
    queryKey: ['pixels', id],
    queryFn: () => readPixels(source),
    staleTime: Infinity,
    gcTime: 20_000,
    retry: false,
  });
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (canvas.current && pixels.data) paint(canvas.current, pixels.data, channel);
  }, [pixels.data, channel]);
  if (pixels.error)
    return <p className="picture-none">This browser cannot draw it; the version made on the server will hold it.</p>;
  return (
    <figure className="picture-view">
      <canvas ref={canvas} role="img" aria-label={`${name}, ${WORDS[channel]}`} />
      <figcaption>
        <div className="picture-channels" role="group" aria-label="Channel">
          {CHANNELS.map((one) => (
            <button key={one} type="button" aria-pressed={channel === one} onClick={() => setChannel(one)}>
              {WORDS[one]}
            </button>
          ))}
        </div>
        {pixels.data && <Histogram bins={count(pixels.data, channel)} />}
      </figcaption>
    </figure>
  );
}

async function readPixels(source: Blob | string): Promise<ImageData> {
  const blob = typeof source === 'string' ? await (await fetch(source)).blob() : source;
  const bitmap = await createImageBitmap(blob, { premultiplyAlpha: 'none', colorSpaceConversion: 'none' });
  const scale = Math.min(1, SIDE / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  ];
  const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return context.getImageData(0, 0, width, height);
}

function paint(canvas: HTMLCanvasElement, pixels: ImageData, channel: ShownChannel): void {
  canvas.width = pixels.width;
  canvas.height = pixels.height;
  const context = canvas.getContext('2d')!;
  if (channel === 'all') return context.putImageData(pixels, 0, 0);
  const shown = new ImageData(pixels.width, pixels.height);
  const from = 'rgba'.indexOf(channel);
  for (let o = 0; o < shown.data.length; o += 4) {
    shown.data.fill(pixels.data[o + from], o, o + 3);
    shown.data[o + 3] = 255;
  }
  context.putImageData(shown, 0, 0);
}

/** Shares of the most frequent bin, 0 to 1. */
function count({ data }: ImageData, channel: ShownChannel): number[] {
  const bins = new Array<number>(BINS).fill(0);
  const from = 'rgba'.indexOf(channel);
  for (let o = 0; o < data.length; o += 4) {
    const value = channel === 'all' ? (data[o] + data[o + 1] + data[o + 2]) / 3 : data[o + from];
    bins[Math.min(BINS - 1, Math.floor((value * BINS) / 256))]++;
  }
  const most = Math.max(...bins);
  return bins.map((bin) => (most > 0 ? bin / most : 0));
}

/** By square root, so that what is rare still shows. */
function Histogram({ bins }: { bins: readonly number[] }) {
  return (
    <svg
      className="picture-histogram"
      viewBox={`0 0 ${BINS} 24`}
      preserveAspectRatio="none"
      role="img"
      aria-label="How often each brightness occurs, dark to light"
    >
      {bins.map((share, i) => (
        <rect key={i} x={i} width={0.9} y={24 - Math.sqrt(share) * 23} height={Math.sqrt(share) * 23 + 1} />
      ))}
    </svg>
  );
}
