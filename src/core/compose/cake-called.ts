import { formulaOf, type Design } from '../design/design';

/** So many parts tell a cake from others; more would not fit its ladder. */
const MOST = 3;

/** What a cake is called after what is in it, its layers first: "Almond sponge + Quince curd". Empty where nothing is in it. */
export function nameOfInside(design: Design): string {
  const within = insideOf(design);
  const roles = [...within.filter((i) => i.is === 'layer'), ...within.filter((i) => i.is !== 'layer')].map(
    (i) => i.role,
  );
  const labels = [...new Set(roles)].map((role) => design.parts.find((p) => p.role === role)?.label ?? role);
  return [...new Set(labels)].slice(0, MOST).join(' + ');
}

/** What a cake is called: as the build that it began from, as long as something that lies in that lies in it. */
export function cakeCalled(design: Design, build: { name: string; design: Design } | undefined): string {
  const own = formulasInside(design);
  const isLeft = build && [...formulasInside(build.design)].some((id) => own.has(id));
  return isLeft ? build.name : nameOfInside(design) || (build?.name ?? design.name);
}

/** Soak is in any cake, and tells none from another. */
const insideOf = ({ pieces }: Design) => pieces.flatMap((p) => p.inside).filter((i) => i.is !== 'soak');

function formulasInside(design: Design): Set<string> {
  const roles = new Set(insideOf(design).map((i) => i.role));
  return new Set(design.parts.flatMap((p) => (roles.has(p.role) ? [formulaOf(p) ?? ''] : [])).filter(Boolean));
}
