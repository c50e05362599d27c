package elsko.core.frost;

import elsko.core.Refused;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Works out for any boat when its water breaks something, in every member of an ensemble. Boats
 * that share enclosure and pocket kinds are computed once. May be asked from several threads.
 */
public final class FrostClock {
  /** A boat is late from the day its share passes this. */
  public static final double DEADLINE_SHARE = 0.05;

  private static final double EVEN_ODDS_SHARE = 0.5;

  private final Ensemble ensemble;
  private final int startHour;
  private final FrostMemory memory;
  private final Map<Enclosure, double[][]> inside = new ConcurrentHashMap<>();
  private final Map<Kind, double[]> known = new ConcurrentHashMap<>();

  private record Kind(Enclosure enclosure, Pocket pocket, Stand stand) {}

  /** Without a memory: everything is as warm as the air when the clock begins. */
  public FrostClock(Ensemble ensemble, int startHour) {
    this(ensemble, startHour, null);
  }

  /**
   * @param startHour the hour of the ensemble's first day at which it begins, 0 to 23, where
   *     nothing says how weather has left a pocket
   * @param memory of the days before; null when there is none
   */
  public FrostClock(Ensemble ensemble, int startHour, FrostMemory memory) {
    Refused.within("startHour", startHour, 0, 23, " h");
    this.ensemble = ensemble;
    this.startHour = startHour;
    this.memory = memory;
  }

  public Ensemble ensemble() {
    return ensemble;
  }

  /** Hours from the ensemble's first midnight to damage in each member; NaN for never. */
  public double[] hoursToDamage(Enclosure enclosure, Pocket pocket, Stand stand) {
    return known.computeIfAbsent(new Kind(enclosure, pocket, stand), this::compute);
  }

  private double[] compute(Kind kind) {
    double[][] air = inside.computeIfAbsent(kind.enclosure(), this::insideC);
    double[] hours = new double[air.length];
    for (int member = 0; member < hours.length; member++) {
      hours[member] = alone(air[member], member, kind.pocket(), kind.stand());
    }
    return hours;
  }

  /** One pocket in one member, not shared with anything. */
  double alone(double[] air, int member, Pocket pocket, Stand stand) {
    if (stand != null && stand.damaged()) {
      return 0;
    }
    int from = stand == null ? startHour : stand.hour();
    boolean asTheAir = stand == null || stand.temperatureC() == null;
    double start =
        asTheAir ? from == 0 ? ensemble.startC(member) : air[from - 1] : stand.temperatureC();
    PocketRun run = new PocketRun(pocket, start, stand == null ? 0 : stand.ice());
    return from + run.hoursToDamage(air, from);
  }

  /** Hours to damage of some pockets in each member, one after another; nothing is shared. */
  public double[] unshared(Enclosure enclosure, List<CircuitWater.Held> pockets) {
    double[][] air = inside.computeIfAbsent(enclosure, this::insideC);
    double[] hours = new double[pockets.size() * air.length];
    for (int i = 0; i < pockets.size(); i++) {
      CircuitWater.Held held = pockets.get(i);
      for (int member = 0; member < air.length; member++) {
        hours[i * air.length + member] = alone(air[member], member, held.pocket(), held.stand());
      }
    }
    return hours;
  }

  double[][] insideC(Enclosure enclosure) {
    Double start = memory == null ? null : memory.lastC(enclosure);
    double[][] air = new double[ensemble.members()][];
    for (int member = 0; member < air.length; member++) {
      air[member] = enclosure.insideC(ensemble, member, start);
    }
    return air;
  }

  /** The same water as the weather on record has left it; as it is, without a memory. */
  public List<CircuitWater> remembered(List<Sheltered> shelters, List<CircuitWater> waters) {
    if (memory == null) {
      return waters;
    }
    return waters.stream()
        .map(
            water ->
                new CircuitWater(
                    water.circuit(),
                    water.name(),
                    water.pockets().stream()
                        .map(held -> held.standing(memory.stand(shelters, held)))
                        .toList()))
        .toList();
  }

  /** By when a boat must be dealt with that stands like this and holds this. */
  public Outlook outlook(Enclosure enclosure, List<CircuitWater> waters) {
    Worst boat = new Worst();
    double[] loss = new double[ensemble.days()];
    List<Outlook.OfCircuit> circuits = new ArrayList<>();
    for (CircuitWater water : waters) {
      Worst circuit = new Worst();
      for (CircuitWater.Held held : water.pockets()) {
        double[] hours = hoursToDamage(enclosure, held.pocket(), held.stand());
        Outlook.FirstToGo goes =
            new Outlook.FirstToGo(water.circuit(), water.name(), held.segment(), held.name());
        circuit.add(goes, hours);
        boat.add(goes, hours);
        addLoss(loss, hours, held.kind().repairCost());
      }
      double[] share = circuit.share();
      circuits.add(
          new Outlook.OfCircuit(
              water.circuit(),
              water.name(),
              deadline(share),
              evenOdds(share),
              circuit.firstToGo()));
    }
    double[] share = boat.share();
    return new Outlook(
        ensemble.first(),
        deadline(share),
        evenOdds(share),
        boxed(share),
        boxed(loss),
        boat.firstToGo(),
        List.copyOf(circuits));
  }

  private LocalDate deadline(double[] share) {
    int passes = firstAbove(share, DEADLINE_SHARE);
    return passes < 0 ? null : ensemble.first().plusDays(passes - 1L);
  }

  private LocalDate evenOdds(double[] share) {
    int passes = firstAbove(share, EVEN_ODDS_SHARE);
    return passes < 0 ? null : ensemble.first().plusDays(passes);
  }

  private static int firstAbove(double[] share, double limit) {
    for (int day = 0; day < share.length; day++) {
      if (share[day] > limit) {
        return day;
      }
    }
    return -1;
  }

  private void addLoss(double[] loss, double[] hours, double cost) {
    for (double hour : hours) {
      for (int day = dayOf(hour); day < loss.length; day++) {
        loss[day] += cost / hours.length;
      }
    }
  }

  /** The day an hour is in; beyond all days for never. */
  private int dayOf(double hour) {
    return Double.isNaN(hour) ? Integer.MAX_VALUE : (int) (hour / 24);
  }

  private static List<Double> boxed(double[] values) {
    return Arrays.stream(values).boxed().toList();
  }

  /** Of several pockets, in each member the one that goes first. */
  private final class Worst {
    private final double[] hours = new double[ensemble.members()];
    private final Outlook.FirstToGo[] goes = new Outlook.FirstToGo[hours.length];

    Worst() {
      Arrays.fill(hours, Double.NaN);
    }

    void add(Outlook.FirstToGo pocket, double[] of) {
      for (int member = 0; member < hours.length; member++) {
        if (!Double.isNaN(of[member]) && !(of[member] >= hours[member])) {
          hours[member] = of[member];
          goes[member] = pocket;
        }
      }
    }

    double[] share() {
      double[] share = new double[ensemble.days()];
      for (double hour : hours) {
        for (int day = dayOf(hour); day < share.length; day++) {
          share[day] += 1.0 / hours.length;
        }
      }
      return share;
    }

    /** The one that goes first in most members; of equals, the one that was added first. */
    Outlook.FirstToGo firstToGo() {
      Map<Outlook.FirstToGo, Integer> times = new LinkedHashMap<>();
      for (Outlook.FirstToGo pocket : goes) {
        if (pocket != null) {
          times.merge(pocket, 1, Integer::sum);
        }
      }
      Outlook.FirstToGo most = null;
      for (var entry : times.entrySet()) {
        if (most == null || entry.getValue() > times.get(most)) {
          most = entry.getKey();
        }
      }
      return most;
    }
  }
}
