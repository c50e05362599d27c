package elsko.server.said;

import elsko.server.names.NamesInJson;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is said is read and written by its listed names. */
@Configuration(proxyBeanMethods = false)
class SaidInJson {
  @Bean
  JsonMapperBuilderCustomizer entriesByTheirNames() {
    return mapper -> mapper.propertyNamingStrategy(NamesInJson.sent(Said.class));
  }
}
