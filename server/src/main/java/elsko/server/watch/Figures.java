package elsko.server.watch;

import elsko.server.disk.Disk;
import elsko.server.edges.WaitingBodies;
import elsko.server.jobs.Jobs;
import elsko.server.live.Listeners;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.binder.MeterBinder;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What of Elsko itself is counted beside what every server counts. */
@Configuration(proxyBeanMethods = false)
class Figures {
  @Bean
  MeterBinder elskosOwn(
      Listeners listeners, WaitingBodies bodies, ObjectProvider<Jobs> jobs, Disk disk) {
    return registry -> {
      Gauge.builder("elsko.screens", listeners, Listeners::count)
          .description("open screens that are told of changes")
          .register(registry);
      Gauge.builder("elsko.bodies.waiting", bodies, WaitingBodies::count)
          .description("requests whose body has not come whole")
          .register(registry);
      Gauge.builder("elsko.jobs.running", jobs, each -> each.getObject().underWay())
          .description("what takes long, under way")
          .register(registry);
      Gauge.builder("elsko.disk.free", disk, Disk::free)
          .baseUnit("bytes")
          .description("what can still be written")
          .register(registry);
      Gauge.builder("elsko.keeps", disk, each -> each.whyNotKept() == null ? 1 : 0)
          .description("1 while what is said is kept")
          .register(registry);
    };
  }
}
