package truekeen.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;

/** Starts the service. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableJpaRepositories(considerNestedRepositories = true)
public class TrueKeenApplication {
    /** Starts the service. */
    public static void main(String[] arguments) {
        SpringApplication.run(TrueKeenApplication.class, arguments);
    }
}
