/** The bytes of count-kernel.wat, base 64. Written by measures/tuning/write-count-kernel.ts (`npm run tune kernel`). */
export const COUNT_KERNEL =
  'AGFzbQEAAAABCAFgA39/fwF/AhMBB2xpYnJhcnkGbWVtb3J5AgABAwIBAAcJAQVjb3VudAAACl4BXAIBewF/IAAgAmohBAJAA0AgACAETw0BIAMgAP0ABAAgAf0ABAD9Tv1i/X39f/2uASEDIABBEGohACABQRBqIQEMAAsLIAP9GwAgA/0bAWogA/0bAiAD/RsDamoL';
