/**
 * Roughness of a Phong exponent: n = 2/α² − 2 with α = roughness² (Walter et al. 2007, "Microfacet Models for Refraction",
 * section 5.2, and glTF 2.0 appendix B.2.3 for α).
 * @param exponent `Ns`, `Shininess`: 0 and up
 */
export function roughnessFromPhongExponent(exponent: number): number {
  return (2 / (Math.max(0, exponent) + 2)) ** 0.25;
}

/** sRGB to linear (IEC 61966-2-1): older formats state colours as they look, glTF factors are linear. */
export function toLinear(value: number): number {
  const v = clampUnit(value);
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
}

export const clampUnit = (value: number): number => Math.min(1, Math.max(0, value));
