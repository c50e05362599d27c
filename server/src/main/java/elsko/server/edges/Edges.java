package elsko.server.edges;

import elsko.server.problems.ProblemWriter;
import jakarta.servlet.DispatcherType;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;

/** What stands at the edge, and in which order. */
@Configuration(proxyBeanMethods = false)
class Edges {
  /** Right behind the gate, which stands at -100. */
  private static final int BEHIND_THE_GATE = -90;

  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> lines() {
    return factory -> factory.addEngineValves(new Line.Marks());
  }

  @Bean
  FilterRegistrationBean<FirstLook> firstLook(WaitingBodies waiting, ProblemWriter problems) {
    FilterRegistrationBean<FirstLook> first =
        new FilterRegistrationBean<>(new FirstLook(waiting, problems, new Memory()));
    first.setOrder(Ordered.HIGHEST_PRECEDENCE);
    first.setDispatcherTypes(DispatcherType.REQUEST, DispatcherType.ASYNC);
    return first;
  }

  @Bean
  FilterRegistrationBean<Bodies> bodies(WaitingBodies waiting, ProblemWriter problems) {
    FilterRegistrationBean<Bodies> bodies =
        new FilterRegistrationBean<>(new Bodies(waiting, problems));
    bodies.setOrder(BEHIND_THE_GATE);
    bodies.setDispatcherTypes(DispatcherType.REQUEST, DispatcherType.ASYNC);
    return bodies;
  }
}
