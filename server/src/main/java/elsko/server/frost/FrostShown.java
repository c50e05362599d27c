package elsko.server.frost;

import elsko.core.frost.FrostClock;
import elsko.core.frost.Outlook;
import elsko.core.frost.Tonight;
import elsko.core.frost.WhatIf;
import elsko.core.ledger.BoatState;
import elsko.server.frost.FleetFrost.Dated;
import elsko.server.frost.FleetFrost.Standing;
import elsko.server.live.Changed;
import elsko.server.live.Kept;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The frost clock over the yard as it is shown. What would change a boat's night is tried once for
 * each state of that boat; the whole is put together once after each change.
 */
@Service
class FrostShown {
  static final int NIGHTS = 14;

  private final FleetFrost frost;
  private final Weather weather;
  private final Clock time;
  private final Kept<LocalDateTime, FrostView> yard = new Kept<>();
  private final Kept<LocalDateTime, Weather.WeatherView> told = new Kept<>();
  private final Map<UUID, Lines> lines = new ConcurrentHashMap<>();

  FrostShown(FleetFrost frost, Weather weather, Clock time) {
    this.frost = frost;
    this.weather = weather;
    this.time = time;
  }

  /** What is said of one boat, as it stood. */
  private record Lines(
      FrostClock clock,
      Dated dated,
      Tried tried,
      FrostView.BoatFrost line,
      FrostView.@Nullable TonightView tonight) {}

  /** Behind what it rests on, before screens are told. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  @Order(Ordered.HIGHEST_PRECEDENCE + 10)
  void forget(Changed changed) {
    if (changed.what() == Changed.What.JOBS) {
      return;
    }
    yard.forget();
    if (changed.what() == Changed.What.WEATHER) {
      told.forget();
    }
  }

  FrostView yard() {
    return yard.of(LocalDateTime.now(time).truncatedTo(ChronoUnit.HOURS), this::made);
  }

  private FrostView made(LocalDateTime hour) {
    FrostClock clock = frost.clock();
    if (clock == null) {
      return new FrostView(
          false,
          weather.today(),
          told.of(hour, each -> weather.view()),
          List.of(),
          List.of(),
          List.of());
    }
    List<Lines> all = frost.dated().stream().map(dated -> lines(clock, dated)).toList();
    return new FrostView(
        true,
        weather.today(),
        told.of(hour, each -> weather.view()),
        clock.ensemble().nights(NIGHTS),
        all.stream().filter(one -> !one.dated().waters().isEmpty()).map(Lines::line).toList(),
        all.stream()
            .map(Lines::tonight)
            .filter(Objects::nonNull)
            .sorted(Comparator.comparingDouble(FrostView.TonightView::loss).reversed())
            .toList());
  }

  private Lines lines(FrostClock clock, Dated dated) {
    UUID boat = dated.standing().boat();
    Lines known = lines.get(boat);
    if (known != null && known.dated() == dated && known.clock() == clock) {
      return known;
    }
    boolean same =
        known != null && known.dated().outlook() == dated.outlook() && known.clock() == clock;
    Tried tried = same ? known.tried() : new Tried(clock, dated);
    Lines made = new Lines(clock, dated, tried, line(dated), tonight(clock, dated, tried));
    lines.put(boat, made);
    return made;
  }

  /** What would change a boat's night: tried when it is asked for, once. */
  private static final class Tried {
    private final FrostClock clock;
    private final Dated dated;
    private @Nullable List<WhatIf> ways;

    Tried(FrostClock clock, Dated dated) {
      this.clock = clock;
      this.dated = dated;
    }

    synchronized List<WhatIf> ways() {
      List<WhatIf> known = ways;
      if (known == null) {
        known = tried(clock, dated);
        ways = known;
      }
      return known;
    }
  }

  static List<WhatIf> tried(FrostClock clock, Dated dated) {
    return WhatIf.of(clock, dated.standing().enclosure(), dated.waters(), dated.outlook());
  }

  private static FrostView.BoatFrost line(Dated dated) {
    Outlook outlook = dated.outlook();
    return new FrostView.BoatFrost(
        dated.standing().boat(),
        outlook.deadline(),
        outlook.evenOdds(),
        outlook.deadline() == null
            ? null
            : (Integer) (int) ChronoUnit.DAYS.between(outlook.first(), outlook.deadline()),
        outlook.shareBy(outlook.first().plusDays(NIGHTS - 1)),
        outlook.firstToGo() == null ? null : outlook.firstToGo().name());
  }

  private static FrostView.@Nullable TonightView tonight(
      FrostClock clock, Dated dated, Tried tried) {
    Standing standing = dated.standing();
    BoatState state = standing.state();
    Tonight tonight =
        Tonight.concerns(dated.outlook(), dated.past())
            ? Tonight.of(state.protection(), dated.outlook(), dated.past(), tried.ways())
            : Tonight.ofAccepted(state, clock.ensemble().nights(1).get(0));
    return tonight == null
        ? null
        : new FrostView.TonightView(
            standing.boat(),
            standing.name(),
            state.berth(),
            tonight.words(),
            tonight.action(),
            tonight.loss());
  }
}
