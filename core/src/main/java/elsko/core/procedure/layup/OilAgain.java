package elsko.core.procedure.layup;

import elsko.core.ledger.CardProgress;
import elsko.core.ledger.engine.EngineRun;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.Cautions;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.OnCircuit;
import java.util.List;

/** Started since its cylinders were oiled for the winter: they are oiled again, last of all. */
public final class OilAgain {
  public static final String KEY = "oil-again";

  private OilAgain() {}

  public static List<Step> steps(CardRequest request) {
    return request.circuits().stream()
        .filter(OnCircuit::isEngine)
        .filter(on -> isCalledFor(request, on))
        .map(OilAgain::step)
        .toList();
  }

  private static boolean isCalledFor(CardRequest request, OnCircuit on) {
    EngineRun run = request.state().runs().get(on.engine());
    boolean begun = !request.progress().step(on.key(KEY)).entries().isEmpty();
    boolean undone = run != null && run.cylinders() != null && run.cylinders().undone();
    return begun || undone && !isAskedOnTheService(request, on);
  }

  /** Where the lay-up service still asks for it, once is enough. */
  private static boolean isAskedOnTheService(CardRequest request, OnCircuit on) {
    CardProgress service = request.state().openCard(Procedure.LAY_UP_SERVICE);
    return service != null && !service.isSettled(on.key(LayUpServiceCard.PLUGS));
  }

  private static Step step(OnCircuit on) {
    return on.step(KEY, "Oil the cylinders again")
        .how(
            "It was started since they were oiled. Fog, or a teaspoon of oil in each, turned by hand. No start"
                + " after it.")
        .why("Bare cylinder walls rust in one winter; a start wipes the oil off them.")
        .tools(List.of("plug socket", "fogging oil"))
        .hazards(Cautions.PLUGS_OUT)
        .asks(List.of(new Ask.Oil("cylinders oiled", on.engine())))
        .minutes(15)
        .written();
  }
}
