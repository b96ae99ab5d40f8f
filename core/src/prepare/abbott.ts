/** Effect corrected by the control, (control − treated) / control; null where the control is 0. Source: Abbott WS (1925) J Econ Entomol 18:265–267. */
export function abbott(control: number, treated: number): number | null {
  return control === 0 ? null : (control - treated) / control;
}
