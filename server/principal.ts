import "server-only";

export type Role = "keeper";

/** Who acts. Until accounts come there is one keeper, reached over loopback only. */
export interface Principal {
  actor: string;
  role: Role;
}

export function principal(): Principal {
  return { actor: "keeper", role: "keeper" };
}
