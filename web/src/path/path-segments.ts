import type { PartView, SegmentView } from '../api/client';

/** Every segment of a path, its branches one after the other. */
export function pathSegments(path: PartView[]): SegmentView[] {
  return path.flatMap((part) =>
    part.segment ? [part.segment] : (part.branches ?? []).flatMap(pathSegments),
  );
}
