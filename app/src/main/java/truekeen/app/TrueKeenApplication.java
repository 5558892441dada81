package truekeen.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.scheduling.annotation.EnableScheduling;
import truekeen.app.backup.BackupCommand;

/** Starts the service. */
@SpringBootApplication
@EnableScheduling
@ConfigurationPropertiesScan
@EnableJpaRepositories(considerNestedRepositories = true)
public class TrueKeenApplication {
    /** Starts the service, or does a backup by command. */
    public static void main(String[] arguments) {
        if (BackupCommand.asked(arguments)) {
            System.exit(BackupCommand.run(arguments));
        }
        SpringApplication.run(TrueKeenApplication.class, arguments);
    }
}
