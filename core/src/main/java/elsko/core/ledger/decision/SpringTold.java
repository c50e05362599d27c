package elsko.core.ledger.decision;

import elsko.core.boat.Boat;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.circuit.Protection;
import elsko.core.ledger.fact.Corrections;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.Procedure;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * What a commissioning found of a circuit, beside what had been claimed of it through the winter.
 *
 * @param claimed what it stood as when its commissioning card was opened
 * @param found what whoever looked for frost's doings found; their last word on that card
 */
public record SpringTold(
    UUID card, String circuit, String name, Protection claimed, FrostFinding found, Instant at) {

  /** How a claim and what was found go together. */
  public enum Outcome {
    /** It was called safe, and nothing was broken. */
    HELD,
    /** It was called safe, and something was broken. */
    MISSED,
    /** It was not called safe, and something was broken. */
    WARNED,
    /** It was not called safe, and nothing was broken. */
    LUCKY
  }

  public Outcome outcome() {
    boolean whole = found == FrostFinding.NOTHING;
    if (claimed.isSafe()) {
      return whole ? Outcome.HELD : Outcome.MISSED;
    }
    return whole ? Outcome.LUCKY : Outcome.WARNED;
  }

  /** Every circuit of a boat that was looked at on a commissioning card, oldest first. */
  public static List<SpringTold> of(Boat boat, ProofRules rules, List<Entry> log) {
    if (log.stream().noneMatch(entry -> entry.fact().is(Fact.FrostLooked.class))) {
      return List.of();
    }
    Ledger ledger = new Ledger(boat, rules);
    Map<UUID, Map<String, Protection>> claims = new HashMap<>();
    Map<String, SpringTold> told = new LinkedHashMap<>();
    for (Entry entry : Corrections.applied(log)) {
      Fact.CardOpened opened = entry.fact().as(Fact.CardOpened.class);
      if (opened != null && opened.procedure() == Procedure.COMMISSION) {
        claims.put(entry.card(), claims(ledger.state()));
      }
      Map<String, Protection> claimed = claims.get(entry.card());
      Fact.FrostLooked looked = entry.fact().as(Fact.FrostLooked.class);
      if (claimed != null && looked != null && claimed.containsKey(looked.circuit())) {
        String key = entry.card() + looked.circuit();
        SpringTold before = told.get(key);
        // A crack that was mended and looked at again was a crack.
        FrostFinding found =
            before == null || before.found() == FrostFinding.NOTHING
                ? looked.found()
                : before.found();
        told.put(
            key,
            new SpringTold(
                entry.card(),
                looked.circuit(),
                boat.circuit(looked.circuit()).name(),
                claimed.get(looked.circuit()),
                found,
                entry.happened()));
      }
      ledger.add(entry);
    }
    return new ArrayList<>(told.values());
  }

  private static Map<String, Protection> claims(BoatState state) {
    Map<String, Protection> claims = new HashMap<>();
    state.circuits().forEach(c -> claims.put(c.circuit().key(), c.protection()));
    return claims;
  }
}
