package elsko.server;

import elsko.server.demo.FennholmYard;
import elsko.server.people.FirstCoordinator;
import elsko.server.yard.FirstYard;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/** Fills an empty data folder before the first request is answered. */
@Component
class FirstStart implements SmartInitializingSingleton {
  private final FirstCoordinator coordinator;
  private final FirstYard yard;
  private final ObjectProvider<FennholmYard> demo;

  FirstStart(FirstCoordinator coordinator, FirstYard yard, ObjectProvider<FennholmYard> demo) {
    this.coordinator = coordinator;
    this.yard = yard;
    this.demo = demo;
  }

  @Override
  public void afterSingletonsInstantiated() {
    coordinator.prepare();
    yard.prepare();
    demo.ifAvailable(FennholmYard::prepare);
  }
}
