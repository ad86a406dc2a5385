import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import type { LayoutTrouble } from '@haveld/contract/finding';
import { drawnLayout, LAYOUT_KEY } from './use-treated';

/**
 * How a material lies on its pictures, drawn: once, on itself, mirrored, and where the tiles end.
 * @param trouble what is hatched of it, as it is lit on the model
 */
export function LayoutPicture({
  documentSha256,
  material,
  trouble = null,
}: {
  documentSha256: string;
  material: string;
  trouble?: LayoutTrouble | null;
}) {
  const drawn = useQuery(drawnLayout(documentSha256, material, trouble));
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!canvas.current || !drawn.data) return;
    const { pixels, side } = drawn.data;
    canvas.current.width = canvas.current.height = side;
    canvas.current.getContext('2d')!.putImageData(new ImageData(pixels, side, side), 0, 0);
  }, [drawn.data]);
  if (drawn.isPending) return <p className="small quiet">Drawing how “{material}” lies …</p>;
  if (!drawn.data) return <p className="small quiet">“{material}” has no UVs to draw.</p>;
  const { tiles } = drawn.data;
  return (
    <figure className="layout-picture">
      <canvas ref={canvas} role="img" aria-label={`How “${material}” lies on its pictures`} />
      <figcaption className="small">
        {material || 'faces without a material'}
        {tiles > 1 && (
          <span className="quiet">
            , {tiles} × {tiles} tiles
          </span>
        )}
      </figcaption>
    </figure>
  );
}

/** What the colours mean, once for all pictures beside it. @param isHatched true where some of them are lit */
export function LayoutLegend({ isHatched }: { isHatched: boolean }) {
  return (
    <p className="layout-legend small">
      {LAYOUT_KEY.map(({ colour, label }) => (
        <span key={label}>
          <i style={{ background: `rgb(${colour.join(' ')})` }} /> {label}
        </span>
      ))}
      {isHatched && (
        <span>
          <i className="hatched" /> affected faces
        </span>
      )}
    </p>
  );
}
