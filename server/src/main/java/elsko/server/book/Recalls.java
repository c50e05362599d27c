package elsko.server.book;

import elsko.core.ledger.BoatState;
import elsko.core.ledger.circuit.CircuitState;
import elsko.server.book.LotRecall.RecalledBoat;
import elsko.server.book.LotRecall.RecalledCircuit;
import elsko.server.work.log.Folded;
import elsko.server.work.log.Log;
import elsko.server.work.search.LogSearch;
import elsko.server.work.search.LogSearch.Poured;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds every boat and circuit something of a lot went into. */
@Service
class Recalls {
  private final LogSearch search;
  private final Log log;

  Recalls(LogSearch search, Log log) {
    this.search = search;
    this.log = log;
  }

  @Transactional(readOnly = true)
  LotRecall of(String lot) {
    List<Poured> poured = search.poured(lot);
    Map<UUID, Map<String, List<Poured>>> byBoat = new LinkedHashMap<>();
    for (Poured one : poured) {
      byBoat
          .computeIfAbsent(one.boat(), boat -> new LinkedHashMap<>())
          .computeIfAbsent(one.circuit(), circuit -> new ArrayList<>())
          .add(one);
    }
    List<RecalledBoat> boats = new ArrayList<>();
    for (Folded folded : log.folded(byBoat.keySet())) {
      List<RecalledCircuit> circuits =
          byBoat.get(folded.row().id()).entrySet().stream()
              .map(in -> circuit(folded.state(), lot, in.getKey(), in.getValue()))
              .toList();
      boats.add(
          new RecalledBoat(
              folded.row().id(), folded.boat().name(), folded.state().berthName(), circuits));
    }
    boats.sort(java.util.Comparator.comparing(RecalledBoat::name));
    return new LotRecall(lot, liters(poured), boats);
  }

  private static RecalledCircuit circuit(
      BoatState state, String lot, String circuit, List<Poured> poured) {
    Poured last = poured.get(poured.size() - 1);
    CircuitState now = state.boat().hasCircuit(circuit) ? state.circuit(circuit) : null;
    boolean stillIn =
        now != null
            && now.lot() != null
            && now.lot().number().equals(lot)
            && now.contents().containsValue(CircuitState.Content.ANTIFREEZE);
    return new RecalledCircuit(
        circuit,
        now == null ? circuit : now.circuit().name(),
        liters(poured),
        last.person(),
        last.at(),
        stillIn,
        now == null ? null : now.protection());
  }

  private static double liters(List<Poured> poured) {
    return poured.stream().mapToDouble(Poured::liters).sum();
  }
}
