package elsko.server.yard;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import elsko.core.Units;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Method;
import elsko.core.fluid.Policy;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.circuit.ProofRules;
import elsko.core.ledger.rules.YardRules;
import elsko.core.limits.BeltSchool;
import elsko.core.limits.Interval;
import elsko.core.procedure.request.Practices;
import elsko.server.audit.About;
import elsko.server.audit.Audit;
import elsko.server.clock.YardClock;
import elsko.server.live.Changed;
import elsko.server.live.Kept;
import elsko.server.problems.NotFound;
import elsko.server.problems.StaleEdit;
import java.time.Instant;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Reads and changes the yard. */
@Service
public class Yards {
  private static final String THE_YARD = "the yard";

  private static final Pattern ADDRESS =
      Pattern.compile("https?://[A-Za-z0-9.\\-\\[\\]:]+(/[A-Za-z0-9._/\\-]*)?");

  private final YardRepository yards;
  private final YardMethodRepository methods;
  private final ApplicationEventPublisher events;
  private final YardClock clock;
  private final Audit audit;
  private final Kept<String, Decided> decided = new Kept<>();

  Yards(
      YardRepository yards,
      YardMethodRepository methods,
      ApplicationEventPublisher events,
      YardClock clock,
      Audit audit) {
    this.yards = yards;
    this.methods = methods;
    this.events = events;
    this.clock = clock;
    this.audit = audit;
  }

  public boolean none() {
    return yards.count() == 0;
  }

  @Transactional
  public void found(String name) {
    yards.save(new Yard(name, Need.DEFAULT, clock.getZone(), false));
  }

  /** A made-up yard, whose accounts everybody knows. */
  @Transactional
  public void foundToDemonstrate(String name) {
    yards.save(new Yard(name, Need.DEFAULT, clock.getZone(), true));
  }

  @Transactional(readOnly = true)
  public boolean isDemonstration() {
    return one().demonstration();
  }

  /** The clock goes by the zone this yard keeps; one that keeps none yet keeps the clock's. */
  @Transactional
  public void setTheClock() {
    yards
        .findById(Yard.THE_ONE)
        .ifPresent(
            yard -> {
              if (yard.timeZone() == null) {
                yard.standsIn(clock.getZone());
              }
              clock.movesTo(yard.timeZone());
            });
  }

  /**
   * Whether newer rules than those of the last start judge this yard's boats; says so once.
   *
   * @return false where there is no yard yet
   */
  @Transactional
  public boolean isJudgedByNewerRules() {
    Yard yard = yards.findById(Yard.THE_ONE).orElse(null);
    if (yard == null || yard.judgedBy() >= ProofRules.EDITION) {
      return false;
    }
    yard.judgedBy(ProofRules.EDITION);
    return true;
  }

  @TransactionalEventListener
  void moved(ZoneChanged changed) {
    clock.movesTo(changed.zone());
  }

  @Transactional(readOnly = true)
  public YardView view() {
    return viewOf(one());
  }

  /** The units whoever did not choose their own reads in. */
  @Transactional(readOnly = true)
  public Units units() {
    return yards.findById(Yard.THE_ONE).map(Yard::units).orElse(Units.METRIC);
  }

  /** Where the yard is reached; empty while nobody has said. */
  @Transactional(readOnly = true)
  public String address() {
    return one().address();
  }

  @Transactional(readOnly = true)
  public Need need() {
    return decided().need();
  }

  /** Read once until somebody decides otherwise; never in the midst of that. */
  private Decided decided() {
    return decided.of(
        THE_YARD,
        one -> {
          Yard yard = one();
          return new Decided(
              yard.need(),
              yard.countersignSince(),
              new Practices(
                  yard.kickAllowed(),
                  Map.copyOf(chosenMethods()),
                  yard.beltSchool(),
                  yard.batteryYears(),
                  Set.copyOf(yard.othersWay())));
        });
  }

  /** What the yard has decided, as every fold and card needs it. */
  private record Decided(Need need, @Nullable Instant countersignSince, Practices practices) {}

  /** First of all who hear of it. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void forget(Changed changed) {
    if (changed.what() == Changed.What.YARD) {
      decided.forget();
    }
  }

  /** What the yard asks before it calls a circuit proven. */
  @Transactional(readOnly = true)
  public ProofRules proofRules() {
    Decided now = decided();
    return new ProofRules(now.need(), now.countersignSince(), clock.instant(), clock.getZone());
  }

  /** What the yard itself decides about the interlocks. */
  @Transactional(readOnly = true)
  public YardRules rules() {
    return new YardRules(decided().practices().kickAllowed(), clock.getZone());
  }

  /** How this yard does things where the trade has more than one school. */
  @Transactional(readOnly = true)
  public Practices practices() {
    return decided().practices();
  }

  private Map<Layout, Method> chosenMethods() {
    Map<Layout, Method> chosen = new EnumMap<>(Layout.class);
    methods.findAll().forEach(row -> chosen.put(row.layout(), row.method()));
    return chosen;
  }

  /** Changes name, need and policy. Refuses a stale edit. */
  @Transactional
  public YardView change(YardChange change, String ifMatch, String by) {
    Yard yard = one();
    StaleEdit.refuseUnless(yard.version(), ifMatch);
    YardView before = viewOf(yard);
    String name = change.name() == null ? "" : change.name().strip();
    if (name.isEmpty() || name.length() > 80) {
      throw Refused.value("name", "The yard's name has 1 to 80 characters.");
    }
    Need need = need(change.designLowC(), change.marginK(), change.policy());
    yard.change(name, need, Boolean.TRUE.equals(change.kickAllowed()));
    yard.askForCountersign(Boolean.TRUE.equals(change.countersign()), clock.instant());
    if (change.containerLiters() != null) {
      yard.buysIn(checkedSizes(change.containerLiters()));
    }
    Practices practices =
        new Practices(
            yard.kickAllowed(),
            Map.of(),
            change.beltSchool() == null ? yard.beltSchool() : change.beltSchool(),
            change.batteryYears() == null ? yard.batteryYears() : change.batteryYears(),
            change.othersWay() == null ? yard.othersWay() : intervals(change.othersWay()));
    yard.follow(practices);
    if (change.units() != null) {
      yard.readsIn(change.units());
    }
    if (change.timeZone() != null) {
      yard.standsIn(checkedZone(change.timeZone()));
      events.publishEvent(new ZoneChanged(yard.timeZone()));
    }
    if (change.address() != null) {
      yard.isReachedAt(checkedAddress(change.address()));
    }
    yards.saveAndFlush(yard);
    if (change.methods() != null && !change.methods().equals(before.methods())) {
      methods.deleteAllInBatch();
      change.methods().forEach((layout, method) -> keep(layout, method));
    }
    YardView after = viewOf(yard);
    String differs = Differs.words(before, after);
    if (differs.isEmpty()) {
      return before;
    }
    audit.note(About.SETTINGS, differs);
    events.publishEvent(Changed.yard());
    if (!judging(before).equals(judging(after))) {
      events.publishEvent(new NeedChanged(by));
    }
    return after;
  }

  private void keep(Layout layout, Method method) {
    if (layout != null && method != null) {
      methods.save(new YardMethod(layout, method));
    }
  }

  private Yard one() {
    return yards
        .findById(Yard.THE_ONE)
        .orElseThrow(() -> new NotFound("yard", "The yard is not set up yet."));
  }

  private YardView viewOf(Yard yard) {
    Need need = yard.need();
    return new YardView(
        yard.name(),
        need.designLowC(),
        need.marginK(),
        need.policy(),
        yard.kickAllowed(),
        yard.countersignSince() != null,
        yard.containerLiters(),
        chosenMethods(),
        yard.beltSchool(),
        yard.batteryYears(),
        yard.othersWay().stream().map(Interval::key).sorted().toList(),
        yard.units(),
        yard.timeZone().getId(),
        yard.address(),
        yard.version());
  }

  /** What boats are judged by. */
  private static List<Object> judging(YardView view) {
    return List.of(
        view.designLowC(),
        view.marginK(),
        view.policy(),
        view.kickAllowed(),
        view.countersign(),
        view.methods(),
        view.beltSchool(),
        view.batteryYears(),
        view.othersWay(),
        view.timeZone());
  }

  private static List<Double> checkedSizes(List<Double> sizes) {
    boolean good =
        !sizes.isEmpty()
            && sizes.size() <= 8
            && sizes.stream().allMatch(size -> size != null && size >= 0.1 && size <= 1000);
    if (!good) {
      throw Refused.value(
          "containerLiters",
          Text.of(
              "Give 1 to 8 sizes of container, %s to %s.",
              Quantity.liters(0.1).precisely().withoutUnit(), Quantity.liters(1_000)));
    }
    return sizes.stream().distinct().sorted().toList();
  }

  private static ZoneId checkedZone(String name) {
    if (!ZoneId.getAvailableZoneIds().contains(name.strip())) {
      throw Refused.value(
          "timeZone", "No time zone is called that. Pick one of the list, like CET or UTC.");
    }
    return ZoneId.of(name.strip());
  }

  private static String checkedAddress(String typed) {
    String address = typed.strip().replaceAll("/+$", "");
    if (!address.isEmpty() && !(address.length() <= 200 && ADDRESS.matcher(address).matches())) {
      throw Refused.value(
          "address",
          "An address begins with https:// or http:// and names a machine, like https://yard.example:8443.");
    }
    return address;
  }

  private static Set<Interval> intervals(List<String> keys) {
    return keys.stream().map(Interval::of).collect(Collectors.toUnmodifiableSet());
  }

  /** A frost standard as somebody typed it; refused by its field where it cannot be one. */
  public static Need need(
      @Nullable Double designLowC, @Nullable Double marginK, @Nullable Policy policy) {
    return new Need(required("designLowC", designLowC), required("marginK", marginK), policy);
  }

  private static double required(String field, Double value) {
    if (value == null) {
      throw Refused.value(field, "Must be a number.");
    }
    return value;
  }

  /** The yard's name and what it guards against. */
  public record YardView(
      String name,
      double designLowC,
      double marginK,
      Policy policy,
      boolean kickAllowed,
      boolean countersign,
      List<Double> containerLiters,
      Map<Layout, Method> methods,
      BeltSchool beltSchool,
      int batteryYears,
      List<String> othersWay,
      Units units,
      String timeZone,
      String address,
      long version) {}

  /** What can be changed of it. */
  public record YardChange(
      String name,
      Double designLowC,
      Double marginK,
      Policy policy,
      Boolean kickAllowed,
      Boolean countersign,
      List<Double> containerLiters,
      Map<Layout, Method> methods,
      BeltSchool beltSchool,
      Integer batteryYears,
      @Nullable List<String> othersWay,
      @Nullable Units units,
      @Nullable String timeZone,
      @Nullable String address) {}

  /** The yard's clock shows another hour from now on. */
  record ZoneChanged(ZoneId zone) {}

  /** Frost standard has changed: stored readings are judged again. */
  public record NeedChanged(String by) {}
}
