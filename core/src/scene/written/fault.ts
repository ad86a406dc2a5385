/** A fault of what an accessor holds, by the code of the Khronos glTF validator. */
export interface AccessorFault {
  code: string;
  pointer: string;
  message: string;
}

export type Fault = Omit<AccessorFault, 'pointer'>;
