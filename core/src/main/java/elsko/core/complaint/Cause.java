package elsko.core.complaint;

import org.jspecify.annotations.Nullable;

/**
 * What may lie behind a complaint.
 *
 * @param share how often it is that, of 1, where nothing speaks for or against it. Estimate
 * @param minutes to look whether it is that. Estimate
 * @param how it is looked at
 * @param guide key of a guide, {@code look} of the place on it; null where there is none
 * @param waiting what it costs if it is that and the boat goes on as it is, in the units of repair
 *     cost: an engine is 25
 * @param risk the same in a few words
 * @param first before anything else is tried, whatever the odds
 */
public record Cause(
    String key,
    String words,
    double share,
    int minutes,
    String how,
    @Nullable String guide,
    @Nullable String look,
    Work work,
    double waiting,
    String risk,
    boolean first) {

  static Cause of(String key, String words, double share, int minutes, String how) {
    return new Cause(key, words, share, minutes, how, null, null, Work.added(words), 0, "", false);
  }

  Cause at(String inGuide, String atLook) {
    return new Cause(key, words, share, minutes, how, inGuide, atLook, work, waiting, risk, first);
  }

  Cause then(Work done) {
    return new Cause(key, words, share, minutes, how, guide, look, done, waiting, risk, first);
  }

  Cause costs(double units, String what) {
    return new Cause(key, words, share, minutes, how, guide, look, work, units, what, first);
  }

  Cause beforeAll() {
    return new Cause(key, words, share, minutes, how, guide, look, work, waiting, risk, true);
  }

  Cause by(double factor) {
    return new Cause(
        key, words, share * factor, minutes, how, guide, look, work, waiting, risk, first);
  }
}
