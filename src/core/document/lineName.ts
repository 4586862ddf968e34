import type { Preparation } from './document';

/** Name of a line's substance, with the line's role where several lines are of the same substance. */
export function lineName({ lines, substances }: Preparation, id: string): string {
  const line = lines.find((one) => one.id === id);
  if (!line) return id;
  const name = substances.find((one) => one.id === line.substance)?.name ?? id;
  const alone = lines.every((other) => other === line || other.substance !== line.substance);
  return alone ? name : `${name} (${line.role})`;
}
