import { Box3, BufferAttribute, BufferGeometry, DoubleSide, Group, Mesh, ShaderMaterial, type IUniform } from 'three';

/** Our mark of what is meant: hatched, so that it is told without its colour; faint where something stands before it. */
const HATCH = {
  vertexShader: 'void main() { gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0); }',
  fragmentShader: `
    uniform float strength;
    void main() {
      bool isInk = mod(gl_FragCoord.x - gl_FragCoord.y, 11.0) < 4.5;
      gl_FragColor = isInk ? vec4(0.42, 0.24, 0.02, 0.95 * strength) : vec4(0.95, 0.69, 0.24, 0.72 * strength);
    }`,
};

/** Lights faces up. @param faces xyz a corner, three corners a triangle, in the space of the model */
export function createLitFaces(faces: Float32Array): { mark: Group; box: Box3 } {
  const geometry = new BufferGeometry().setAttribute('position', new BufferAttribute(faces, 3));
  const mark = new Group();
  mark.name = 'haveld-lit';
  mark.add(createLayer(geometry, 0.3, false), createLayer(geometry, 1, true));
  return { mark, box: new Box3().setFromArray(faces) };
}

/** @param isHidden true where what stands before it hides it */
export function createHatch(strength: number, isHidden: boolean): ShaderMaterial {
  const uniforms: Record<string, IUniform<number>> = { strength: { value: strength } };
  return new ShaderMaterial({
    ...HATCH,
    uniforms,
    transparent: true,
    side: DoubleSide,
    depthTest: isHidden,
    depthWrite: false,
    polygonOffset: true,
    polygonOffsetFactor: -2,
    polygonOffsetUnits: -2,
  });
}

function createLayer(geometry: BufferGeometry, strength: number, isHidden: boolean): Mesh {
  const layer = new Mesh(geometry, createHatch(strength, isHidden));
  layer.name = 'haveld-lit-faces';
  layer.renderOrder = isHidden ? 4 : 3;
  layer.frustumCulled = false;
  return layer;
}
