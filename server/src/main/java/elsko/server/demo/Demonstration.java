package elsko.server.demo;

import elsko.server.bench.Shelf;
import elsko.server.castoff.CastOffs;
import elsko.server.fleet.Fleet;
import elsko.server.frost.SimulatedWeatherService;
import elsko.server.frost.Weather;
import elsko.server.kit.Kit;
import elsko.server.plan.Promises;
import elsko.server.plan.Walks;
import elsko.server.plan.crew.Crew;
import elsko.server.stores.Stores;
import elsko.server.work.log.Log;
import elsko.server.yard.Berths;
import elsko.server.yard.Yards;
import java.time.Clock;
import org.springframework.beans.factory.BeanFactory;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.support.GenericApplicationContext;

/**
 * Adds the made-up yard where it is asked for. Asked at the start and not by a condition, for
 * conditions are worked out when Elsko is built, and the same build serves a yard's own data.
 */
final class Demonstration implements ApplicationContextInitializer<GenericApplicationContext> {
  @Override
  public void initialize(GenericApplicationContext context) {
    if (context.getEnvironment().getProperty("elsko.demo", Boolean.class, false)) {
      context.registerBean(SimulatedWeatherService.class, SimulatedWeatherService::new);
      context.registerBean(FennholmYard.class, () -> yard(context));
    }
  }

  private static FennholmYard yard(BeanFactory beans) {
    Fleet fleet = beans.getBean(Fleet.class);
    return new FennholmYard(
        beans.getBean(Yards.class),
        beans.getBean(Berths.class),
        beans.getBean(Shelf.class),
        fleet,
        beans.getBean(Log.class),
        beans.getBean(Weather.class),
        beans.getBean(SimulatedWeatherService.class),
        new FennholmCrew(
            beans.getBean(Crew.class),
            fleet,
            beans.getBean(Walks.class),
            beans.getBean(Promises.class)),
        new FennholmTanks(fleet, beans.getBean(CastOffs.class)),
        new FennholmStores(beans.getBean(Stores.class)),
        new FennholmKit(beans.getBean(Kit.class)),
        beans.getBean(Clock.class));
  }
}
