package elsko.core.ledger.learned;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Follows through the log what a boat has taught of itself. What this lay-up took teaches the next.
 */
public final class LearnedFold {
  private final Map<String, List<Learned.Time>> caught = new LinkedHashMap<>();
  private final Map<String, List<Learned.Time>> took = new LinkedHashMap<>();

  /** By circuit, what went in on the card that is worked on now. */
  private final Map<String, Learned.Time> now = new LinkedHashMap<>();

  private final Set<String> notUsed = new HashSet<>();
  private @Nullable UUID card;

  public void caught(String lowPoint, double liters, Instant at) {
    caught.computeIfAbsent(lowPoint, key -> new ArrayList<>()).add(new Learned.Time(at, liters));
  }

  /** Several draws on one card are one fill. */
  public void drawn(@Nullable UUID on, String circuit, double liters, Instant at) {
    if (on == null) {
      return;
    }
    if (!on.equals(card)) {
      cardEnded();
      card = on;
    }
    now.merge(
        circuit,
        new Learned.Time(at, liters),
        (before, more) -> new Learned.Time(before.at(), before.value() + more.value()));
  }

  /** Another lay-up begins: what the last one took is known. */
  public void cardEnded() {
    now.forEach((circuit, time) -> took.computeIfAbsent(circuit, k -> new ArrayList<>()).add(time));
    now.clear();
  }

  public void used(String key, boolean used) {
    if (used) {
      notUsed.remove(key);
    } else {
      notUsed.add(key);
    }
  }

  /** Whether a number is gone by once it is known. */
  public boolean isUsed(Learned.Kind kind, String about) {
    return !notUsed.contains(Learned.key(kind, about));
  }

  public List<Learned> learned() {
    return Stream.concat(
            caught.entrySet().stream()
                .map(one -> of(Learned.Kind.CAUGHT_AT_A_DRAIN, one.getKey(), one.getValue())),
            took.entrySet().stream()
                .map(one -> of(Learned.Kind.FILL_TOOK, one.getKey(), one.getValue())))
        .filter(Objects::nonNull)
        .toList();
  }

  private @Nullable Learned of(Learned.Kind kind, String about, List<Learned.Time> seen) {
    return Learned.of(kind, about, seen, isUsed(kind, about));
  }
}
