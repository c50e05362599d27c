package elsko.server.disk;

import elsko.server.problems.ProblemWriter;
import jakarta.persistence.EntityManagerFactory;
import jakarta.servlet.DispatcherType;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.task.ThreadPoolTaskSchedulerCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.transaction.PlatformTransactionManager;

/** Where the disk is asked. */
@Configuration(proxyBeanMethods = false)
class Setting {
  private static final Logger LOG = LoggerFactory.getLogger(Setting.class);

  @Bean
  PlatformTransactionManager transactionManager(EntityManagerFactory entities, Disk disk) {
    return new KeepsOnlyWithRoom(entities, disk);
  }

  @Bean
  FilterRegistrationBean<NotNow> notNow(Disk disk, ProblemWriter problems) {
    FilterRegistrationBean<NotNow> filter =
        new FilterRegistrationBean<>(new NotNow(disk, problems));
    filter.setOrder(Ordered.HIGHEST_PRECEDENCE + 1);
    filter.setDispatcherTypes(DispatcherType.REQUEST, DispatcherType.ASYNC);
    return filter;
  }

  /** What is done by the clock fails as well; nobody has to read that every few seconds. */
  @Bean
  ThreadPoolTaskSchedulerCustomizer saysOnce(Disk disk) {
    return scheduler ->
        scheduler.setErrorHandler(
            thrown -> {
              if (disk.saw(thrown) == null) {
                LOG.error("What is done by the clock failed", thrown);
              }
            });
  }
}
