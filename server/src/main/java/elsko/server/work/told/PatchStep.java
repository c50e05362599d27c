package elsko.server.work.told;

import org.jspecify.annotations.Nullable;

/**
 * One change to a JSON document, as a step of a JSON Patch (RFC 6902).
 *
 * @param path where, as a JSON Pointer (RFC 6901)
 * @param value what stands there then; not said where something is taken out
 */
public record PatchStep(Op op, String path, @Nullable Object value) {
  /** What is done there, as it is written in a patch. */
  public enum Op {
    add,
    remove,
    replace
  }
}
